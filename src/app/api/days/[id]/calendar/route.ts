import { dayAsFile } from '@/server/dayJob';
import { answer, fileAnswer } from '@/server/planRequests';

/** The day as an iCalendar file: everybody's, or `?person=` one's own. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const { id } = await params;
    const only = new URL(request.url).searchParams.get('person');
    const { name, file } = await dayAsFile(id, {
      as: 'calendar',
      id,
      stamp: new Date().toISOString(),
      ...(only && { only }),
    });
    return fileAnswer(file.toString('utf8'), { name, extension: 'ics', type: 'text/calendar' });
  }, 'look');

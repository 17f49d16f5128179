import * as z from 'zod';
import { oneOf } from '@/core/fields';
import { PAPER_IDS } from '@/core/templates/page';
import { DAY_SHEETS } from '@/core/schedule/paper';
import { check } from '@/server/check';
import { dayAsFile } from '@/server/dayJob';
import { answer, fileAnswer } from '@/server/planRequests';

const askedSchema = z.object({
  sheet: oneOf('sheet', DAY_SHEETS),
  paper: oneOf('paper', PAPER_IDS).default('a4'),
});

/** A day on paper as a PDF: `?sheet=people|bowls|allergens|labels&paper=a4|letter`. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const asked = check(askedSchema, Object.fromEntries(new URL(request.url).searchParams));
    const { name, file } = await dayAsFile((await params).id, { as: 'pdf', ...asked });
    return fileAnswer(file, {
      name: `${name} ${asked.sheet}`,
      extension: 'pdf',
      type: 'application/pdf',
    });
  }, 'look');

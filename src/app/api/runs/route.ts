import { runsCsv } from '@/core/formats/runsCsv';
import { database } from '@/server/database';
import { answer, fileAnswer } from '@/server/planRequests';
import { listRuns } from '@/server/repositories/runs';

/** Every run of the logbook, as JSON or as a table. */
export const GET = (request: Request) =>
  answer(async () => {
    const runs = listRuns(database());
    return new URL(request.url).searchParams.get('format') === 'csv'
      ? fileAnswer(runsCsv(runs), { name: 'logbook', extension: 'csv', type: 'text/csv' })
      : fileAnswer(
          `${JSON.stringify({ format: 'mortar-sheet/runs', version: 1, runs }, null, 2)}\n`,
          {
            name: 'logbook',
            extension: 'json',
            type: 'application/json',
          },
        );
  }, 'look');

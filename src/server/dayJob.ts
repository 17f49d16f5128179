import { database } from './database';
import { drawPdf, type DayJob } from './pdf/thread';
import { readPreferences } from './preferences';
import { basisPartsOf } from './repositories/basis';
import { getDay } from './repositories/days';
import { plansKept } from './repositories/plans';

/**
 * Solves a day beside the server's own work and gives it as a file.
 * @throws NotFoundError, UnreadableError
 */
export async function dayAsFile(
  id: string,
  what: DayJob['what'],
): Promise<{ readonly name: string; readonly file: Buffer }> {
  const db = database();
  const { day } = getDay(db, id);
  const stored = plansKept(
    db,
    day.services.map(({ planId }) => planId),
  );
  const { units } = await readPreferences();
  const file = await drawPdf({
    kind: 'day',
    day,
    plans: stored.map((each) => [each.id, each.plan]),
    basis: basisPartsOf(
      db,
      stored.map(({ plan }) => plan),
    ),
    units,
    what,
  });
  return { name: day.name, file };
}

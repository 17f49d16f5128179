import { sql } from 'drizzle-orm';
import { isCause, type CauseId } from '@/core/faults/causes';
import type { Database } from '../db/database';
import { runs } from '../db/schema';
import { getKitchen } from './kitchen';

/** How often each cause was found in this kitchen: in the batches of its logbook, and beside them. */
export function foundCauses(db: Database): Partial<Record<CauseId, number>> {
  const found: Partial<Record<CauseId, number>> = {};
  const add = (cause: unknown, times: number) => {
    if (typeof cause === 'string' && isCause(cause)) found[cause] = (found[cause] ?? 0) + times;
  };
  const rows = db
    .select({ traced: sql<string>`json_extract(${runs.summary}, '$.traced')` })
    .from(runs)
    .where(
      sql`iif(json_valid(${runs.summary}), json_type(${runs.summary}, '$.traced'), '') = 'array' and not json_extract(${runs.summary}, '$.struck')`,
    )
    .all();
  for (const { traced } of rows) (JSON.parse(traced) as unknown[]).forEach((each) => add(each, 1));
  for (const [cause, times] of Object.entries(getKitchen(db).found)) add(cause, times);
  return found;
}

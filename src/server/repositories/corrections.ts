import { and, eq, sql } from 'drizzle-orm';
import { v5 } from 'uuid';
import * as z from 'zod';
import { runEventSchema } from '@/core/run/events';
import { write, type Database } from '../db/database';
import { planRevisions, plans } from '../db/schema';
import { addEvents, openRun } from './runs';

/** Names the runs that are made of what older plans held. */
const OF_OLD = '8a3b1c9e-54d7-4f6e-9a0b-2f1d7c3e6b58';

const madeSchema = z.array(
  z.object({ feel: z.string(), kind: z.string(), amount: z.number() }).catch({
    feel: '',
    kind: '',
    amount: 0,
  }),
);

/**
 * Corrections that older plans held in their newest document become an open run of that revision, so that
 * what was done to a batch is not lost when the plan is read as it was planned. Done once for each.
 */
export function bringCorrectionsForward(db: Database): void {
  const made = sql<string>`json_extract(${planRevisions.document}, '$.dough.corrections')`;
  const rows = db
    .select({ planId: plans.id, revision: plans.revision, at: planRevisions.updatedAt, made })
    .from(plans)
    .innerJoin(
      planRevisions,
      and(eq(planRevisions.planId, plans.id), eq(planRevisions.number, plans.revision)),
    )
    .where(
      sql`json_valid(${planRevisions.document}) and json_extract(${planRevisions.document}, '$.version') < 3 and coalesce(json_array_length(${planRevisions.document}, '$.dough.corrections'), 0) > 0`,
    )
    .all();
  if (rows.length === 0) return;
  write(db, (tx) => {
    for (const { planId, revision, at, made: text } of rows) {
      const id = v5(`${planId} ${revision}`, OF_OLD);
      openRun(tx, { id, planId, revision, learnt: [], now: new Date(at) });
      const events = madeSchema.parse(JSON.parse(text)).flatMap(({ feel, kind, amount }, i) => {
        const read = runEventSchema.safeParse({
          id: v5(String(i), id),
          // One after the other, as they were made.
          at: new Date(Date.parse(at) + i).toISOString(),
          kind: 'corrected',
          feel,
          did: kind,
          amount,
        });
        return read.success ? [read.data] : [];
      });
      addEvents(tx, id, events, new Date(at));
    }
  });
}

import { createHash } from 'node:crypto';
import { and, eq, inArray } from 'drizzle-orm';
import * as z from 'zod';
import { basisFrom, type BasisParts } from '@/core/basis/basis';
import { STATES } from '@/core/basis/state';
import { planTally, type PlanTally } from '@/core/plan/evaluatePlan';
import { STATIONS } from '@/core/plan/stations';
import { MARGIN_IDS } from '@/core/risk/margins';
import { writeIfFree, type Database } from '../db/database';
import { planRevisions, plans } from '../db/schema';
import { getBasisParts } from './basis';
import { pantryMark } from './pantry';
import { newest, type StoredPlan } from './plans';

const tallySchema: z.ZodType<PlanTally> = z.object({
  pieces: z.number(),
  portions: z.number(),
  doughG: z.number(),
  fillingG: z.number(),
  weakestLink: z.object({ name: z.enum(MARGIN_IDS), margin: z.number(), state: z.enum(STATES) }),
  verdict: z.object({
    state: z.enum(STATES),
    failing: z.object({ station: z.enum(STATIONS), word: z.string() }).nullable(),
  }),
});

const hash = (text: string): string => createHash('sha256').update(text).digest('base64url');

/**
 * What plans come to, in their order. It is kept with each plan's newest revision, and worked out anew only
 * when the plan, the pantry, what was learnt, or the product itself is another than it was worked out from.
 * @param built which build of the product asks; nothing is kept when left out, for its sums may change any time
 */
export function talliesOf(
  db: Database,
  stored: readonly StoredPlan[],
  { built = process.env.MORTAR_BUILT }: { built?: string | undefined } = {},
): PlanTally[] {
  const parts: BasisParts = getBasisParts(db);
  const { pantry, ...rest } = parts;
  const stands = hash(JSON.stringify([built, pantryMark(db) ?? pantry, rest]));
  const kept = keptTallies(
    db,
    stored.map(({ id }) => id),
  );
  let basis: ReturnType<typeof basisFrom> | null = null;
  const fresh: { readonly plan: StoredPlan; readonly of: string; readonly tally: PlanTally }[] = [];
  const tallies = stored.map((plan) => {
    const of = hash(stands + JSON.stringify(plan.plan));
    const known = built === undefined ? undefined : kept.get(plan.id);
    const read = known?.of === of ? readTally(known.tally) : null;
    if (read) return read;
    basis ??= basisFrom(parts);
    const tally = planTally(plan.plan, basis);
    fresh.push({ plan, of, tally });
    return tally;
  });
  if (built !== undefined && fresh.length > 0) keepTallies(db, fresh);
  return tallies;
}

function keptTallies(
  db: Database,
  ids: string[],
): ReadonlyMap<string, { readonly tally: string | null; readonly of: string | null }> {
  const rows = db
    .select({ id: plans.id, tally: planRevisions.tally, of: planRevisions.tallyOf })
    .from(plans)
    .innerJoin(planRevisions, newest)
    .where(inArray(plans.id, ids))
    .all();
  return new Map(rows.map(({ id, ...row }) => [id, row]));
}

function readTally(text: string | null): PlanTally | null {
  try {
    return tallySchema.parse(JSON.parse(text ?? ''));
  } catch {
    return null;
  }
}

/** Puts tallies beside their revisions. They only save time. */
function keepTallies(
  db: Database,
  fresh: readonly { readonly plan: StoredPlan; readonly of: string; readonly tally: PlanTally }[],
): void {
  writeIfFree(db, (tx) => {
    for (const { plan, of, tally } of fresh) {
      tx.update(planRevisions)
        .set({ tally: JSON.stringify(tally), tallyOf: of })
        .where(and(eq(planRevisions.planId, plan.id), eq(planRevisions.number, plan.revision)))
        .run();
    }
  });
}

import { startingBasis } from '../basis/basis';
import type { DrillGear } from '../drills/drill';
import { GENERIC_GEAR, MOST_SEED } from '../drills/drills';
import { NO_SLIPS } from '../faults/batch';
import { withPart } from '../plan/document/patch';
import type { Plan } from '../plan/document/schema';
import { modelOf } from '../risk/modelOf';
import { startingPlans } from '../plan/starting/startingPlans';
import { requireInRange } from '../range';
import { seeded } from '../seeded';
import { FAMILY_IDS } from '../shapes/families';
import { sheetsOf } from '../sheet/setting';
import { QUIRK_IDS, quirkOf, type QuirkId } from './quirks';
import { plannedLabel, type Standing } from './standing';

/** A simulated kitchen: what is to be made in it, and what its cook does not know of it. */
export interface PaperBatch {
  readonly seed: number;
  readonly quirks: readonly QuirkId[];
  readonly start: Standing;
}

const WAITS_MIN = [40, 90, 150, 300, 1200];
const LEAST_QUIRKS = 2;

/**
 * A batch on paper from its seed: the same seed gives the same, quirks and all.
 * @param seed a whole number from 0 to {@link MOST_SEED}
 * @param hiding quirks in place of those that the seed draws
 * @example paperBatch(7).quirks // ['leavesLess', 'smallEggs', 'heavyHand']
 */
export function paperBatch(
  seed: number,
  { roller }: DrillGear = GENERIC_GEAR,
  hiding?: readonly QuirkId[],
): PaperBatch {
  requireInRange('seed', seed, { min: 0, max: MOST_SEED });
  const chance = seeded(seed);
  const family = chance.of(FAMILY_IDS);
  const waitMin = chance.of(WAITS_MIN);
  const meant = modelOf(
    planned(
      withPart(startingPlans[family], 'sheet', { roller }),
      2 * Math.round(chance.between(6, 20)),
    ),
    startingBasis,
  );
  const groups = new Set<string>();
  const drawn = chance
    .shuffled(QUIRK_IDS)
    .filter((id) => !groups.has(quirkOf(id).group) && groups.add(quirkOf(id).group))
    .slice(0, LEAST_QUIRKS + (chance() < 0.5 ? 1 : 0));
  const quirks = hiding ?? drawn;
  const fresh: Standing = {
    meant,
    // Nothing of it has rested yet.
    plan: withPart(meant.plan, 'dough', { work: { ...meant.plan.dough.work, restMin: 0 } }),
    hands: { leaves: 1, doses: 1 },
    slips: NO_SLIPS,
    share: 1,
    label: plannedLabel(meant),
    wholeSheet: false,
    waitMin,
  };
  return {
    seed,
    quirks,
    start: quirks.reduce((standing, id) => quirkOf(id).enact(standing), fresh),
  };
}

/** The plan of a batch on paper: rolled to a step of the dial, with nothing to spare and flour kept open. */
function planned(plan: Plan, portions: number): Plan {
  const { dough } = modelOf(plan, startingBasis);
  const thicknessMm = sheetsOf(plan.sheet.roller, dough.springBack).reduce(
    (best, { mm }) =>
      Math.abs(mm - plan.sheet.thicknessMm) < Math.abs(best - plan.sheet.thicknessMm) ? mm : best,
    Infinity,
  );
  const made = withPart(plan, 'sheet', { thicknessMm });
  return {
    ...made,
    dough: { ...made.dough, rh: 0.5 },
    batch: { ...made.batch, portions, tasted: 0, breakageShare: 0 },
  };
}

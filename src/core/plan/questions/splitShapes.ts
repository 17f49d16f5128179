import type { Basis } from '../../basis/basis';
import type { State } from '../../basis/state';
import { cutTo } from '../../cutTo';
import { FAMILY_IDS, familyOf, type FamilyId } from '../../shapes/families';
import { PLAN_FIELDS } from '../document/planFields';
import type { Plan } from '../document/schema';
import { evaluatePlan } from '../evaluatePlan';
import { modelOf } from '../../risk/modelOf';
import { changeFamily } from './changeFamily';

/** One shape's share of a batch that is split. */
export interface SplitPart {
  readonly family: FamilyId;
  readonly pieces: number;
  readonly portions: number;
  readonly doseG: number;
  readonly doughG: number;
  readonly fillingG: number;
  readonly leftDoughG: number;
  readonly leftFillingG: number;
  /** Its own verdict. */
  readonly state: State;
  /** The plan of this share. */
  readonly plan: Plan;
}

/** A batch made as several shapes. The first is the plan's own. */
export interface Split {
  readonly parts: readonly SplitPart[];
  readonly leftDoughG: number;
  readonly leftFillingG: number;
}

/** Shapes that one batch is made as, at the most. */
export const MOST_SHAPES = 4;

type Batch = Plan['batch'];

const within = (path: 'batch.doughInHandG' | 'batch.fillingInHandG', g: number): number => {
  const { min, max } = PLAN_FIELDS[path];
  return Math.min(max, Math.max(min, g));
};

/**
 * A plan's batch made as several shapes: its own, and others as they start. Portions, dough or filling are
 * shared out evenly; a dough and a filling that are both in hand are shared, between two shapes, so that both
 * are used up by pieces as they are planned. Null where a share makes not one piece.
 * @param others 1 to 3 shapes beside the plan's own
 * @example splitAmong(plan, ['cappelletti'], basis)?.parts.map(({ pieces }) => pieces) // [22, 22]
 */
export function splitAmong(plan: Plan, others: readonly FamilyId[], basis: Basis): Split | null {
  const { springBack } = modelOf(plan, basis).rolling;
  const own = [...new Set([plan.shape.family, ...others])].slice(0, MOST_SHAPES);
  if (own.length < 2) return null;
  const plans = own.map((family) =>
    named(changeFamily(plan, family, springBack, basis.rules), plan.name),
  );
  const batches = plan.batch.wayIn === 'both' ? usedUp(plans, basis) : evenly(plan.batch, plans);
  const parts = plans.map((each, i) => partOf({ ...each, batch: batches[i]! }, basis));
  if (parts.some(({ pieces }) => pieces < 1)) return null;
  const sum = (key: 'leftDoughG' | 'leftFillingG') =>
    parts.reduce((total, part) => total + part[key], 0);
  return { parts, leftDoughG: sum('leftDoughG'), leftFillingG: sum('leftFillingG') };
}

/**
 * Every other shape as a partner for a plan, the best first: all that holds, then what leaves least, then
 * what changes the doses least.
 * @example bestPartners(plan, basis)[0]?.parts[1]?.family // 'ravioliRound'
 */
export function bestPartners(
  plan: Plan,
  basis: Basis,
  onProgress: (done: number, of: number) => void = () => {},
): Split[] {
  const others = FAMILY_IDS.filter((family) => family !== plan.shape.family);
  const found = others.flatMap((family, i) => {
    const split = splitAmong(plan, [family], basis);
    onProgress(i + 1, others.length);
    return split ?? [];
  });
  const fails = ({ parts }: Split) => parts.filter(({ state }) => state === 'fails').length;
  // A few grams are no matter; another dose than planned is.
  const left = ({ leftDoughG, leftFillingG }: Split) =>
    Math.round((leftDoughG + leftFillingG) / 10);
  const off = ({ parts }: Split) =>
    parts.reduce((sum, { doseG, plan: of }) => sum + Math.abs(doseG / of.shape.doseG - 1), 0);
  return found.sort((a, b) => fails(a) - fails(b) || left(a) - left(b) || off(a) - off(b));
}

const named = (plan: Plan, name: string): Plan => ({
  ...plan,
  name: `${cutTo(name, 90)}, ${familyOf(plan.shape.family).shortName.toLowerCase()}`,
});

/** Even shares of what the batch starts from; portions in whole ones, the first shape taking the odd ones. */
function evenly(batch: Batch, plans: readonly Plan[]): Batch[] {
  const n = plans.length;
  return plans.map((each, i) => ({
    ...each.batch,
    usedShare: undefined,
    // What is in hand is eaten by the same people, some of each shape.
    portions:
      batch.wayIn === 'portions'
        ? Math.max(1, Math.floor(batch.portions / n) + (i < batch.portions % n ? 1 : 0))
        : batch.portions,
    doughInHandG: within('batch.doughInHandG', batch.doughInHandG / n),
    fillingInHandG: within('batch.fillingInHandG', batch.fillingInHandG / n),
  }));
}

/**
 * Shares of dough and filling that two shapes use up, each at its own dose: two balances, two unknowns. More
 * than two share evenly, and so do two that both want more of the same: their doses then settle it.
 */
function usedUp(plans: readonly Plan[], basis: Basis): Batch[] {
  const { batch } = plans[0]!;
  if (plans.length > 2) return evenly(batch, plans).map(heldDose);
  // What each takes of filling for a gram of dough, at the size of its share.
  const perDough = plans.map((plan) => {
    const { filling, dough } = evaluatePlan(
      {
        ...plan,
        batch: {
          ...plan.batch,
          wayIn: 'dough',
          usedShare: undefined,
          doughInHandG: within('batch.doughInHandG', batch.doughInHandG / 2),
        },
      },
      basis,
    );
    return dough.totalG > 0 ? filling.totalG / dough.totalG : 0;
  });
  const [a, b] = perDough as [number, number];
  const wanted = batch.fillingInHandG / batch.doughInHandG;
  const share = (wanted - b) / (a - b);
  if (!(share > LEAST_SHARE && share < 1 - LEAST_SHARE)) {
    return evenly(batch, plans).map(heldDose);
  }
  return [share, 1 - share].map((of, i) => ({
    ...heldDose(plans[i]!.batch),
    usedShare: undefined,
    doughInHandG: within('batch.doughInHandG', Math.round(of * batch.doughInHandG)),
    fillingInHandG: within(
      'batch.fillingInHandG',
      Math.round(of * batch.doughInHandG * perDough[i]!),
    ),
  }));
}

/** A smaller share is no batch of its own. */
const LEAST_SHARE = 0.05;

/** The dose may settle what whole pieces leave; thickness and blank are the shape's own. */
const heldDose = (batch: Batch): Batch => ({
  ...batch,
  mayChange: { dose: true, thickness: false, size: false },
});

function partOf(plan: Plan, basis: Basis): SplitPart {
  const { pieces, portions, filling, dough, leftover, verdict } = evaluatePlan(plan, basis);
  return {
    family: plan.shape.family,
    pieces,
    portions,
    doseG: filling.perPieceG,
    doughG: dough.totalG,
    fillingG: filling.totalG,
    leftDoughG: leftover.doughG,
    leftFillingG: leftover.fillingG,
    state: verdict.state,
    plan,
  };
}

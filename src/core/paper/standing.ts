import { startingBasis } from '../basis/basis';
import type { Slips } from '../faults/batch';
import type { Plan } from '../plan/document/schema';
import type { PlanModel } from '../plan/model/model';
import { modelOf } from '../risk/modelOf';
import { nearestSetting } from '../sheet/setting';

/** What is hidden in the cook and the gear rather than in the bowl. */
export interface HiddenHands {
  /** What the roller leaves, against what its dial is taken for. */
  readonly leaves: number;
  /** What lands in a piece, against what was meant. */
  readonly doses: number;
}

/** A batch on paper as it stands after some of its decisions. */
export interface Standing {
  /** As it is reckoned: what the cook knows. */
  readonly meant: PlanModel;
  /** As it truly is, but for what hands and roller do to it. */
  readonly plan: Plan;
  readonly hands: HiddenHands;
  readonly slips: Slips;
  /** Dough and filling that are made, against what is reckoned. */
  readonly share: number;
  /** The dial's label that sheets are rolled to. */
  readonly label: string;
  /** Whether a sheet is laid with filling from end to end before it is closed. */
  readonly wholeSheet: boolean;
  /** Minutes from the last piece closed to the pot. */
  readonly waitMin: number;
}

/** Thinner, no sheet leaves a roller whole, mm. */
const LEAST_MM = 0.25;

/**
 * A batch as it truly comes out: dose and thickness by this hand and this roller, spring-back by this rest.
 */
export function trulyMade({ plan, hands, label }: Standing): PlanModel {
  const { roller } = plan.sheet;
  const gap = roller.steps.find((step) => step.label === label) ?? roller.steps.at(-1)!;
  const shape = { ...plan.shape, doseG: plan.shape.doseG * hands.doses };
  const rolled = (thicknessMm: number): Plan => ({
    ...plan,
    shape,
    sheet: { ...plan.sheet, thicknessMm },
  });
  const { springBack } = modelOf(rolled(plan.sheet.thicknessMm), startingBasis).dough;
  return modelOf(
    rolled(Math.max(LEAST_MM, gap.mm * (1 + springBack) * hands.leaves)),
    startingBasis,
  );
}

/** The label of the dial’s step that a plan’s sheet is rolled to. */
export const plannedLabel = ({ plan, dough, basis }: PlanModel): string =>
  nearestSetting(plan.sheet.roller, plan.sheet.thicknessMm, dough.springBack, basis.rules).label;

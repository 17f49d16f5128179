import type { Pantry } from '../composition/pantry';
import { FAMILY_IDS, type FamilyId } from '../shapes/families';
import { PLAN_FIELDS } from './planFields';
import { benchTime } from './benchTime';
import { changeFamily } from './changeFamily';
import { planFigures } from './evaluatePlan';
import type { PlanFigures } from './figures';
import type { Plan } from './schema';
import { stateOfMargin, type State } from './state';

/** What the same dough and filling come to as one shape. */
export interface ShapeOutcome {
  readonly family: FamilyId;
  readonly pieces: number;
  readonly portions: number;
  readonly doseG: number;
  readonly benchMin: number;
  readonly trimG: number;
  readonly leftDoughG: number;
  readonly leftFillingG: number;
  readonly lipMargin: number;
  readonly state: State;
  /** The plan as that shape, its own way in kept. */
  readonly plan: Plan;
}

const clamp = (value: number, { min, max }: { min: number; max: number }): number =>
  Math.min(max, Math.max(min, value));

/**
 * The plan's dough and filling made up as every shape, each as it starts, its dose turned so that both
 * are used up: pieces, portions, time, trim. The plan's own shape stands as it is.
 */
export function compareShapes(
  plan: Plan,
  figures: PlanFigures,
  pantry: Pantry,
  onProgress: (done: number, of: number) => void = () => {},
): ShapeOutcome[] {
  const inHand = {
    wayIn: 'both' as const,
    doughInHandG: clamp(figures.dough.totalG, PLAN_FIELDS['batch.doughInHandG']),
    fillingInHandG: clamp(figures.filling.totalG, PLAN_FIELDS['batch.fillingInHandG']),
    mayChange: { dose: true, thickness: false, size: false },
  };
  return FAMILY_IDS.map((family, index) => {
    const as = changeFamily(plan, family, figures.dough.springBack);
    const both: Plan = { ...as, batch: { ...as.batch, ...inHand, usedShare: undefined } };
    const made = planFigures(both, pantry);
    onProgress(index + 1, FAMILY_IDS.length);
    return {
      family,
      pieces: made.pieces,
      portions: made.portions,
      doseG: made.shape.doseG,
      benchMin: benchTime(both, made).totalMin,
      trimG: made.trim.g,
      leftDoughG: made.leftover.doughG,
      leftFillingG: made.leftover.fillingG,
      lipMargin: made.margins.lip,
      state: made.layout.doesNotFit
        ? 'fails'
        : stateOfMargin(Math.min(made.margins.lip, made.margins.thinning)),
      plan: { ...as, shape: { ...as.shape, doseG: Math.round(made.shape.doseG * 10) / 10 } },
    };
  });
}

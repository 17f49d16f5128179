import type { Basis } from '../../basis/basis';
import { FAMILY_IDS, type FamilyId } from '../../shapes/families';
import { PLAN_FIELDS } from '../document/planFields';
import { benchTime } from '../model/benchTime';
import { changeFamily } from './changeFamily';
import { modelOf } from '../../risk/modelOf';
import { marginsOf } from '../../risk/margins';
import { weakestLink } from '../../risk/margins';
import type { Plan } from '../document/schema';
import type { State } from '../../basis/state';

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
  basis: Basis,
  onProgress: (done: number, of: number) => void = () => {},
): ShapeOutcome[] {
  const now = modelOf(plan, basis);
  const { dough, filling } = now.batch.batch;
  const inHand = {
    wayIn: 'both' as const,
    doughInHandG: clamp(dough.inG, PLAN_FIELDS['batch.doughInHandG']),
    fillingInHandG: clamp(filling.inG, PLAN_FIELDS['batch.fillingInHandG']),
    mayChange: { dose: true, thickness: false, size: false },
  };
  return FAMILY_IDS.map((family, index) => {
    const as = changeFamily(plan, family, now.rolling.springBack, basis.rules);
    const both: Plan = { ...as, batch: { ...as.batch, ...inHand, usedShare: undefined } };
    const made = modelOf(both, basis);
    const { batch } = made.batch;
    const { doseG } = made.piece.input;
    const margins = marginsOf(made);
    onProgress(index + 1, FAMILY_IDS.length);
    return {
      family,
      pieces: batch.counts.made,
      portions: batch.portions,
      doseG,
      benchMin: benchTime(made).totalMin,
      trimG: made.batch.run.endsG,
      leftDoughG: batch.dough.leftoverG,
      leftFillingG: batch.filling.leftoverG,
      lipMargin: margins.lip,
      state: made.laying.doesNotFit ? 'fails' : weakestLink(margins, basis.rules).state,
      plan: { ...as, shape: { ...as.shape, doseG: Math.round(doseG * 10) / 10 } },
    };
  });
}

import type { Basis } from '../../basis/basis';
import { applyChange, changesFor } from '../../risk/remedies';
import type { Change } from '../../risk/remedy';
import {
  MARGIN_IDS,
  marginsOf,
  weakestLink,
  type Margins,
  type WeakestLink,
} from '../../risk/margins';
import type { Plan } from '../document/schema';
import { benchTime } from '../model/benchTime';
import type { PlanModel } from '../model/model';
import { modelOf } from '../../risk/modelOf';

/** One way the plan might be made, and what it comes to. */
export interface Variant {
  /** Null for the plan as it stands. */
  readonly change: Change | null;
  readonly plan: Plan;
  readonly margins: Margins;
  readonly weakest: WeakestLink;
  readonly pieces: number;
  readonly doughG: number;
  readonly fillingG: number;
  readonly benchMin: number;
  readonly potMin: number;
  readonly goodForMin: number | null;
}

/**
 * Changes worth setting beside the plan, one of each kind, whether it asks for mending or not: a step
 * thicker, a smaller dose, a wider blank, drained, frozen.
 */
export function variantsOf(model: PlanModel): Change[] {
  const kinds = new Set<Change['kind']>();
  return changesFor(model, MARGIN_IDS).filter(({ kind }) => {
    if (kinds.has(kind)) return false;
    kinds.add(kind);
    return true;
  });
}

/** Works a plan out with one change made, or with none. */
export function variant(plan: Plan, change: Change | null, basis: Basis): Variant {
  const changed = change ? applyChange(plan, change) : plan;
  const model = modelOf(changed, basis);
  const margins = marginsOf(model);
  const { counts, dough, filling } = model.batch.batch;
  return {
    change,
    plan: changed,
    margins,
    weakest: weakestLink(margins, basis.rules),
    pieces: counts.made,
    doughG: dough.inG,
    fillingG: filling.inG,
    benchMin: benchTime(model).totalMin,
    potMin: model.boil.potMin,
    goodForMin: model.hold.goodFor?.minute ?? null,
  };
}

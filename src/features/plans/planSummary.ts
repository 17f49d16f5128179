import type { Basis } from '@/core/basis/basis';
import { planTally } from '@/core/plan/evaluatePlan';
import { familyOf } from '@/core/shapes/families';
import type { StoredPlan } from '@/server/repositories/plans';
import type { PlanSummary } from './PlanList';

/** A stored plan, worked out to what the list shows. */
export function planSummary(
  { id, plan }: StoredPlan,
  made: { times: number; madeOn: string } | undefined,
  basis: Basis,
): PlanSummary {
  const { pieces, portions, doughG, fillingG, weakestLink, fits } = planTally(plan, basis);
  return {
    id,
    name: plan.name,
    tags: plan.tags,
    family: plan.shape.family,
    familyName: familyOf(plan.shape.family).name,
    colour: plan.colour,
    pieces,
    portions,
    doughG,
    fillingG,
    state: fits ? weakestLink.state : 'fails',
    fits,
    weakest: weakestLink.name,
    margin: weakestLink.margin,
    madeTimes: made?.times ?? 0,
    madeOn: made?.madeOn ?? null,
  };
}

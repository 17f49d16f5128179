import type { Pantry } from '@/core/composition/pantry';
import { planFigures } from '@/core/plan/evaluatePlan';
import type { StoredPlan } from '@/server/repositories/plans';
import type { PlanSummary } from './PlanList';

/** A stored plan, worked out to what the list shows. */
export function planSummary(
  { id, plan }: StoredPlan,
  made: { times: number; madeOn: string } | undefined,
  pantry: Pantry,
): PlanSummary {
  const result = planFigures(plan, pantry);
  return {
    id,
    name: plan.name,
    family: plan.shape.family,
    familyName: result.shape.name,
    colour: plan.colour,
    pieces: result.pieces,
    portions: result.portions,
    doughG: result.dough.totalG,
    fillingG: result.filling.totalG,
    state: result.weakestLink.state,
    weakest: result.weakestLink.name,
    margin: result.weakestLink.margin,
    madeTimes: made?.times ?? 0,
    madeOn: made?.madeOn ?? null,
  };
}

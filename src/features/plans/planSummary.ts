import type { PlanTally } from '@/core/plan/evaluatePlan';
import { familyOf } from '@/core/shapes/families';
import type { StoredPlan } from '@/server/repositories/plans';
import type { PlanSummary } from './PlanList';

/** A stored plan and what it comes to, as the list shows it. */
export function planSummary(
  { id, plan }: StoredPlan,
  { pieces, portions, doughG, fillingG, weakestLink, verdict }: PlanTally,
  made: { times: number; madeOn: string } | undefined,
): PlanSummary {
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
    state: verdict.state,
    // What fails beside the piece is said before what the piece itself has to spare.
    failing: weakestLink.state === 'fails' ? null : verdict.failing,
    weakest: weakestLink.name,
    margin: weakestLink.margin,
    madeTimes: made?.times ?? 0,
    madeOn: made?.madeOn ?? null,
  };
}

import type { Rules } from '../basis/rules';
import { EGG_WHOLE, EGG_YOLK } from '../dough/makeup';
import type { Plan } from '../plan/document/schema';
import type { PlanResult } from '../plan/evaluatePlan';
import type { PlanLadder } from '../plan/model/ladder';
import { familyOf } from '../shapes/families';
import type { RunState } from './fold';
import { liveOf } from './live';
import type { Bench } from './steps/step';

/**
 * What the steps of a bench are told on.
 * @param ladder the passes as they now are; the plan's own when left out
 */
export const benchOf = (
  plan: Plan,
  result: PlanResult,
  {
    state,
    ladder = result.ladder,
    rules,
    ...words
  }: { state: RunState; ladder?: PlanLadder; rules: Rules } & Pick<Bench, 'write' | 'split'>,
): Bench => ({
  plan,
  result,
  ladder,
  state,
  live: liveOf(result, state, {
    roller: plan.sheet.roller,
    thicknessBandMm: familyOf(plan.shape.family).thicknessBandMm,
    eggsPerG: eggsPerG(plan),
    rules,
  }),
  rules,
  ...words,
});

/** Eggs and yolks in a gram of the recipe; 0 without. */
function eggsPerG({ dough }: Plan): number {
  const massG = dough.parts.reduce((sum, { g }) => sum + g, 0);
  const eggs = dough.parts.reduce(
    (sum, { id, g }) =>
      sum + (id === EGG_WHOLE ? g / dough.eggG : id === EGG_YOLK ? g / dough.yolkG : 0),
    0,
  );
  return massG > 0 ? eggs / massG : 0;
}

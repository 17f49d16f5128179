import type { Pantry } from '../composition/pantry';
import { doughMakeup } from '../dough/makeup';
import { readiness, type DoughWork } from '../dough/readiness';
import { CHILLED_C } from '../dough/relaxation';
import { LAST_REPEATS } from '../sheet/passes';
import { springBack } from '../sheet/springBack';
import type { Plan } from './schema';

/** How a plan's dough is worked and rested, with what was done again under the hand. */
export function workOf({ dough }: Plan): DoughWork {
  const { by, kneadMin, folds, restMin, restAt } = dough.work;
  const again = (kind: string) =>
    dough.corrections.reduce((sum, each) => sum + (each.kind === kind ? each.amount : 0), 0);
  return {
    by,
    kneadMin: kneadMin + again('kneadMin'),
    folds: folds + again('folds'),
    restMin: restMin + again('restMin'),
    restC: restAt === 'chilled' ? CHILLED_C : dough.roomC,
  };
}

/**
 * How much thicker than the roller's gap this plan's sheets come out, share; rule. It hangs on the
 * blend of flours and the work alone: whole eggs and corrections change neither.
 */
export function springBackOf(plan: Plan, pantry: Pantry): number {
  const { development, relaxationLeft } = readiness(workOf(plan));
  return springBack({
    glutenRatio: doughMakeup(plan.dough.parts, pantry, plan.dough).glutenRatio,
    development,
    relaxationLeft,
    repeats: LAST_REPEATS[plan.sheet.passes],
    speed: plan.sheet.speed,
  });
}

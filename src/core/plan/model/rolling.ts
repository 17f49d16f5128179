import type { Basis } from '../../basis/basis';
import { doughMakeup } from '../../dough/makeup';
import { readiness, type DoughWork, type Readiness } from '../../dough/readiness';
import { LAST_REPEATS } from '../../sheet/passes';
import { springBack } from '../../sheet/springBack';
import { madeOf, type PlanAtBench } from './atBench';

/** How a plan's dough is worked and rested, with what was done again under the hand. */
export function workOf(plan: PlanAtBench, { conditions }: Basis): DoughWork {
  const { dough } = plan;
  const { by, kneadMin, folds, restMin, restAt } = dough.work;
  return {
    by,
    kneadMin: kneadMin + madeOf(plan, 'kneadMin'),
    folds: folds + madeOf(plan, 'folds'),
    restMin: restMin + madeOf(plan, 'restMin'),
    restC: restAt === 'chilled' ? conditions.fridgeC : dough.roomC,
  };
}

/** How the dough is worked, how ready that makes it, and how it springs back. */
export interface RollingStage {
  readonly work: DoughWork;
  readonly ready: Readiness;
  /** How much thicker than the roller's gap its sheets come out, share; rule. */
  readonly springBack: number;
}

/**
 * How a plan's dough will roll. It hangs on the blend of flours and the work alone: whole eggs and
 * corrections change neither.
 */
export function rollingStage(plan: PlanAtBench, basis: Basis): RollingStage {
  const work = workOf(plan, basis);
  const ready = readiness(work, basis.rules);
  return {
    work,
    ready,
    springBack: springBack(
      {
        glutenRatio: doughMakeup(plan.dough.parts, basis.pantry, plan.dough).glutenRatio,
        development: ready.development,
        relaxationLeft: ready.relaxationLeft,
        repeats: LAST_REPEATS[plan.sheet.passes],
        speed: plan.sheet.speed,
      },
      basis.rules,
    ),
  };
}

/** How much thicker than the roller's gap this plan's sheets come out, share; rule. */
export const springBackOf = (plan: PlanAtBench, basis: Basis): number =>
  rollingStage(plan, basis).springBack;

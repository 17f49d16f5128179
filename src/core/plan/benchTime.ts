import { ladderOfPlan } from './ladderOfPlan';
import type { PlanFigures } from './figures';
import type { Plan } from './schema';

/** Time at the bench for a batch, minutes: at the roller, and to fill, close and cut. Rule. */
export interface BenchTime {
  readonly rollMin: number;
  readonly fillMin: number;
  readonly totalMin: number;
}

/**
 * Time at the bench: every portion through its ladder, then every piece, shared by the hands there are.
 * @example benchTime(plan, figures).totalMin // 74
 */
export function benchTime(plan: Plan, figures: PlanFigures): BenchTime {
  const { portions, seconds } = ladderOfPlan(plan, figures);
  const rollMin = ((portions.count + (portions.lastG > 0 ? 1 : 0)) * seconds) / 60;
  const fillMin = (figures.pieces * figures.sheet.fill.secondsPerPiece) / plan.sheet.people / 60;
  return { rollMin, fillMin, totalMin: rollMin + fillMin };
}

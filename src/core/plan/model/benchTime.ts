import { ladderOf } from './ladder';
import type { PlanModel } from './model';

/** Time at the bench for a batch, minutes: at the roller, and to fill, close and cut. Rule. */
export interface BenchTime {
  readonly rollMin: number;
  readonly fillMin: number;
  readonly totalMin: number;
}

/**
 * Time at the bench: every portion through its ladder, then every piece, shared by the hands there are.
 * @example benchTime(model).totalMin // 12
 */
export function benchTime(model: PlanModel): BenchTime {
  const { plan, batch, sheet } = model;
  const { portions, seconds } = ladderOf(model);
  const { made } = batch.batch.counts;
  const rollMin = ((portions.count + (portions.lastG > 0 ? 1 : 0)) * seconds) / 60;
  const fillMin = (made * sheet.fill.secondsPerPiece) / plan.sheet.people / 60;
  return { rollMin, fillMin, totalMin: rollMin + fillMin };
}

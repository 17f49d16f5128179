import type { Rules } from '../basis/rules';

/** Flour kneaded into a wet dough, by pinches. */
export interface Pinches {
  readonly totalG: number;
  readonly count: number;
  /** One pinch, no more than fingers take, g. */
  readonly eachG: number;
}

/**
 * Flour worked in as cooks do it: so many pinches, each kneaded in, until the dough no longer sticks. Rule
 * on what a pinch is. A few grams are one pinch.
 * @param totalG flour that is wanting, 0 or more
 * @example pinchesFor(28, startingRules) // { totalG: 28, count: 3, eachG: 9.3 }
 */
export function pinchesFor(totalG: number, rules: Rules): Pinches {
  if (totalG <= 0) return { totalG: 0, count: 0, eachG: 0 };
  const count = Math.ceil(totalG / rules['dough.pinch.most'].value - 1e-9);
  return { totalG, count, eachG: Math.max(rules['dough.pinch.least'].value, totalG / count) };
}

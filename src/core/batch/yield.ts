import { requireInRange } from '../range';

/** Share of trim good enough to roll again, each time. Rule. */
export const TRIM_USABLE = 0.85;

/**
 * Share of rolled dough that ends in blanks: u × Σ (q (1 − u))ⁱ for i = 0…k. Law.
 * @param usedShare u, share of a sheet that becomes blanks, 0.05 to 1
 * @param rerolls k, how often the trim is rolled again, 0 to 2
 * @param trimUsable q, share of trim usable each time, 0 to 1
 * @throws FieldError out of range
 * @example batchYield({ usedShare: 0.86, rerolls: 1 }) // 0.9623
 */
export function batchYield({
  usedShare,
  rerolls,
  trimUsable = TRIM_USABLE,
}: {
  usedShare: number;
  rerolls: number;
  trimUsable?: number;
}): number {
  requireInRange('usedShare', usedShare, { min: 0.05, max: 1 });
  requireInRange('rerolls', rerolls, { min: 0, max: 2, whole: true });
  requireInRange('trimUsable', trimUsable, { min: 0, max: 1 });
  let share = 0;
  for (let i = 0; i <= rerolls; i += 1) share += (trimUsable * (1 - usedShare)) ** i;
  return usedShare * share;
}

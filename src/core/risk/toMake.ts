/** Beyond so many pieces the spread of a sum is as good as the sum. */
const COUNT_OUT = 3000;

/**
 * How many to make so that a number of them are whole, as often as is asked. Law (binomial); above 3000
 * pieces by its normal limit.
 * @param plated whole pieces wanted, 0 or more
 * @param lost share lost, 0 to under 1
 * @param sure how often, over 0.5 and under 1
 * @example toMake(288, 0.021, 0.95) // 299
 */
export function toMake(plated: number, lost: number, sure = 0.95): number {
  if (plated <= 0 || lost <= 0) return Math.max(0, plated);
  const kept = 1 - Math.min(lost, 0.95);
  if (plated > COUNT_OUT) {
    const z = 1.6449;
    const spread = z * Math.sqrt((1 - kept) / kept / plated);
    return Math.ceil((plated / kept) * (1 + spread));
  }
  for (let made = plated; ; made += 1) {
    // Chance that no more than made − plated are lost.
    let term = kept ** made;
    let chance = term;
    for (let k = 1; k <= made - plated; k += 1) {
      term *= ((made - k + 1) / k) * ((1 - kept) / kept);
      chance += term;
    }
    if (chance >= sure || made > plated * 40 + 200) return made;
  }
}

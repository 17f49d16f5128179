/** How often every plate is to be full: 95 % of the time, and how far that lies above the middle. */
const SURE = 0.95;
const FAR = 1.6449;

/** Beyond so many pieces the spread of a sum is as good as the sum. */
const COUNT_OUT = 3000;

/** Smaller than any number is, in its logarithm. */
const NOTHING = -700;

/** More than this share lost is told from all lost by nothing that helps. */
const ALL = 0.95;

/**
 * Pieces of a batch that are whole 95 % of the time. Law (binomial); above 3000 pieces by its normal limit.
 * @param made 0 or more
 * @param lost share lost, 0 to 1
 * @example surelyWhole(299, 0.021) // 288
 */
export function surelyWhole(made: number, lost: number): number {
  if (made <= 0 || lost <= 0) return Math.max(0, made);
  const share = Math.min(lost, ALL);
  const whole = Math.log1p(-share);
  if (made > COUNT_OUT || made * whole < NOTHING) {
    const most = share * made + FAR * Math.sqrt(share * (1 - share) * made);
    return Math.max(0, Math.floor(made - most));
  }
  // Chance that no more than so many are lost.
  let broken = 0;
  let term = Math.exp(made * whole);
  let chance = term;
  while (chance < SURE && broken < made) {
    broken += 1;
    term *= ((made - broken + 1) / broken) * (share / (1 - share));
    chance += term;
  }
  return made - broken;
}

/**
 * How many to make so that a number of them are whole 95 % of the time; the inverse of `surelyWhole`. Law.
 * @param plated whole pieces wanted, 0 or more
 * @param lost share lost, 0 to 1
 * @example toMake(288, 0.021) // 299
 */
export function toMake(plated: number, lost: number): number {
  if (plated <= 0 || lost <= 0) return Math.max(0, plated);
  let made = Math.max(plated, Math.floor(plated / (1 - Math.min(lost, ALL))));
  while (surelyWhole(made, lost) < plated) made += 1;
  return made;
}

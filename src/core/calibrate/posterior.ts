/** Something that was seen, in the space it is estimated in. */
export interface Seen {
  readonly value: number;
  /** How far one such look may be off, one standard deviation. */
  readonly sd: number;
  /** How much it still counts, 0 to 1. */
  readonly weight: number;
}

/** What is held true, and how surely. */
export interface Belief {
  readonly mean: number;
  readonly sd: number;
}

/** Looks further off than a few of their own deviations count for less and less: Student’s t, so many degrees. */
const DEGREES = 5;

const ROUNDS = 25;

/**
 * What is held true after what was seen: the conjugate normal update, each look weighed by its age and by
 * how far off it lies, so that one slip of the pen does not swing it. Law of estimation on the rule that
 * says how far looks scatter.
 * @example posterior({ mean: 0, sd: 1 }, [{ value: 1, sd: 1, weight: 1 }], { robust: false }) // mean 0.5, sd 0.707
 */
export function posterior(
  prior: Belief,
  seen: readonly Seen[],
  { robust = true }: { robust?: boolean } = {},
): Belief {
  let mean = prior.mean;
  let precision = 1 / prior.sd ** 2;
  const rounds = robust ? ROUNDS : 1;
  // The first guess of where they lie is their median: an outlier does not get to set it.
  if (robust && seen.length > 2) mean = median(seen.map(({ value }) => value));
  for (let i = 0; i < rounds; i += 1) {
    let sum = prior.mean / prior.sd ** 2;
    precision = 1 / prior.sd ** 2;
    for (const { value, sd, weight } of seen) {
      const off = (value - mean) / sd;
      const trust =
        robust && seen.length > 2 ? Math.min(1, (DEGREES + 1) / (DEGREES + off ** 2)) : 1;
      const counts = (weight * trust) / sd ** 2;
      sum += counts * value;
      precision += counts;
    }
    const next = sum / precision;
    const still = Math.abs(next - mean) < 1e-9;
    mean = next;
    if (still) break;
  }
  return { mean, sd: 1 / Math.sqrt(precision) };
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (sorted.length - 1) / 2;
  return ((sorted[Math.floor(at)] ?? 0) + (sorted[Math.ceil(at)] ?? 0)) / 2;
}

/** A look of a year ago counts half. Rule. */
export const HALF_LIFE_DAYS = 365;

/** How much a look still counts after so many days. `ageWeight(365)` → `0.5` */
export const ageWeight = (days: number): number => 0.5 ** (Math.max(0, days) / HALF_LIFE_DAYS);

/** Something that was seen in one batch, in the space it is estimated in. */
export interface Seen {
  readonly value: number;
  /** How far one such look may be off what the kitchen does on the whole, one standard deviation. */
  readonly sd: number;
  /** When, in days of any calendar. */
  readonly day: number;
}

/** What is held true, and how surely. */
export interface Belief {
  readonly mean: number;
  readonly sd: number;
}

/** What is held true of a kitchen, and how its batches differ. */
export interface Level extends Belief {
  /** So many times as far apart as they were said to be. */
  readonly apart: number;
}

/** Half the width of a 90 % range, in deviations. */
export const NINETY = 1.6449;

/** Until they are seen, batches are taken to differ so many times as much as usual: no two kitchens do alike. Rule. */
export const TYPICAL_BATCHES = 1.25;

/** That counts as much as so many batches. Rule. */
const TYPICAL_COUNTS = 3;

/** How a kitchen changes: one standard deviation a batch, and a month. */
export interface Drift {
  readonly batch: number;
  readonly month: number;
}

const NO_DRIFT: Drift = { batch: 0, month: 0 };

/** Looks further off than a few of their own deviations count for less and less: Student’s t, so many degrees. */
const DEGREES = 5;

const ROUNDS = 12;
const DAYS_A_MONTH = 30.44;

/**
 * What is held true of a kitchen today, after what its batches showed: a level that drifts, seen with error
 * (Kalman filter and smoother), each look weighed by how far off it lies, so that one slip of the pen does not
 * swing it. Law of estimation on rules that say how far looks scatter and kitchens drift.
 * @param seen in any order
 * @param today the day it is asked for; that of the last look when left out
 * @example posterior({ mean: 0, sd: 1 }, [{ value: 1, sd: 1, day: 0 }]) // mean 0.5, sd 0.707, apart 1.29
 */
export function posterior(
  prior: Belief,
  seen: readonly Seen[],
  {
    drift = NO_DRIFT,
    today,
    robust = true,
  }: { drift?: Drift; today?: number; robust?: boolean } = {},
): Level {
  const looks = [...seen].sort((a, b) => a.day - b.day || a.value - b.value);
  const heavy = robust && looks.length > 2;
  // The first guess of where they lie is their median: an outlier does not get to set it.
  const middle = median(looks.map(({ value }) => value));
  let trust = looks.map((look) => (heavy ? trustIn(look, middle) : 1));
  let course = smoothed(prior, looks, trust, drift);
  for (let round = 1; heavy && round < ROUNDS; round += 1) {
    const next = looks.map((look, i) => trustIn(look, course.levels[i]!));
    const still = next.every((each, i) => Math.abs(each - trust[i]!) < 1e-9);
    trust = next;
    course = smoothed(prior, looks, trust, drift);
    if (still) break;
  }
  const last = looks.at(-1)?.day ?? 0;
  const months = today === undefined ? 0 : Math.max(0, today - last) / DAYS_A_MONTH;
  const { mean, variance } = course.now;
  const squares = squaresOf(looks, course.levels);
  const wider = heavy ? Math.max(1, shrunk(squares, looks.length, EXPECTED_LOOKS, 1)) : 1;
  const since = drift.month ** 2 * (looks.length > 0 ? months : 0);
  return {
    mean,
    // Never narrower than the looks themselves say.
    sd: Math.sqrt(wider * variance + since),
    apart: Math.sqrt(shrunk(squares, looks.length, TYPICAL_COUNTS, TYPICAL_BATCHES ** 2)),
  };
}

/** How far looks lie from the kitchen's level, squared, in their own deviations, and added up. */
const squaresOf = (looks: readonly Seen[], levels: readonly number[]): number =>
  looks.reduce(
    (sum, { value, sd }, i) => sum + Math.min(FAR ** 2, ((value - levels[i]!) / sd) ** 2),
    0,
  );

/**
 * The mean square of looks against its expected value, shrunk to what is expected as by so many looks. Levels were
 * drawn to the looks: one of them is spent on that.
 */
const shrunk = (squares: number, looks: number, counts: number, expected: number): number =>
  (counts * expected + squares) / (counts + Math.max(0, looks - 1));

/** How much wider to believe where looks lie further apart than said: by so many of the kind expected. */
const EXPECTED_LOOKS = 1;

/** What lies further off, in its own deviations, widens no more: it is a slip. */
const FAR = 4;

const trustIn = ({ value, sd }: Seen, level: number): number =>
  Math.min(1, (DEGREES + 1) / (DEGREES + ((value - level) / sd) ** 2));

/** The level at each look, by all of them, and as it is after the last. */
function smoothed(
  prior: Belief,
  looks: readonly Seen[],
  trust: readonly number[],
  drift: Drift,
): { levels: number[]; now: { mean: number; variance: number } } {
  let [mean, variance] = [prior.mean, prior.sd ** 2];
  const filtered: { mean: number; variance: number; before: number }[] = [];
  looks.forEach(({ value, sd, day }, i) => {
    const months = i === 0 ? 0 : Math.max(0, day - looks[i - 1]!.day) / DAYS_A_MONTH;
    const before = variance + (i === 0 ? 0 : drift.batch ** 2 + months * drift.month ** 2);
    const gain = before / (before + sd ** 2 / Math.max(1e-9, trust[i]!));
    mean += gain * (value - mean);
    variance = (1 - gain) * before;
    filtered.push({ mean, variance, before });
  });
  const levels = filtered.map((each) => each.mean);
  for (let i = levels.length - 2; i >= 0; i -= 1) {
    const back = filtered[i]!.variance / filtered[i + 1]!.before;
    levels[i] = filtered[i]!.mean + back * (levels[i + 1]! - filtered[i]!.mean);
  }
  return { levels, now: { mean, variance } };
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (sorted.length - 1) / 2;
  return ((sorted[Math.floor(at)] ?? 0) + (sorted[Math.ceil(at)] ?? 0)) / 2;
}

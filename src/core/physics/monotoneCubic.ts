/**
 * Reads between the points of a curve by a cubic that rises and falls with them and no more; beyond its ends, its
 * ends. Slopes are harmonic means of those beside (Fritsch and Butland 1984). Law.
 * @param xs rising
 * @example monotoneCubic([0, 1, 2], [0, 1, 4], 1.5) // 2.3125
 */
export function monotoneCubic(xs: readonly number[], ys: readonly number[], x: number): number {
  const at = xs.findIndex((each) => each >= x);
  if (at < 0) return ys.at(-1)!;
  if (at === 0) return ys[0]!;
  const slope = (i: number) =>
    i < 1 || i >= xs.length ? null : (ys[i]! - ys[i - 1]!) / (xs[i]! - xs[i - 1]!);
  const here = slope(at)!;
  const step = xs[at]! - xs[at - 1]!;
  const share = (x - xs[at - 1]!) / step;
  const [from, to] = [meet(slope(at - 1), here), meet(here, slope(at + 1))];
  const bend = share * (1 - share) * step;
  return (
    ys[at - 1]! +
    share * (ys[at]! - ys[at - 1]!) +
    bend * ((1 - share) * (from - here) - share * (to - here))
  );
}

/** Slope where two stretches meet; none where they turn, and at an end that of the one. */
function meet(before: number | null, after: number | null): number {
  if (before === null || after === null) return (before ?? after)!;
  return before * after <= 0 ? 0 : (2 * before * after) / (before + after);
}

/** From, to. */
export type Range = readonly [from: number, to: number];

interface Nodes {
  readonly xs: readonly number[];
  /** How much each point counts at x: they add to 1. */
  countsAt(x: number): Float64Array;
}

/** Chebyshev points of a range, and how to read between them (barycentric). Beyond it, its ends. */
function nodesOf([from, to]: Range, points: number): Nodes {
  const xs = Array.from(
    { length: points },
    (_, i) => (from + to) / 2 - ((to - from) / 2) * Math.cos((Math.PI * i) / (points - 1)),
  );
  return {
    xs,
    countsAt(x) {
      const here = Math.min(to, Math.max(from, x));
      const counts = new Float64Array(points);
      let all = 0;
      for (let i = 0; i < points; i += 1) {
        const off = here - xs[i]!;
        if (Math.abs(off) < 1e-12) return new Float64Array(points).fill(1, i, i + 1);
        counts[i] = ((i % 2 ? -1 : 1) * (i === 0 || i === points - 1 ? 0.5 : 1)) / off;
        all += counts[i]!;
      }
      for (let i = 0; i < points; i += 1) counts[i]! /= all;
      return counts;
    },
  };
}

/**
 * A polynomial through a few points of a smooth function of two variables, a handful each way being as good as the
 * function: gives a table of values, row by row of the first. Law.
 * @param points 2 to about 12
 * @example tensor([0, 1], [0, 1], 5, (x, y) => x * y)([0.5], [0.2])[0] // 0.1
 */
export function tensor(
  first: Range,
  second: Range,
  points: number,
  of: (x: number, y: number) => number,
): (xs: readonly number[], ys: readonly number[]) => Float64Array {
  const [a, b] = [nodesOf(first, points), nodesOf(second, points)];
  const known = a.xs.map((x) => b.xs.map((y) => of(x, y)));
  return (xs, ys) => {
    const across = ys.map((y) => b.countsAt(y));
    const table = new Float64Array(xs.length * ys.length);
    xs.forEach((x, i) => {
      const counts = a.countsAt(x);
      // First along the one, then along the other.
      const row = b.xs.map((_, k) =>
        known.reduce((sum, line, m) => sum + counts[m]! * line[k]!, 0),
      );
      across.forEach((each, k) => {
        let value = 0;
        for (let m = 0; m < points; m += 1) value += each[m]! * row[m]!;
        table[i * ys.length + k] = value;
      });
    });
    return table;
  };
}

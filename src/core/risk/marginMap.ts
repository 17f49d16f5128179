import type { Range } from './interpolate';
import { MARGIN_IDS, type MarginId } from './margins';

/** What a map is drawn over: its two axes, what stands up and what goes along. */
export type MapKind = 'thickness' | 'size' | 'water';

/** Where a piece holds: the lowest margin over two things a cook may set. */
export interface MarginMap {
  readonly kind: MapKind;
  /** Values along, and values up, each rising. In the core's units. */
  readonly xs: readonly number[];
  readonly ys: readonly number[];
  /** Lowest margin of each, row by row from the bottom. */
  readonly margin: Float64Array;
  /** Whose it is, as a place in {@link MARGIN_IDS}. */
  readonly weakest: Uint8Array;
  /** The plan's own point. */
  readonly own: MapPoint;
  /** The fullest piece that holds with room, else with most to spare, inside what is usual for the shape; null when none holds. */
  readonly best: MapPoint | null;
  /** Gear on the axis up: steps of the dial, cutters' sizes. */
  readonly lines: readonly { readonly label: string; readonly y: number }[];
}

export interface MapPoint {
  readonly x: number;
  readonly y: number;
  readonly margin: number;
  readonly weakest: MarginId;
}

/** Evenly spaced values of a range. */
export const stepsOf = ([from, to]: Range, points: number): number[] =>
  Array.from({ length: points }, (_, i) => from + ((to - from) * i) / (points - 1));

/**
 * Fills a map from what works out one of its points.
 * @param at the margins of a point into `out`; the lowest that loses pieces is returned
 */
export function fillMap(
  xs: readonly number[],
  ys: readonly number[],
  at: (column: number, row: number, out: Float64Array) => number,
): Pick<MarginMap, 'xs' | 'ys' | 'margin' | 'weakest'> {
  const margin = new Float64Array(xs.length * ys.length);
  const weakest = new Uint8Array(xs.length * ys.length);
  const each = new Float64Array(MARGIN_IDS.length);
  for (let row = 0; row < ys.length; row += 1) {
    for (let column = 0; column < xs.length; column += 1) {
      const least = at(column, row, each);
      margin[row * xs.length + column] = least;
      weakest[row * xs.length + column] = each.indexOf(least);
    }
  }
  return { xs, ys, margin, weakest };
}

/** With so much to spare a piece holds with room. */
export const WITH_ROOM = 1.4;

/**
 * The fullest of a map's points that hold with room, within what is usual; else the one with most to spare.
 * @param least a margin below this is no best
 * @returns its column and row; null when none reaches it
 */
export function fullest(
  { xs, ys, margin }: Pick<MarginMap, 'xs' | 'ys' | 'margin'>,
  usual: { x: Range; y: Range },
  least: number,
): { readonly column: number; readonly row: number } | null {
  let [best, score] = [-1, -Infinity];
  margin.forEach((each, at) => {
    const y = ys[Math.floor(at / xs.length)]!;
    const x = xs[at % xs.length]!;
    if (x < usual.x[0] || x > usual.x[1] || y < usual.y[0] || y > usual.y[1] || each < least)
      return;
    const room = Math.min(each, WITH_ROOM);
    const worth = room * 100 + (room === WITH_ROOM ? x / usual.x[1] : 0) + Math.min(each, 9) * 1e-3;
    if (worth > score) [best, score] = [at, worth];
  });
  return best < 0 ? null : { column: best % xs.length, row: Math.floor(best / xs.length) };
}

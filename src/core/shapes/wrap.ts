import type { Point } from './drawing';
import { ellipsePerimeter, reach } from './ellipse';
import type { Mound } from './mound';

/** A folded piece as it lies: its outline at the depth that the wrapped lump leaves it. */
export interface WrapOutline {
  readonly kind: 'triangle' | 'halfDisc';
  /** From the middle of the fold to either end of it, mm. */
  readonly halfFoldMm: number;
  /** The blank along the line square to the fold, unfolded, mm. */
  readonly blankMm: number;
}

/** How a lump is wrapped: where its lip is least, and how the piece is cut through there. */
export interface Wrap {
  /** From the fold to the edge opposite, the lump wrapped, mm. */
  readonly depthMm: number;
  readonly lipMm: number;
  /** On the lump, where the lip begins, and the way it runs; the fold lies along x at y = 0. */
  readonly touch: Point;
  readonly way: Point;
  /** From the lip's beginning back through the lump, and back to the fold, mm. */
  readonly chordMm: number;
  readonly toFoldMm: number;
  /** Half the lump's thickness in that cut, mm. */
  readonly halfHeightMm: number;
}

const STEPS = 24;

/** Directions looked at between the fold and the middle, the middle first. */
const WAYS: readonly Point[] = Array.from({ length: STEPS + 1 }, (_, i) => {
  const angle = (Math.PI / 2) * (1 - i / STEPS);
  return [Math.cos(angle), Math.sin(angle)];
});

/**
 * Wraps a blank round a lump that lies along its fold. The dough does not stretch: along the line square
 * to the fold the lump's own girth is used up, and half of what is left lies beyond it on either face. The
 * lip is the least distance from the lump's outline to a sealed edge of the outline at that depth. Law
 * (geometry of convex outlines: the least of reach to the edge less reach of the lump, over all directions).
 * @example wrap({ kind: 'halfDisc', halfFoldMm: 40, blankMm: 80 }, moundOf8g).lipMm // 5.8
 */
export function wrap(outline: WrapOutline, mound: Mound): Wrap {
  const { radiusMm: b, halfLengthMm: a, heightMm } = mound;
  const beyondMm = (outline.blankMm - ellipsePerimeter(b, heightMm)) / 2;
  const depthMm = 2 * b + beyondMm;
  const lipAlong = ([cos, sin]: Point) =>
    edgeReach(outline, depthMm, cos, sin) - b * sin - reach(a, b, cos, sin);
  const way = depthMm > 0 ? leastWay(outline, depthMm, lipAlong) : ([0, 1] as const);
  const [cos, sin] = way;
  const r = reach(a, b, cos, sin);
  const touch: Point = [(a * a * cos) / r, b + (b * b * sin) / r];
  // The cut runs from the touching point straight back through the ellipse.
  const slant = (cos / a) ** 2 + (sin / b) ** 2;
  return {
    depthMm,
    // A blank that does not reach round the lump has less than no lip.
    lipMm: depthMm > 0 ? lipAlong(way) : beyondMm,
    touch,
    way,
    chordMm: 2 / (r * slant),
    toFoldMm: sin > 1e-6 ? touch[1] / sin : touch[0] + a,
    halfHeightMm: heightMm / (r * Math.sqrt(slant)),
  };
}

/** Reach of the sealed edge from the middle of the fold in a direction, mm. */
const edgeReach = ({ kind, halfFoldMm }: WrapOutline, depthMm: number, cos: number, sin: number) =>
  kind === 'halfDisc'
    ? reach(halfFoldMm, depthMm, cos, sin)
    : Math.max(halfFoldMm * cos, depthMm * sin);

/** The direction in which the lip is least. A triangle's side has one normal; an arc has many. */
function leastWay(
  { kind, halfFoldMm }: WrapOutline,
  depthMm: number,
  lipAlong: (way: Point) => number,
): Point {
  if (kind === 'triangle') {
    const norm = Math.hypot(depthMm, halfFoldMm);
    return [depthMm / norm, halfFoldMm / norm];
  }
  let best: Point = [0, 1];
  let least = Infinity;
  for (const way of WAYS) {
    const lip = lipAlong(way);
    if (lip < least) [best, least] = [way, lip];
  }
  return best;
}

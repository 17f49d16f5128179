import { requireInRange } from '../range';
import { gridLayout } from './squareLayout';

/** How discs are set: in a straight grid, or in rows that fit into one another along or across the strip. */
export type DiscArrangement = 'grid' | 'rowsAlong' | 'rowsAcross';

export interface DiscCount {
  readonly count: number;
  readonly arrangement: DiscArrangement;
}

/** Rounding noise that must not cost a disc. */
const EPSILON = 1e-9;

/** Discs in rows of a length, each row set half a pitch on and fitting into the last. */
function nested(rowMm: number, stackMm: number, diameterMm: number, gapMm: number): number {
  const pitch = diameterMm + gapMm;
  if (rowMm < diameterMm || stackMm < diameterMm) return 0;
  const rows = 1 + Math.floor((stackMm - diameterMm) / (pitch * Math.sqrt(0.75)) + EPSILON);
  const full = 1 + Math.floor((rowMm - diameterMm) / pitch + EPSILON);
  const set = Math.max(0, 1 + Math.floor((rowMm - diameterMm - pitch / 2) / pitch + EPSILON));
  return Math.ceil(rows / 2) * full + Math.floor(rows / 2) * set;
}

/**
 * Most discs on a strip: the best of a straight grid and of nested rows either way. Law (geometry).
 * @param widthMm, lengthMm 10 to 100000 mm
 * @param diameterMm 5 to 1000 mm
 * @param gapMm between discs, 0 to 100 mm
 * @throws FieldError out of range
 * @example discLayout({ widthMm: 145, lengthMm: 900, diameterMm: 60, gapMm: 4 })
 * // { count: 28, arrangement: 'grid' }
 */
export function discLayout({
  widthMm,
  lengthMm,
  diameterMm,
  gapMm,
}: {
  widthMm: number;
  lengthMm: number;
  diameterMm: number;
  gapMm: number;
}): DiscCount {
  const room = { min: 10, max: 100_000, unit: 'mm' };
  requireInRange('widthMm', widthMm, room);
  requireInRange('lengthMm', lengthMm, room);
  requireInRange('diameterMm', diameterMm, { min: 5, max: 1000, unit: 'mm' });
  requireInRange('gapMm', gapMm, { min: 0, max: 100, unit: 'mm' });
  const grid = gridLayout({
    lengthMm,
    widthMm,
    alongMm: diameterMm,
    acrossMm: diameterMm,
    gapMm,
  }).count;
  const options: DiscCount[] = [
    { count: grid, arrangement: 'grid' },
    { count: nested(lengthMm, widthMm, diameterMm, gapMm), arrangement: 'rowsAlong' },
    { count: nested(widthMm, lengthMm, diameterMm, gapMm), arrangement: 'rowsAcross' },
  ];
  return options.reduce((best, each) => (each.count > best.count ? each : best));
}

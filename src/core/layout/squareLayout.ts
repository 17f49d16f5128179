import { requireInRange } from '../range';

export interface Grid {
  readonly count: number;
  readonly along: number;
  readonly across: number;
}

/**
 * Rectangles on a straight grid: how many fit along and across a strip with a gap between. Law.
 * @example gridLayout({ lengthMm: 420, widthMm: 145, alongMm: 55, acrossMm: 55, gapMm: 0 })
 * // { count: 14, along: 7, across: 2 }
 */
export function gridLayout({
  lengthMm,
  widthMm,
  alongMm,
  acrossMm,
  gapMm,
}: {
  lengthMm: number;
  widthMm: number;
  alongMm: number;
  acrossMm: number;
  gapMm: number;
}): Grid {
  const fit = (room: number, side: number) =>
    Math.max(0, Math.floor((room + gapMm) / (side + gapMm) + 1e-9));
  const along = fit(lengthMm, alongMm);
  const across = fit(widthMm, acrossMm);
  return { count: along * across, along, across };
}

/**
 * Squares on a strip. Checked entry for calculators.
 * @param widthMm, lengthMm 10 to 100000 mm; sideMm 5 to 1000 mm; gapMm 0 to 100 mm
 * @throws FieldError out of range
 * @example squareLayout({ widthMm: 145, lengthMm: 900, sideMm: 55, gapMm: 0 }) // 32
 */
export function squareLayout({
  widthMm,
  lengthMm,
  sideMm,
  gapMm,
}: {
  widthMm: number;
  lengthMm: number;
  sideMm: number;
  gapMm: number;
}): number {
  const room = { min: 10, max: 100_000, unit: 'mm' };
  requireInRange('widthMm', widthMm, room);
  requireInRange('lengthMm', lengthMm, room);
  requireInRange('sideMm', sideMm, { min: 5, max: 1000, unit: 'mm' });
  requireInRange('gapMm', gapMm, { min: 0, max: 100, unit: 'mm' });
  return gridLayout({ lengthMm, widthMm, alongMm: sideMm, acrossMm: sideMm, gapMm }).count;
}

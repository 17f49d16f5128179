import { requireInRange } from '../range';
import { arrangementsOf, blanksIn, stacksIn } from './arrangements';

/** How discs are set: in a straight grid, or in rows that fit into one another along or across the strip. */
export type DiscArrangement = 'grid' | 'rowsAlong' | 'rowsAcross';

export interface DiscCount {
  readonly count: number;
  readonly arrangement: DiscArrangement;
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
  const known = (id: string): id is DiscArrangement =>
    id === 'grid' || id === 'rowsAlong' || id === 'rowsAcross';
  let best: DiscCount = { count: 0, arrangement: 'grid' };
  for (const each of arrangementsOf({ kind: 'disc', diameterMm }, widthMm, gapMm)) {
    const count = blanksIn(each, stacksIn(each, lengthMm));
    if (known(each.id) && count > best.count) best = { count, arrangement: each.id };
  }
  return best;
}

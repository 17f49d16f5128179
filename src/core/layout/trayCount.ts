import { requireInRange } from '../range';
import { arrangementsOf, bestArrangement, blanksIn, stacksIn } from './arrangements';

/**
 * How many pieces lie on a tray, apart from one another: the best of a straight grid either way. Law.
 * @param trayLengthMm, trayWidthMm 50 to 5000 mm
 * @param pieceLengthMm, pieceWidthMm 5 to 500 mm
 * @param gapMm bare tray between pieces and round the edge, 0 to 100 mm
 * @throws FieldError out of range
 * @example trayCount({ trayLengthMm: 530, trayWidthMm: 325, pieceLengthMm: 55, pieceWidthMm: 55, gapMm: 10 }) // 32
 */
export function trayCount({
  trayLengthMm,
  trayWidthMm,
  pieceLengthMm,
  pieceWidthMm,
  gapMm,
}: {
  trayLengthMm: number;
  trayWidthMm: number;
  pieceLengthMm: number;
  pieceWidthMm: number;
  gapMm: number;
}): number {
  const tray = { min: 50, max: 5000, unit: 'mm' };
  const piece = { min: 5, max: 500, unit: 'mm' };
  requireInRange('trayLengthMm', trayLengthMm, tray);
  requireInRange('trayWidthMm', trayWidthMm, tray);
  requireInRange('pieceLengthMm', pieceLengthMm, piece);
  requireInRange('pieceWidthMm', pieceWidthMm, piece);
  requireInRange('gapMm', gapMm, { min: 0, max: 100, unit: 'mm' });
  const lengthMm = trayLengthMm - 2 * gapMm;
  const options = arrangementsOf(
    { kind: 'rect', alongMm: pieceLengthMm, acrossMm: pieceWidthMm, turnable: true },
    trayWidthMm - 2 * gapMm,
    gapMm,
  );
  const best = bestArrangement(options, lengthMm);
  return best ? blanksIn(best, stacksIn(best, lengthMm)) : 0;
}

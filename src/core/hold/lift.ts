import type { Rules } from '../basis/rules';
import { GRAVITY_M_PER_S2 } from '../physics/constants';

/**
 * Strength of a sheet that has taken up water, kPa. Rule: σ e^(−(X − X₀) ÷ 0.03).
 * @example wetStrength(25, 0.03, startingRules) // 9.2
 */
export const wetStrength = (strengthKPa: number, gained: number, rules: Rules): number =>
  strengthKPa * Math.exp(-Math.max(0, gained) / rules['hold.wetStrength'].value);

/**
 * Pull in the dough round the mound as a piece is lifted by it, kPa. Law: weight over the perimeter of
 * the mound times the dough there.
 * @example liftPull({ pieceG: 15, perimeterMm: 113, thicknessMm: 0.8 }) // 1.63
 */
export const liftPull = ({
  pieceG,
  perimeterMm,
  thicknessMm,
}: {
  pieceG: number;
  perimeterMm: number;
  thicknessMm: number;
}): number => (pieceG * GRAVITY_M_PER_S2) / (perimeterMm * thicknessMm);

/**
 * Water gained at which a sheet no longer bears its piece, wet basis. The wet strength turned round.
 * @example weakAfter(25, 1.63, startingRules) // 0.082
 */
export const weakAfter = (strengthKPa: number, pullKPa: number, rules: Rules): number =>
  rules['hold.wetStrength'].value * Math.log(strengthKPa / pullKPa);

import { DOUGH_DENSITY_G_PER_ML } from '../physics/constants';
import { requireInRange } from '../range';

const MASS = { min: 0.1, max: 100_000, unit: 'g' };
const WIDTH = { min: 10, max: 1000, unit: 'mm' };
const LENGTH = { min: 10, max: 1_000_000, unit: 'mm' };
const THICKNESS = { min: 0.2, max: 30, unit: 'mm' };

/** The balance itself, for amounts that were checked where they came in. */
export const lengthOfDough = (massG: number, widthMm: number, thicknessMm: number): number =>
  (massG * 1000) / (DOUGH_DENSITY_G_PER_ML * widthMm * thicknessMm);

/**
 * Length of a sheet, mm: mass / (density × width × thickness). Law, dough density 1.20 g/ml.
 * @param massG 0.1 to 100000 g
 * @param widthMm 10 to 1000 mm
 * @param thicknessMm 0.2 to 30 mm
 * @throws FieldError out of range
 * @example sheetLength({ massG: 125, widthMm: 140, thicknessMm: 0.8 }) // 930
 */
export function sheetLength({
  massG,
  widthMm,
  thicknessMm,
}: {
  massG: number;
  widthMm: number;
  thicknessMm: number;
}): number {
  requireInRange('massG', massG, MASS);
  requireInRange('widthMm', widthMm, WIDTH);
  requireInRange('thicknessMm', thicknessMm, THICKNESS);
  return lengthOfDough(massG, widthMm, thicknessMm);
}

/**
 * Strip test: true thickness of a setting from a weighed strip, mm. Law, the same balance.
 * @throws FieldError out of range
 * @example thicknessFromStrip({ massG: 125, widthMm: 140, lengthMm: 930 }) // 0.80
 */
export function thicknessFromStrip({
  massG,
  widthMm,
  lengthMm,
}: {
  massG: number;
  widthMm: number;
  lengthMm: number;
}): number {
  requireInRange('massG', massG, MASS);
  requireInRange('widthMm', widthMm, WIDTH);
  requireInRange('lengthMm', lengthMm, LENGTH);
  return (massG * 1000) / (DOUGH_DENSITY_G_PER_ML * widthMm * lengthMm);
}

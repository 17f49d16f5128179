import { DOUGH_DENSITY_G_PER_ML, GRAVITY_M_PER_S2 } from '../physics/constants';
import { requireInRange } from '../range';

/**
 * Hanging-strip test: strength of a sheet from the length at which a strip tears under its own
 * weight, kPa. σ = ρ g L. Law, dough density 1.20 g/ml; width and thickness cancel.
 * @param lengthMm 20 to 10000 mm
 * @throws FieldError out of range
 * @example strengthFromHang(1000) // 11.77
 */
export function strengthFromHang(lengthMm: number): number {
  requireInRange('lengthMm', lengthMm, { min: 20, max: 10_000, unit: 'mm' });
  return DOUGH_DENSITY_G_PER_ML * GRAVITY_M_PER_S2 * (lengthMm / 1000);
}

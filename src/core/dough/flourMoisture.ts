import { requireInRange } from '../range';

/**
 * Moisture of flour kept in open air, wet basis (share of its mass).
 *
 * Dry basis M = 0.130 × (a / (1 − a))^0.30 (Oswin isotherm, fitted constants); wet m = M / (1 + M). Law.
 *
 * @param rh relative humidity of the air, 0.05 to 0.95
 * @throws FieldError outside that range
 * @example flourMoisture(0.5) // 0.1150
 */
export function flourMoisture(rh: number): number {
  requireInRange('rh', rh, { min: 0.05, max: 0.95 });
  const dryBasis = 0.13 * (rh / (1 - rh)) ** 0.3;
  return dryBasis / (1 + dryBasis);
}

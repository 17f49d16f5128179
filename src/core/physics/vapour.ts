import { CELSIUS_0_K, GAS_J_PER_MOL_K } from './constants';
import { requireInRange } from '../range';

/** Molar mass of water, kg/mol. */
const WATER_KG_PER_MOL = 0.018015;

/**
 * Saturation vapour pressure over water, kPa. Law (Buck 1996):
 * 0.61121 × e^((18.678 − T ÷ 234.5) × T ÷ (257.14 + T)).
 * @param tempC 0 to 120 °C
 * @throws FieldError out of range
 * @example saturationVapourPressure(20) // 2.338
 */
export function saturationVapourPressure(tempC: number): number {
  requireInRange('tempC', tempC, { min: 0, max: 120, unit: '°C' });
  return 0.61121 * Math.exp(((18.678 - tempC / 234.5) * tempC) / (257.14 + tempC));
}

/**
 * Water in a cubic metre of saturated air, kg. Law (ideal gas).
 * @param tempC 0 to 120 °C
 * @example saturatedVapourDensity(22) // 0.0194
 */
export const saturatedVapourDensity = (tempC: number): number =>
  (saturationVapourPressure(tempC) * 1000 * WATER_KG_PER_MOL) /
  (GAS_J_PER_MOL_K * (tempC + CELSIUS_0_K));

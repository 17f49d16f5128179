import { FieldError, requireInRange } from '../range';
import { startingRules } from '../basis/rules';
import { heatFactor } from '../physics/diffusion';
import type { SeepInput } from './seep';
import { secondsToFace } from './seepCourse';
import { seepOf } from './seepMemo';
import { SURFACES } from './surfaces';

/** Colder than this its water is ice. */
const FROZEN_BELOW_C = -0.5;

/**
 * Minutes until the under-face of a held piece turns tacky; null when it never does. Law on rules.
 * @param thicknessMm 0.2 to 6 mm
 * @param freeWaterShare 0 to 0.5
 * @param tempC −40 to 45 °C
 * @param doughMoisture wet basis, 0.15 to 0.6
 * @throws FieldError out of range
 * @example seepTime({ thicknessMm: 0.8, freeWaterShare: 0.05, tempC: 20, doughMoisture: 0.34, surface: 'bare' })
 * // 91
 */
export function seepTime({ tempC, ...input }: SeepInput & { tempC: number }): number | null {
  requireInRange('thicknessMm', input.thicknessMm, { min: 0.2, max: 6, unit: 'mm' });
  requireInRange('freeWaterShare', input.freeWaterShare, { min: 0, max: 0.5 });
  requireInRange('tempC', tempC, { min: -40, max: 45, unit: '°C' });
  requireInRange('doughMoisture', input.doughMoisture, { min: 0.15, max: 0.6 });
  if (!SURFACES.includes(input.surface)) {
    throw new FieldError('surface', `must be one of: ${SURFACES.join(', ')}`);
  }
  if (tempC < FROZEN_BELOW_C) return null;
  const tackyAt = input.doughMoisture + startingRules['hold.tacky'].value;
  const seconds = secondsToFace(seepOf(input, startingRules), tackyAt);
  if (seconds === null) return null;
  return seconds / 60 / heatFactor(tempC, startingRules['hold.diffusion.heat'].value);
}

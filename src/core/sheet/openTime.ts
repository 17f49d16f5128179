import { DOUGH_DENSITY_G_PER_ML } from '../physics/constants';
import { saturatedVapourDensity } from '../physics/vapour';
import type { Rules } from '../basis/rules';
import { requireInRange } from '../range';

/** The air round the bench. */
export type BenchAir = 'still' | 'fan';

/**
 * How long an uncovered sheet still seals, minutes: until 4 % of its water has left one face. Law on
 * constants: flux = h × vapour density × (0.96 − humidity).
 * @param thicknessMm 0.2 to 6 mm
 * @param waterShare water in the dough, wet basis, 0.1 to 0.6
 * @param tempC air, 0 to 45 °C
 * @param rh air humidity, 0.05 to 0.95
 * @throws FieldError out of range
 * @example openTime({ thicknessMm: 0.8, waterShare: 0.33, tempC: 22, rh: 0.5 }, startingRules) // 6.8
 */
export function openTime(
  {
    thicknessMm,
    waterShare,
    tempC,
    rh,
    air = 'still',
  }: {
    thicknessMm: number;
    waterShare: number;
    tempC: number;
    rh: number;
    air?: BenchAir;
  },
  rules: Rules,
): number {
  requireInRange('thicknessMm', thicknessMm, { min: 0.2, max: 6, unit: 'mm' });
  requireInRange('waterShare', waterShare, { min: 0.1, max: 0.6 });
  requireInRange('tempC', tempC, { min: 0, max: 45, unit: '°C' });
  requireInRange('rh', rh, { min: 0.05, max: 0.95 });
  const waterKgPerM2 = DOUGH_DENSITY_G_PER_ML * thicknessMm * waterShare;
  const fluxKgPerM2S =
    rules[`sheet.air.${air}`].value *
    saturatedVapourDensity(tempC) *
    (rules['sheet.open.face'].value - rh);
  return (rules['sheet.open.gone'].value * waterKgPerM2) / fluxKgPerM2S / 60;
}

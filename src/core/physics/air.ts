import { CELSIUS_0_K, SEA_LEVEL_KPA } from './constants';
import { saturationVapourPressure } from './vapour';
import { FieldError, requireInRange } from '../range';

/**
 * Air pressure at a height, kPa. Law (standard atmosphere):
 * 101.325 × (1 − 2.25577e-5 × m)^5.25588.
 * @param altitudeM −400 to 6000 m
 * @throws FieldError out of range
 * @example airPressure(1500) // 84.56
 */
export function airPressure(altitudeM: number): number {
  requireInRange('altitudeM', altitudeM, { min: -400, max: 6000, unit: 'm' });
  return SEA_LEVEL_KPA * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
}

/**
 * Where water boils at a height, °C: its vapour pressure is that of the air. Law.
 * @param altitudeM −400 to 6000 m
 * @throws FieldError out of range
 * @example boilingPoint(1500) // 95.0
 */
export function boilingPoint(altitudeM: number): number {
  const wanted = airPressure(altitudeM);
  let low = 70;
  let high = 110;
  while (high - low > 1e-9) {
    const middle = (low + high) / 2;
    if (saturationVapourPressure(middle) < wanted) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * How many times its volume a pocket of moist air would fill when it is warmed. Law: the air keeps its
 * amount, its vapour stays saturated. Dearer the nearer it comes to boiling.
 * @param fromC 0 to 60 °C
 * @param toC above fromC, below what boils at this pressure
 * @param kPa 40 to 110
 * @throws FieldError out of range
 * @example airSwelling({ fromC: 22, toC: 90, kPa: 101.325 }) // 3.89
 */
export function airSwelling({
  fromC,
  toC,
  kPa = SEA_LEVEL_KPA,
}: {
  fromC: number;
  toC: number;
  kPa?: number | undefined;
}): number {
  requireInRange('kPa', kPa, { min: 40, max: 110, unit: 'kPa' });
  requireInRange('fromC', fromC, { min: 0, max: 60, unit: '°C' });
  requireInRange('toC', toC, { min: 0, max: 120, unit: '°C' });
  const vapour = saturationVapourPressure(toC);
  if (vapour >= kPa) {
    throw new FieldError('toC', `must be below what boils at ${kPa} kPa, not ${toC}`);
  }
  return (
    (((kPa - saturationVapourPressure(fromC)) / (kPa - vapour)) * (toC + CELSIUS_0_K)) /
    (fromC + CELSIUS_0_K)
  );
}

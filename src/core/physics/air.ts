import { saturationVapourPressure } from './vapour';
import { requireInRange } from '../range';

/**
 * Air pressure at a height, kPa. Law (standard atmosphere):
 * 101.325 × (1 − 2.25577e-5 × m)^5.25588.
 * @param altitudeM −400 to 6000 m
 * @throws FieldError out of range
 * @example airPressure(1500) // 84.56
 */
export function airPressure(altitudeM: number): number {
  requireInRange('altitudeM', altitudeM, { min: -400, max: 6000, unit: 'm' });
  return 101.325 * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
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

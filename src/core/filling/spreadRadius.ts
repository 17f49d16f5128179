import { GRAVITY_M_PER_S2 } from '../physics/constants';
import { requireInRange } from '../range';

/**
 * Radius to which a mound settles under its own weight, mm.
 * R = (225 ρ n g V² / (128 π² τ))^(1/5). Law (Roussel & Coussot 2005); the load factor n is a rule.
 * @param volumeMl 0.01 to 1000 ml
 * @param densityGPerMl 0.2 to 2.5 g/ml
 * @param yieldStressPa 1 to 100000 Pa
 * @param load n: 1 on its own, 6 under a sheet pressed down round it
 * @example spreadRadius({ volumeMl: 10, densityGPerMl: 1.04, yieldStressPa: 300 }) // 14.34
 */
export function spreadRadius({
  volumeMl,
  densityGPerMl,
  yieldStressPa,
  load = 1,
}: {
  volumeMl: number;
  densityGPerMl: number;
  yieldStressPa: number;
  load?: number;
}): number {
  requireInRange('volumeMl', volumeMl, { min: 0.01, max: 1000, unit: 'ml' });
  requireInRange('densityGPerMl', densityGPerMl, { min: 0.2, max: 2.5, unit: 'g/ml' });
  requireInRange('yieldStressPa', yieldStressPa, { min: 1, max: 1e5, unit: 'Pa' });
  const volumeM3 = volumeMl * 1e-6;
  const weight = densityGPerMl * 1000 * load * GRAVITY_M_PER_S2;
  return 1000 * ((225 * weight * volumeM3 ** 2) / (128 * Math.PI ** 2 * yieldStressPa)) ** 0.2;
}

/**
 * Half-width to which a long log settles, mm: the plane case of the same balance.
 * W = (3 A / (4 √(2 τ / (ρ n g))))^(2/3) for a cross-section A. Law (Liu & Mei 1989).
 * @param areaMm2 cross-section of the log, mm²
 * @example spreadHalfWidth({ areaMm2: 96, densityGPerMl: 1.04, yieldStressPa: 600, load: 6 }) // 6.4
 */
export function spreadHalfWidth({
  areaMm2,
  densityGPerMl,
  yieldStressPa,
  load = 1,
}: {
  areaMm2: number;
  densityGPerMl: number;
  yieldStressPa: number;
  load?: number;
}): number {
  const areaM2 = areaMm2 * 1e-6;
  const weight = densityGPerMl * 1000 * load * GRAVITY_M_PER_S2;
  return 1000 * ((3 * areaM2) / (4 * Math.sqrt((2 * yieldStressPa) / weight))) ** (2 / 3);
}

import { FieldError, requireInRange } from '../range';

/**
 * Volume of a spherical cap, mm³: V = π h (3 r² + h²) / 6. Law.
 * @example capVolume(20, 12) // 8444.6
 */
export const capVolume = (radiusMm: number, heightMm: number): number =>
  (Math.PI * heightMm * (3 * radiusMm ** 2 + heightMm ** 2)) / 6;

/**
 * Height of the cap that holds a volume on a footprint, mm: the one real root of
 * h³ + 3 r² h − 6 V / π = 0, by Cardano. Law.
 * @param volumeMm3 above 0
 * @param radiusMm above 0
 * @example capHeight(capVolume(20, 12), 20) // 12
 */
export function capHeight(volumeMm3: number, radiusMm: number): number {
  // sinh form of Cardano: one real root, stable for flat caps too.
  const r = radiusMm;
  const c = (3 * volumeMm3) / (Math.PI * r ** 3);
  return 2 * r * Math.sinh(Math.asinh(c) / 3);
}

/**
 * Radius of a cap of fixed height-to-radius ratio κ that holds a volume, mm:
 * V = π κ r³ (3 + κ²) / 6. Law.
 * @example capRadius(8654, 0.6) // 20.2
 */
export const capRadius = (volumeMm3: number, heightToRadius: number): number =>
  Math.cbrt((6 * volumeMm3) / (Math.PI * heightToRadius * (3 + heightToRadius ** 2)));

/**
 * Height of a mound of given volume on a given footprint, mm. Checked entry for calculators.
 * @param volumeMl 0.05 to 1000 ml
 * @param radiusMm 1 to 300 mm
 * @throws FieldError out of range
 * @example moundHeight({ volumeMl: 8.65, radiusMm: 20.2 }) // 12.1
 */
export function moundHeight({
  volumeMl,
  radiusMm,
}: {
  volumeMl: number;
  radiusMm: number;
}): number {
  requireInRange('volumeMl', volumeMl, { min: 0.05, max: 1000, unit: 'ml' });
  requireInRange('radiusMm', radiusMm, { min: 1, max: 300, unit: 'mm' });
  const height = capHeight(volumeMl * 1000, radiusMm);
  if (!Number.isFinite(height)) throw new FieldError('radiusMm', 'gives no finite height');
  return height;
}

import { GRAVITY_M_PER_S2 } from '../physics/constants';
import type { Rules } from '../basis/rules';
import { requireInRange } from '../range';

/** How finely a filling is worked; coarse stands better. */
export type Texture = 'coarse' | 'mixed' | 'minced' | 'blended';

/**
 * Yield stress of a filling, Pa. Rule (estimate): 900 × e^(−20 (φ − 0.02)) × texture, not below 20.
 * A spoon test replaces it.
 * @param freeWaterShare 0 to 1
 * @example yieldStressFromFreeWater(0.02, 'mixed', startingRules) // 900
 */
export const yieldStressFromFreeWater = (
  freeWaterShare: number,
  texture: Texture,
  rules: Rules,
): number =>
  Math.max(
    rules['filling.stiffness.least'].value,
    rules['filling.stiffness'].value *
      Math.exp(
        -rules['filling.stiffness.water'].value *
          (freeWaterShare - rules['filling.stiffness.at'].value),
      ) *
      rules[`filling.texture.${texture}`].value,
  );

/**
 * Spoon test: yield stress of a paste from how far a spoonful spreads, Pa.
 * τ = 225 ρ g V² / (128 π² R⁵). Law (Roussel & Coussot 2005).
 * @param volumeMl level spoon, 0.5 to 100 ml
 * @param diameterMm spread across, 5 to 500 mm
 * @param densityGPerMl 0.2 to 2.5 g/ml
 * @example yieldStressFromSpread({ volumeMl: 10, diameterMm: 28.68, densityGPerMl: 1.04 }) // 300
 */
export function yieldStressFromSpread({
  volumeMl,
  diameterMm,
  densityGPerMl,
}: {
  volumeMl: number;
  diameterMm: number;
  densityGPerMl: number;
}): number {
  requireInRange('volumeMl', volumeMl, { min: 0.5, max: 100, unit: 'ml' });
  requireInRange('diameterMm', diameterMm, { min: 5, max: 500, unit: 'mm' });
  requireInRange('densityGPerMl', densityGPerMl, { min: 0.2, max: 2.5, unit: 'g/ml' });
  const volumeM3 = volumeMl * 1e-6;
  const radiusM = diameterMm / 2000;
  const weight = densityGPerMl * 1000 * GRAVITY_M_PER_S2;
  return (225 * weight * volumeM3 ** 2) / (128 * Math.PI ** 2 * radiusM ** 5);
}

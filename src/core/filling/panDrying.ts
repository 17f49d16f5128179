import type { Rules } from '../basis/rules';
import type { Composition } from '../composition/compose';

/** A wide pan across, cm. */
export const WIDE_PAN_CM = 28;

/**
 * Minutes in an open pan to drive an amount of water off, stirring. Rule (estimate): 0.02 g a minute
 * for each cm² of pan; weigh to be sure.
 * @example panDryingTime({ waterG: 120 }, startingRules) // 9.7
 */
export const panDryingTime = (
  { waterG, panCm = WIDE_PAN_CM }: { waterG: number; panCm?: number },
  rules: Rules,
): number => waterG / (rules['filling.panDrying'].value * Math.PI * (panCm / 2) ** 2);

/**
 * Water to drive off a filling for a share of free water, g; 0 when it is dry enough. Law:
 * (free − x) = target × (mass − x).
 * @param target free water wanted, 0 to below 1
 * @example waterToCookOff({ freeG: 80, massG: 1000, waterG: 700 }, 0.03) // 51.5
 */
export const waterToCookOff = (
  { freeG, massG, waterG }: Pick<Composition, 'freeG' | 'massG' | 'waterG'>,
  target: number,
): number => Math.min(waterG, Math.max(0, (freeG - target * massG) / (1 - target)));

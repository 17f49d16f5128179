import type { Composition } from '../composition/compose';

/** Water a wide pan at a lively heat gives off, g a minute for each cm² of it. Rule. */
const RATE_G_PER_MIN_CM2 = 0.02;

/** A wide pan across, cm. */
export const WIDE_PAN_CM = 28;

/**
 * Minutes in an open pan to drive an amount of water off, stirring. Rule (estimate): 0.02 g a minute
 * for each cm² of pan; weigh to be sure.
 * @example panDryingTime({ waterG: 120 }) // 9.7
 */
export const panDryingTime = ({
  waterG,
  panCm = WIDE_PAN_CM,
}: {
  waterG: number;
  panCm?: number;
}): number => waterG / (RATE_G_PER_MIN_CM2 * Math.PI * (panCm / 2) ** 2);

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

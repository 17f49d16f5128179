import { REFERENCE_GLUTEN } from '../dough/makeup';

/** How fast the sheet goes through. */
export type RollingSpeed = 'slow' | 'even' | 'fast';

const SPEED: Readonly<Record<RollingSpeed, number>> = { slow: 0.85, even: 1, fast: 1.2 };

/**
 * How much thicker than the gap a sheet comes out, share. Rule (estimate):
 * e = 0.35 × (G ÷ 0.095) × d × (0.2 + 0.8 × relaxation left) × 0.5^(repeats − 1) × speed.
 * @param repeats passes at the same setting, 1 or more
 * @example springBack({ glutenRatio: 0.095, development: 1, relaxationLeft: 0, repeats: 2 }) // 0.035
 */
export const springBack = ({
  glutenRatio,
  development,
  relaxationLeft,
  repeats,
  speed = 'even',
}: {
  glutenRatio: number;
  development: number;
  relaxationLeft: number;
  repeats: number;
  speed?: RollingSpeed;
}): number =>
  0.35 *
  (glutenRatio / REFERENCE_GLUTEN) *
  development *
  (0.2 + 0.8 * relaxationLeft) *
  0.5 ** (repeats - 1) *
  SPEED[speed];

import type { Rules } from '../basis/rules';

/** How fast the sheet goes through. */
export type RollingSpeed = 'slow' | 'even' | 'fast';

/**
 * How much thicker than the gap a sheet comes out, share. Rule (estimate):
 * e = 0.35 × (G ÷ 0.095) × d × (0.2 + 0.8 × relaxation left) × 0.5^(repeats − 1) × speed.
 * @param repeats passes at the same setting, 1 or more
 * @example springBack({ glutenRatio: 0.095, development: 1, relaxationLeft: 0, repeats: 2 }, startingRules) // 0.035
 */
export const springBack = (
  {
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
  },
  rules: Rules,
): number => {
  const rested = rules['sheet.springBack.rested'].value;
  return (
    rules['sheet.springBack'].value *
    (glutenRatio / rules['dough.gluten.reference'].value) *
    development *
    (rested + (1 - rested) * relaxationLeft) *
    rules['sheet.springBack.again'].value ** (repeats - 1) *
    rules[`sheet.speed.${speed}`].value
  );
};

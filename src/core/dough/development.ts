import type { Rules } from '../basis/rules';

/** What kneads the dough. */
export type Kneader = 'hand' | 'mixer' | 'processor';

/**
 * How far the gluten is developed, 0 to 1. Rule (estimate): 1 − e^(−minutes ÷ τ), + 0.04 a letter
 * fold, not above 1.
 * @param minutes 0 or more
 * @example development({ by: 'hand', minutes: 8, folds: 0 }, startingRules) // 0.898
 */
export const development = (
  { by, minutes, folds }: { by: Kneader; minutes: number; folds: number },
  rules: Rules,
): number =>
  Math.min(
    1,
    1 -
      Math.exp(-minutes / rules[`dough.knead.tau.${by}`].value) +
      rules['dough.knead.fold'].value * folds,
  );

/** Minutes of kneading until it is kneaded enough. `kneadWanted('hand', startingRules)` → `8.06` */
export const kneadWanted = (by: Kneader, rules: Rules): number =>
  -rules[`dough.knead.tau.${by}`].value * Math.log(1 - rules['dough.knead.enough'].value);

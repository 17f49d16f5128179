import type { Rules } from '../basis/rules';

/** Egg goes in below this: it sets from about 60 °C, °C. */
export const EGG_GOES_IN_C = 50;

export type EggBinding = 'none' | 'little' | 'binds' | 'much';

/**
 * How an amount of egg stands in a filling. Rule.
 * @param share egg, share of the filling, 0 to 1
 * @example eggBinding(0.05, startingRules) // 'binds'
 */
export function eggBinding(share: number, rules: Rules): EggBinding {
  if (share <= 0) return 'none';
  if (share < rules['filling.egg.least'].value) return 'little';
  return share <= rules['filling.egg.most'].value ? 'binds' : 'much';
}

/** Egg that binds a filling without making it taste of egg or run, share of it. Rule. */
export const EGG_BINDS = { least: 0.04, most: 0.08 } as const;

/** Egg goes in below this: it sets from about 60 °C, °C. */
export const EGG_GOES_IN_C = 50;

export type EggBinding = 'none' | 'little' | 'binds' | 'much';

/**
 * How an amount of egg stands in a filling. Rule.
 * @param share egg, share of the filling, 0 to 1
 * @example eggBinding(0.05) // 'binds'
 */
export function eggBinding(share: number): EggBinding {
  if (share <= 0) return 'none';
  if (share < EGG_BINDS.least) return 'little';
  return share <= EGG_BINDS.most ? 'binds' : 'much';
}

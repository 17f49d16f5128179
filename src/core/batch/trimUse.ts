/** What becomes of the last trim. */
export type TrimUse = 'ribbons' | 'soup' | 'waste';

/** Fresh dough to a portion, g: ribbon noodles as a plate, squares in a bowl of soup. Rule. */
export const TRIM_PORTION_G = { ribbons: 90, soup: 40 } as const;

/**
 * Whole portions that a weight of trim gives; 0 when it is thrown out. Rule on a portion's weight.
 * @example trimPortions(214, 'ribbons') // 2
 */
export const trimPortions = (g: number, use: TrimUse): number =>
  use === 'waste' ? 0 : Math.floor(g / TRIM_PORTION_G[use] + 1e-9);

import { requireInRange } from '../range';
import { TRIM_USABLE } from './yield';

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

/**
 * Trim as noodles: what of it is fit to use, and the portions it gives. Rule. Checked entry for calculators.
 * @param trimG 0 to 100000 g
 * @param portionG 20 to 500 g; a plate of ribbons when left out
 * @throws FieldError out of range
 * @example trimToNoodles({ trimG: 320 }) // { usableG: 272, portions: 3 }
 */
export function trimToNoodles({
  trimG,
  portionG = TRIM_PORTION_G.ribbons,
}: {
  trimG: number;
  portionG?: number | undefined;
}): { usableG: number; portions: number } {
  requireInRange('trimG', trimG, { min: 0, max: 100_000, unit: 'g' });
  requireInRange('portionG', portionG, { min: 20, max: 500, unit: 'g' });
  const usableG = trimG * TRIM_USABLE;
  return { usableG, portions: Math.floor(usableG / portionG + 1e-9) };
}

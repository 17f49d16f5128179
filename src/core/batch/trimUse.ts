import type { Rules } from '../basis/rules';
import { requireInRange } from '../range';
import { TRIM_USABLE } from './yield';

/** What becomes of the last trim. */
export type TrimUse = 'ribbons' | 'soup' | 'waste';

/**
 * Whole portions that a weight of trim gives; 0 when it is thrown out. Rule on a portion's weight.
 * @example trimPortions(214, 'ribbons', startingRules) // 2
 */
export const trimPortions = (g: number, use: TrimUse, rules: Rules): number =>
  use === 'waste' ? 0 : Math.floor(g / rules[`batch.${use}`].value + 1e-9);

/**
 * Trim as noodles: what of it is fit to use, and the portions it gives. Rule. Checked entry for calculators.
 * @param trimG 0 to 100000 g
 * @param portionG 20 to 500 g; a plate of ribbons when left out
 * @throws FieldError out of range
 * @example trimToNoodles({ trimG: 320 }, startingRules) // { usableG: 272, portions: 3 }
 */
export function trimToNoodles(
  { trimG, portionG: asked }: { trimG: number; portionG?: number | undefined },
  rules: Rules,
): { usableG: number; portions: number } {
  const portionG = asked ?? rules['batch.ribbons'].value;
  requireInRange('trimG', trimG, { min: 0, max: 100_000, unit: 'g' });
  requireInRange('portionG', portionG, { min: 20, max: 500, unit: 'g' });
  const usableG = trimG * TRIM_USABLE;
  return { usableG, portions: Math.floor(usableG / portionG + 1e-9) };
}

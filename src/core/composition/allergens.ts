import { findIngredient, type Pantry } from './pantry';

/**
 * The allergens in a list of ingredient ids, each once, in alphabetical order.
 * Derived from the pantry, never typed. Shared boards, water and rollers spread more.
 * @example allergensOf(['flour-00', 'egg-whole'], startingPantry) // ['egg', 'gluten']
 */
export function allergensOf(ids: readonly string[], pantry: Pantry): string[] {
  const found = new Set<string>();
  for (const id of ids) {
    for (const allergen of findIngredient(pantry, id).allergens) found.add(allergen);
  }
  return [...found].sort();
}

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

/** The allergens that are declared, by the names the pantry uses. */
export const ALLERGENS = [
  'gluten',
  'egg',
  'milk',
  'fish',
  'crustaceans',
  'molluscs',
  'tree nuts',
  'peanuts',
  'soya',
  'sesame',
  'celery',
  'mustard',
  'lupin',
  'sulphites',
] as const;

export type Allergen = (typeof ALLERGENS)[number];

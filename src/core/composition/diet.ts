import { findIngredient, type Pantry } from './pantry';

/** Who may eat it, the widest first; `ask` when an ingredient may be either. */
export const DIETS = ['plant', 'vegetarian', 'fish', 'meat', 'ask'] as const;

export type Diet = (typeof DIETS)[number];

const asDiet = (word: string): Diet =>
  (DIETS as readonly string[]).includes(word) ? (word as Diet) : 'ask';

/**
 * The diet of a list of ingredient ids: that of the narrowest of them. Derived from the pantry, never
 * typed.
 * @example dietOf(['flour-00', 'egg-whole'], startingPantry) // 'vegetarian'
 */
export const dietOf = (ids: readonly string[], pantry: Pantry): Diet =>
  ids.reduce<Diet>((narrowest, id) => {
    const own = asDiet(findIngredient(pantry, id).diet);
    return DIETS.indexOf(own) > DIETS.indexOf(narrowest) ? own : narrowest;
  }, 'plant');

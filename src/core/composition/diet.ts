import { findIngredient, type Pantry } from './pantry';

/** Who may eat it, the widest first; `ask` when an ingredient may be either. */
export const DIETS = ['plant', 'vegetarian', 'fish', 'meat', 'ask'] as const;

export type Diet = (typeof DIETS)[number];

/** Diets that guests may ask for. */
export const GUEST_DIETS = ['any', 'vegetarian', 'plant'] as const;

export type GuestDiet = (typeof GUEST_DIETS)[number];

/** Whether something of a diet may be given to guests of another. `suitsDiet('fish', 'vegetarian')` → `false` */
export const suitsDiet = (of: Diet, guests: GuestDiet): boolean =>
  guests === 'any' || DIETS.indexOf(of) <= DIETS.indexOf(guests);

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

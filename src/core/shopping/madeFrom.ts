import type { IngredientGroup } from '../composition/ingredient';
import { findIngredient, type Pantry } from '../composition/pantry';

/** What an ingredient is bought as. */
export interface BoughtAs {
  readonly id: string;
  readonly name: string;
  readonly group: IngredientGroup;
  readonly allergens: readonly string[];
  readonly densityGPerMl: number;
  /** Grams to buy for one gram of the ingredient. */
  readonly times: number;
}

/** Made at home from a row of the pantry, or from something that the pantry knows only as made. */
type Source =
  | { readonly id: string; readonly times: number }
  | { readonly name: string; readonly group: IngredientGroup; readonly times: number };

/**
 * Ingredients that a cook makes, and what they are made from. Table: typical weights, raw for made; what
 * is usually bought ready (smoked fish, picked crab) is not in it.
 */
const MADE_FROM: Readonly<Record<string, Source>> = {
  'ricotta-drained': { id: 'ricotta-fresh', times: 1.19 },
  'spinach-puree': { id: 'spinach-raw', times: 1.9 },
  'beetroot-puree': { id: 'beetroot-raw', times: 1.2 },
  'potato-boiled-riced': { name: 'Potatoes, floury', group: 'starchy', times: 1.15 },
  'potato-baked-riced': { name: 'Potatoes, floury', group: 'starchy', times: 1.45 },
  'chestnut-cooked': { name: 'Chestnuts in the shell', group: 'nut', times: 1.4 },
  'barley-pearl-cooked': { name: 'Pearl barley, dry', group: 'binder', times: 0.36 },
  'quinoa-cooked': { name: 'Quinoa, dry', group: 'binder', times: 0.36 },
  'lentils-cooked': { name: 'Lentils, dry', group: 'binder', times: 0.4 },
  'broad-beans-cooked': { name: 'Broad beans, shelled or frozen', group: 'vegetable', times: 1.1 },
  'peas-cooked': { name: 'Peas, shelled or frozen', group: 'vegetable', times: 1.05 },
  'artichoke-cooked': { name: 'Artichokes', group: 'vegetable', times: 3 },
};

/**
 * What to buy for an ingredient: what it is made from, or itself.
 * @throws FieldError when the id is unknown
 * @example boughtAs('ricotta-drained', startingPantry) // { id: 'ricotta-fresh', times: 1.19, … }
 */
export function boughtAs(id: string, pantry: Pantry): BoughtAs {
  const made = findIngredient(pantry, id);
  const source = MADE_FROM[id];
  if (!source) return { ...made, times: 1 };
  if ('id' in source) return { ...findIngredient(pantry, source.id), times: source.times };
  // Its own line, under the name it is sold by; allergens are what they were.
  const { name, group, times } = source;
  return { ...made, id: name.toLowerCase().replace(/\W+/g, '-'), name, group, times };
}

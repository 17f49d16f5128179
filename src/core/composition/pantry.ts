import { FieldError } from '../range';
import type { Ingredient, Preparation } from './ingredient';
import ingredientRows from './tables/ingredients.json';
import preparationRows from './tables/preparations.json';

/** What can be looked up by id while a plan is worked out. */
export interface Pantry {
  readonly ingredients: ReadonlyMap<string, Ingredient>;
  readonly preparations: ReadonlyMap<string, Preparation>;
}

/** Rows of a cook's own: new ones, and shipped ones changed. */
export interface PantryRows {
  readonly ingredients: readonly Ingredient[];
  readonly preparations: readonly Preparation[];
}

/** Builds a pantry from rows. */
export const makePantry = (
  ingredients: readonly Ingredient[],
  preparations: readonly Preparation[],
): Pantry => ({
  ingredients: new Map(ingredients.map((row) => [row.id, row])),
  preparations: new Map(preparations.map((row) => [row.id, row])),
});

/** The pantry the product ships with: typical published values, `data/*.csv`. */
export const startingPantry: Pantry = makePantry(
  ingredientRows as readonly Ingredient[],
  preparationRows as readonly Preparation[],
);

/**
 * The shipped pantry with a cook's own rows over it.
 * @example pantryWith({ ingredients: [millFlour], preparations: [] }).ingredients.get('mill-flour')
 */
export function pantryWith({ ingredients, preparations }: PantryRows): Pantry {
  if (!ingredients.length && !preparations.length) return startingPantry;
  return makePantry(
    [...startingPantry.ingredients.values(), ...ingredients],
    [...startingPantry.preparations.values(), ...preparations],
  );
}

/** The rows that a list of parts uses, to keep beside what was made from them. */
export function rowsUsed(
  parts: readonly { readonly id: string; readonly preparation?: string | undefined }[],
  pantry: Pantry,
): PantryRows {
  const pick = <T>(from: ReadonlyMap<string, T>, ids: Iterable<string | undefined>) =>
    [...new Set(ids)].flatMap((id) => (id === undefined ? [] : (from.get(id) ?? [])));
  return {
    ingredients: pick(
      pantry.ingredients,
      parts.map(({ id }) => id),
    ),
    preparations: pick(
      pantry.preparations,
      parts.map(({ preparation }) => preparation),
    ),
  };
}

/**
 * Finds an ingredient.
 * @throws FieldError naming the field when the id is unknown
 */
export function findIngredient(pantry: Pantry, id: string, field = 'id'): Ingredient {
  const found = pantry.ingredients.get(id);
  if (!found) throw new FieldError(field, `is not in the pantry: "${id}"${nearest(pantry, id)}`);
  return found;
}

/**
 * Finds a preparation and checks that it suits the ingredient.
 * @throws FieldError when the id is unknown or the preparation does not suit
 */
export function findPreparation(
  pantry: Pantry,
  id: string,
  ingredientId: string,
  field = 'preparation',
): Preparation {
  const found = pantry.preparations.get(id);
  if (!found) {
    throw new FieldError(
      field,
      `is not a known preparation: "${id}"; allowed here: ${preparationsFor(pantry, ingredientId)
        .map((each) => each.id)
        .join(', ')}`,
    );
  }
  if (!suits(found, ingredientId)) {
    throw new FieldError(
      field,
      `"${id}" is not done to ${ingredientId}; allowed here: ${preparationsFor(pantry, ingredientId)
        .map((each) => each.id)
        .join(', ')}`,
    );
  }
  return found;
}

/** The preparations that suit an ingredient, as it is first. */
export const preparationsFor = (pantry: Pantry, ingredientId: string): Preparation[] =>
  [...pantry.preparations.values()].filter((each) => suits(each, ingredientId));

const suits = (preparation: Preparation, ingredientId: string): boolean =>
  preparation.appliesTo.includes('any') || preparation.appliesTo.includes(ingredientId);

/** A few ids that begin alike, to help whoever mistyped one. */
function nearest(pantry: Pantry, id: string): string {
  const stem = id.split('-')[0] ?? '';
  const like = [...pantry.ingredients.keys()].filter((key) => stem && key.startsWith(stem));
  return like.length ? `; like it: ${like.slice(0, 5).join(', ')}` : '';
}

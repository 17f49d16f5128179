import type { Basis } from '../../basis/basis';
import type { Part } from '../../composition/compose';
import { findIngredient } from '../../composition/pantry';
import type { Plan } from '../document/schema';
import { hydrationNow, weighDough } from './doughOfBatch';

/** An ingredient of the dough of which there is only so much. */
export interface InHand {
  readonly id: string;
  readonly name: string;
  readonly needsG: number;
  readonly haveG: number;
}

/** What there is of each limited ingredient, g, by id. A recipe that lists one twice has it once. */
function limitsOf(recipe: Plan['dough']['parts']): Map<string, number> {
  const limits = new Map<string, number>();
  for (const { id, haveG } of recipe) {
    if (haveG !== undefined) limits.set(id, Math.max(limits.get(id) ?? 0, haveG));
  }
  return limits;
}

const needs = (parts: readonly Part[], id: string): number =>
  parts.reduce((sum, part) => sum + (part.id === id ? part.g : 0), 0);

/**
 * Each limited ingredient beside what is taken of it. Law.
 * @param recipe a dough's parts with what there is of them; of several doughs of one kitchen, all their parts
 * @param parts the dough or doughs as they are weighed out, corrections counted
 * @example inHand(planShortOfFlour.dough.parts, [{ id: 'flour-wholemeal', g: 260 }], basis) // [{ id: 'flour-wholemeal', needsG: 260, haveG: 200, … }]
 */
export const inHand = (
  recipe: Plan['dough']['parts'],
  parts: readonly Part[],
  { pantry }: Pick<Basis, 'pantry'>,
): InHand[] =>
  [...limitsOf(recipe)].map(([id, haveG]) => ({
    id,
    name: findIngredient(pantry, id).name,
    needsG: needs(parts, id),
    haveG,
  }));

/** A scale shows no less, g. */
const SHOWN_G = 0.5;

/** Whether a dough takes more of it than there is. */
export const isShort = ({ needsG, haveG }: InHand): boolean => needsG > haveG + SHOWN_G;

/**
 * Flour that may still be kneaded in, in the recipe's own blend, g; null where no flour is limited.
 * @example spareFlourG([{ id: 'flour-wholemeal', needsG: 190, haveG: 200, … }], parts, basis) // 10, where it is all wholemeal
 */
export function spareFlourG(
  limited: readonly InHand[],
  parts: readonly Part[],
  { pantry }: Pick<Basis, 'pantry'>,
): number | null {
  const isFlour = (id: string) => findIngredient(pantry, id).group === 'flour';
  const flourG = parts.reduce((sum, { id, g }) => sum + (isFlour(id) ? g : 0), 0);
  const spare = limited.flatMap(({ id, needsG, haveG }) =>
    isFlour(id) && needsG > 0 ? (Math.max(0, haveG - needsG) * flourG) / needsG : [],
  );
  return spare.length > 0 ? Math.min(...spare) : null;
}

/** Whole eggs make a recipe uneven: so often it is made smaller until everything is enough. */
const TRIES = 12;

/**
 * The most dough that can be made of what there is, g; null where nothing is limited.
 * @example mostDoughG(planShortOfFlour, basis) // 540
 */
export function mostDoughG(plan: Plan, basis: Basis): number | null {
  const limits = limitsOf(plan.dough.parts);
  if (limits.size === 0) return null;
  const recipe = hydrationNow(plan, plan.dough.parts, basis);
  /** How far a dough of some weight must be made smaller. */
  const least = (parts: readonly Part[]) =>
    Math.min(...[...limits].map(([id, haveG]) => haveG / Math.max(1e-9, needs(parts, id))));
  let totalG = recipe.massG * least(plan.dough.parts);
  for (let i = 0; i < TRIES && totalG >= 1; i += 1) {
    const factor = least(weighDough(plan, recipe, totalG, basis).parts);
    if (factor >= 1 - 1e-9) return totalG;
    totalG *= factor;
  }
  return totalG;
}

import type { Part } from '../composition/compose';
import { findIngredient, type Pantry } from '../composition/pantry';
import type { EggContents } from './eggSizes';

/** Ids by which the dough knows the three parts of a hen's egg. */
export const EGG_WHOLE = 'egg-whole';
export const EGG_YOLK = 'egg-yolk';
export const EGG_WHITE = 'egg-white';

/** Plain water, from the tap. */
export const WATER = 'water';

/** What a dough is made of, beyond its water. */
export interface DoughMakeup {
  readonly flourG: number;
  readonly massG: number;
  /** Σ g × protein × gluten quality ÷ flour. */
  readonly glutenRatio: number;
  /** Fat in all of it, share of the dough. */
  readonly fatShare: number;
  /** Yolk in the egg, share of the egg's mass; null without hen egg. */
  readonly yolkShare: number | null;
  /** Salt put in, share of the flour. */
  readonly saltShare: number;
  /** Fibre in the flours, share of the flour. */
  readonly fibreShare: number;
  /** Flours that bring no gluten, share of the flour. */
  readonly glutenFreeShare: number;
}

/**
 * What stands in a dough beside its water. Law on the ingredient table; the gluten quality is a table.
 * @param egg what one of the cook's eggs holds: how much of a whole egg is yolk
 * @throws FieldError when an id is unknown
 * @example
 * doughMakeup([{ id: 'flour-00', g: 400 }, { id: 'egg-whole', g: 200 }], startingPantry,
 *   { eggG: 50, yolkG: 17 }) // { glutenRatio: 0.0945, yolkShare: 0.34, fatShare: 0.038, … }
 */
export function doughMakeup(
  parts: readonly Part[],
  pantry: Pantry,
  { eggG, yolkG }: EggContents,
): DoughMakeup {
  let flourG = 0;
  let massG = 0;
  let glutenG = 0;
  let fatG = 0;
  let saltG = 0;
  let fibreG = 0;
  let glutenFreeG = 0;
  let eggMassG = 0;
  let yolkMassG = 0;
  for (const { id, g } of parts) {
    const row = findIngredient(pantry, id);
    massG += g;
    fatG += g * row.fat;
    if (row.group === 'flour') {
      flourG += g;
      glutenG += g * row.protein * row.gluten;
      fibreG += g * row.fibre;
      if (row.gluten === 0) glutenFreeG += g;
    }
    if (id === 'salt-fine') saltG += g;
    if (row.group === 'egg') eggMassG += g;
    if (id === EGG_YOLK) yolkMassG += g;
    if (id === EGG_WHOLE) yolkMassG += (g * yolkG) / eggG;
  }
  const perFlour = (g: number) => (flourG > 0 ? g / flourG : 0);
  return {
    flourG,
    massG,
    glutenRatio: perFlour(glutenG),
    fatShare: massG > 0 ? fatG / massG : 0,
    yolkShare: eggMassG > 0 ? yolkMassG / eggMassG : null,
    saltShare: perFlour(saltG),
    fibreShare: perFlour(fibreG),
    glutenFreeShare: perFlour(glutenFreeG),
  };
}

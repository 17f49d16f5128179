import { FieldError, requireInRange } from '../range';
import type { Ingredient, Preparation } from './ingredient';

/** Masses of one part, g. `mass = water + solids`. */
export interface PartMasses {
  readonly massG: number;
  readonly waterG: number;
  readonly solidsG: number;
  readonly proteinG: number;
  readonly fatG: number;
  readonly carbohydrateG: number;
  readonly holdingG: number;
  /** Water in it raw, and where that went: what it took up, what dripped off, what steamed off. */
  readonly rawWaterG: number;
  readonly takenUpG: number;
  readonly dripG: number;
  readonly steamedG: number;
  /** Solids left in the pan, the cloth or the water. */
  readonly solidsLostG: number;
}

/** Widest amount of one ingredient the core takes, g. */
export const MAX_PART_G = 100_000;

/**
 * Follows one ingredient through its preparation.
 *
 * mass' = yield × mass (or the weighed result), solids' = solids × (1 − lost),
 * water' = mass' − solids'. Law on a table of typical yields. Nothing is lost on the way:
 * raw + taken up = mass' + drip + steamed off + solids lost.
 *
 * @param g raw mass, 0 to 100000 g
 * @param weighedG the result as weighed; replaces the typical yield
 * @throws FieldError when the weighed result is lighter than the solids that must be in it
 * @example prepare(celeriac, 1000, roastCubes) // { massG: 680, waterG: 562.4, solidsG: 117.6, … }
 */
export function prepare(
  ingredient: Ingredient,
  g: number,
  preparation?: Preparation,
  weighedG?: number,
  field = 'part',
): PartMasses {
  requireInRange(`${field}.g`, g, { min: 0, max: MAX_PART_G, unit: 'g' });
  const kept = 1 - (preparation?.solidsLost ?? 0);
  const solidsG = g * (1 - ingredient.water) * kept;
  if (weighedG !== undefined) {
    requireInRange(`${field}.weighedG`, weighedG, { min: 0, max: MAX_PART_G, unit: 'g' });
    if (weighedG < solidsG - 1e-9) {
      throw new FieldError(
        `${field}.weighedG`,
        `must be at least ${solidsG.toFixed(1)} g, the dry solids in ${g} g of ${ingredient.name}, not ${weighedG}`,
      );
    }
  }
  // The driest table yields may undercut the solids of an unusually dry user ingredient.
  const massG = weighedG ?? Math.max(g * (preparation?.massYield ?? 1), solidsG);
  const waterLostG = g * ingredient.water - (massG - solidsG);
  const dripShare = preparation?.liquorShare ?? 0;
  return {
    massG,
    waterG: massG - solidsG,
    solidsG,
    proteinG: g * ingredient.protein * kept,
    fatG: g * ingredient.fat * kept,
    carbohydrateG: g * ingredient.carbohydrate * kept,
    holdingG: solidsG * ingredient.holding,
    rawWaterG: g * ingredient.water,
    takenUpG: Math.max(0, -waterLostG),
    dripG: Math.max(0, waterLostG) * dripShare,
    steamedG: Math.max(0, waterLostG) * (1 - dripShare),
    solidsLostG: g * (1 - ingredient.water) - solidsG,
  };
}

import type { Part } from '../composition/compose';
import { findIngredient, type Pantry } from '../composition/pantry';
import { MAX_PART_G } from '../composition/prepare';
import { FieldError, requireInRange } from '../range';
import { flourMoisture } from './flourMoisture';
import type { Rules } from '../basis/rules';
import { hydrationBand, type DoughStyle, type HydrationBand } from './targetHydration';

export interface Hydration extends HydrationBand {
  readonly flourG: number;
  /** Water in all that is not flour, plus what the weather put into the flour. */
  readonly waterG: number;
  readonly massG: number;
  readonly hydration: number;
  /** Water that brings it to target; negative when there is too much already. */
  readonly addWaterG: number;
  /** Flour that brings it to target; negative when there is too much already. */
  readonly addFlourG: number;
  readonly eggSolidsRatio: number;
  /** Fat of everything that is not flour, for a gram of flour. */
  readonly fatRatio: number;
  readonly absorption: number;
  /** Water the flour took from damp air (negative: gave to dry air). */
  readonly weatherWaterG: number;
}

/**
 * Hydration of a dough, its target and both ways of correcting it.
 *
 * h = W / F, with W the water of everything that is not flour (law). Flour left open moves by
 * F × (m − table moisture), counted as water (law with fitted constants). Corrections (law):
 * ΔW = (h* − h) × F, ΔF = W / h* − F.
 *
 * @param rh air humidity round flour stored open, 0.05 to 0.95; leave out for sealed flour
 * @throws FieldError when there is no flour, an id is unknown or an amount is out of range
 * @example
 * hydration([{ id: 'flour-00', g: 400 }, { id: 'egg-whole', g: 200 }], startingPantry)
 * // { flourG: 400, waterG: 152.4, hydration: 0.381, target: 0.393, low: 0.336, high: 0.445, … }
 */
export function hydration(
  parts: readonly Part[],
  pantry: Pantry,
  {
    rh,
    style = 'plain',
    field = 'parts',
    mostG = MAX_PART_G,
    rules,
  }: {
    rh?: number | undefined;
    style?: DoughStyle;
    field?: string;
    /** The most of one part; a whole batch may be larger than what a recipe takes. */
    mostG?: number;
    rules: Rules;
  },
): Hydration {
  const airMoisture = rh === undefined ? undefined : flourMoisture(rh);
  let flourG = 0;
  let wetG = 0;
  let weatherWaterG = 0;
  let massG = 0;
  let eggSolidsG = 0;
  let fatG = 0;
  let absorptionG = 0;
  parts.forEach(({ id, g }, index) => {
    const at = `${field}[${index}]`;
    const ingredient = findIngredient(pantry, id, `${at}.id`);
    requireInRange(`${at}.g`, g, { min: 0, max: mostG, unit: 'g' });
    massG += g;
    if (ingredient.group === 'flour') {
      flourG += g;
      absorptionG += g * ingredient.absorption;
      if (airMoisture !== undefined) weatherWaterG += g * (airMoisture - ingredient.water);
    } else {
      wetG += g * ingredient.water;
      fatG += g * ingredient.fat;
    }
    // A plant egg stands in for hen egg one for one, so its solids count alike.
    if (ingredient.group === 'egg' || ingredient.group === 'egg-substitute') {
      eggSolidsG += g * (1 - ingredient.water);
    }
  });
  if (flourG <= 0) throw new FieldError(field, 'must hold at least one flour, more than 0 g');
  const waterG = wetG + weatherWaterG;
  const h = waterG / flourG;
  const eggSolidsRatio = eggSolidsG / flourG;
  const absorption = absorptionG / flourG;
  const fatRatio = fatG / flourG;
  const band = hydrationBand({ eggSolidsRatio, fatRatio, absorption, style }, rules);
  const { target } = band;
  return {
    flourG,
    waterG,
    massG,
    hydration: h,
    ...band,
    addWaterG: (target - h) * flourG,
    addFlourG: waterG / target - flourG,
    eggSolidsRatio,
    fatRatio,
    absorption,
    weatherWaterG,
  };
}

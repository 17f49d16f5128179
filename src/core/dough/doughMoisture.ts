import { findIngredient, type Pantry } from '../composition/pantry';
import type { Part } from '../composition/compose';

/**
 * Moisture of a dough on a wet basis: all its water, the flour's own included, by all its mass. What
 * open time, seep and cooking start from. Law on the ingredient table.
 * @param weatherWaterG water that damp air put into the flour, g
 * @example doughMoisture([{ id: 'flour-00', g: 400 }, { id: 'egg-whole', g: 200 }], startingPantry) // 0.341
 */
export function doughMoisture(
  parts: readonly Part[],
  pantry: Pantry,
  { weatherWaterG = 0 }: { weatherWaterG?: number } = {},
): number {
  let massG = 0;
  let waterG = weatherWaterG;
  for (const { id, g } of parts) {
    massG += g;
    waterG += g * findIngredient(pantry, id).water;
  }
  return massG > 0 ? Math.min(1, Math.max(0, waterG / massG)) : 0;
}

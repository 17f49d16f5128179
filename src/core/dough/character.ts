import type { Part } from '../composition/compose';
import { findIngredient, type Pantry } from '../composition/pantry';
import type { FlourBlend } from './eggDough';
import type { EggContents } from './eggSizes';
import type { Hydration } from './hydration';
import { EGG_WHOLE, EGG_YOLK, WATER } from './makeup';

/** What a dough recipe is like, apart from its size: enough to make it again in whole eggs. */
export interface DoughCharacter {
  readonly blend: FlourBlend;
  /** Null without whole eggs or yolks. */
  readonly yolkShare: number | null;
  /** Plain water, share of all the water. */
  readonly waterShare: number;
}

/**
 * Reads a recipe's character: its flours and what goes with them, yolk share, share of plain water.
 * Law on the ingredient table.
 * @param recipe the recipe's own hydration, as `hydration` gives it
 */
export function doughCharacter(
  parts: readonly Part[],
  recipe: Hydration,
  egg: EggContents,
  pantry: Pantry,
): DoughCharacter {
  let othersG = 0;
  let othersWaterG = 0;
  let othersEggSolidsG = 0;
  let othersFatG = 0;
  let plainWaterG = 0;
  let wholeG = 0;
  let yolkG = 0;
  for (const { id, g } of parts) {
    const row = findIngredient(pantry, id);
    if (row.group === 'flour') continue;
    if (id === EGG_WHOLE) wholeG += g;
    else if (id === EGG_YOLK) yolkG += g;
    else if (id === WATER) plainWaterG += g;
    else {
      othersG += g;
      othersWaterG += g * row.water;
      othersFatG += g * row.fat;
      if (row.group === 'egg' || row.group === 'egg-substitute') {
        othersEggSolidsG += g * (1 - row.water);
      }
    }
  }
  const { flourG } = recipe;
  return {
    blend: {
      absorption: recipe.absorption,
      othersG: othersG / flourG,
      othersWaterG: othersWaterG / flourG,
      othersEggSolidsG: othersEggSolidsG / flourG,
      othersFatG: othersFatG / flourG,
      weatherWaterG: recipe.weatherWaterG / flourG,
    },
    yolkShare:
      wholeG + yolkG > 0 ? (yolkG + (wholeG * egg.yolkG) / egg.eggG) / (wholeG + yolkG) : null,
    waterShare: recipe.waterG > 0 ? Math.min(1, Math.max(0, plainWaterG / recipe.waterG)) : 0,
  };
}

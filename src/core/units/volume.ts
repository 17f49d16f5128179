import { spoonText } from './format';
import type { UnitPreferences } from './preferences';
import { METRIC_CUP_ML, ML_PER_US_TSP } from './units';

/** A cup, ml: 250 where spoons are metric, 48 US teaspoons where they are not. */
export const cupMl = ({ spoons }: UnitPreferences): number =>
  spoons === 'us' ? 48 * ML_PER_US_TSP : METRIC_CUP_ML;

const QUARTERS = ['', '¼', '½', '¾'];

/**
 * A volume in cups to the nearest quarter, or in spoons when it is under a quarter of a cup; null
 * when the user wants neither.
 * @example cupsText(440, METRIC) // 'about 1¾ cups'
 */
export function cupsText(ml: number, preferences: UnitPreferences): string | null {
  if (preferences.spoons === 'none') return null;
  const quarters = Math.round((4 * ml) / cupMl(preferences));
  if (quarters < 1) return spoonText(ml, preferences);
  const whole = Math.floor(quarters / 4);
  const text = `${whole || ''}${QUARTERS[quarters % 4]}`;
  return `about ${text} ${quarters > 4 ? 'cups' : 'cup'}`;
}

/**
 * Spoons and cups as units of weight for one ingredient, by its bulk density: for typing “2 cups”.
 * @param densityGPerMl bulk density as measured in a cup, g/ml
 * @example bulkUnits(0.53, METRIC).cup // 132.5
 */
export function bulkUnits(
  densityGPerMl: number,
  preferences: UnitPreferences,
): Readonly<Record<string, number>> {
  const cup = cupMl(preferences) * densityGPerMl;
  const tsp = (preferences.spoons === 'us' ? ML_PER_US_TSP : 5) * densityGPerMl;
  return { cups: cup, cup, tbsp: 3 * tsp, tsp, ml: densityGPerMl };
}

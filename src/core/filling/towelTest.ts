import { FieldError } from '../range';

/** Least and most that a test may move what the solids hold. */
const FACTOR_RANGE = [0.05, 20] as const;

/**
 * Towel test: free water of a filling from the wet mark of a spoonful. Share = what the towel took ÷
 * the spoonful. Law (mass balance).
 * @throws FieldError when the towel took more than the spoonful
 * @example towelFreeWater({ spoonfulG: 20, wetG: 1.2 }) // 0.06
 */
export function towelFreeWater({ spoonfulG, wetG }: { spoonfulG: number; wetG: number }): number {
  if (!(wetG <= spoonfulG)) {
    throw new FieldError('wetG', `must be at most the spoonful, ${spoonfulG} g, not ${wetG}`);
  }
  return wetG / spoonfulG;
}

/**
 * What the solids hold against the table, by a towel test: (water − free × mass) ÷ held by the table.
 * Kept with the test, so that a filling changed afterwards is followed from what was measured.
 * @param tableHoldingG what the table says the solids can hold, g
 * @example holdingFactorFrom({ freeWaterShare: 0.06, waterG: 700, massG: 1000, tableHoldingG: 660 }) // 0.97
 */
export function holdingFactorFrom({
  freeWaterShare,
  waterG,
  massG,
  tableHoldingG,
}: {
  freeWaterShare: number;
  waterG: number;
  massG: number;
  tableHoldingG: number;
}): number {
  if (tableHoldingG <= 0) return 1;
  const factor = (waterG - freeWaterShare * massG) / tableHoldingG;
  return Math.min(FACTOR_RANGE[1], Math.max(FACTOR_RANGE[0], factor));
}

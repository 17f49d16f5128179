import { compose, type Composition } from '../composition/compose';
import type { Pantry } from '../composition/pantry';
import { yieldStressFromFreeWater, yieldStressFromSpread } from '../filling/yieldStress';
import type { Plan } from './schema';

/** The filling of a plan as its document holds it. */
export type FillingRecipe = Plan['filling'];

/** The filling mixed: prepared parts, what was cooked off, and what a towel test says its solids hold. */
export const composeFilling = (filling: FillingRecipe, pantry: Pantry): Composition =>
  compose(filling.parts, pantry, {
    air: filling.air,
    cookedOffG: filling.cookedOffG,
    holdingFactor: filling.towelTest?.holdingFactor ?? 1,
    field: 'filling.parts',
  });

export type StiffnessFrom = 'spoon' | 'measured' | 'rule';

/** Stiffness of a filling, Pa: by a spoon test, as typed, or by the rule. */
export function stiffnessOf(
  filling: FillingRecipe,
  { densityGPerMl, freeWaterShare }: Composition,
): { readonly pa: number; readonly from: StiffnessFrom } {
  if (filling.spoonTest) {
    const pa = yieldStressFromSpread({ ...filling.spoonTest, densityGPerMl });
    return { pa: Math.min(MOST_PA, Math.max(LEAST_PA, pa)), from: 'spoon' };
  }
  if (filling.yieldStressPa !== undefined) return { pa: filling.yieldStressPa, from: 'measured' };
  return { pa: yieldStressFromFreeWater(freeWaterShare, filling.texture), from: 'rule' };
}

/** A spoonful that did not spread, or ran like milk, says no more than this, Pa. */
const LEAST_PA = 5;
const MOST_PA = 50_000;

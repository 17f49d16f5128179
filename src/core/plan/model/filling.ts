import type { Basis } from '../../basis/basis';
import type { Rules } from '../../basis/rules';
import type { Composition } from '../../composition/compose';
import { yieldStressFromFreeWater, yieldStressFromSpread } from '../../filling/yieldStress';
import { composeFilling, type FillingRecipe } from '../document/recipe';
import type { Plan } from '../document/schema';

/** How stiff a filling is, Pa, and by what it is known. */
export interface Stiffness {
  readonly pa: number;
  readonly from: 'spoon' | 'measured' | 'rule';
}

/** The filling mixed: what it is made of and how it stands. */
export interface FillingStage {
  readonly composition: Composition;
  readonly stiffness: Stiffness;
}

/** First stage: the filling as its recipe makes it. */
export function fillingStage(
  { filling }: Pick<Plan, 'filling'>,
  { pantry, rules }: Basis,
): FillingStage {
  const composition = composeFilling(filling, pantry);
  return { composition, stiffness: stiffnessOf(filling, composition, rules) };
}

/** Stiffness of a filling, Pa: by a spoon test, as typed, or by the rule. */
export function stiffnessOf(
  filling: FillingRecipe,
  { densityGPerMl, freeWaterShare }: Composition,
  rules: Rules,
): Stiffness {
  if (filling.spoonTest) {
    const pa = yieldStressFromSpread({ ...filling.spoonTest, densityGPerMl });
    return { pa: Math.min(MOST_PA, Math.max(LEAST_PA, pa)), from: 'spoon' };
  }
  if (filling.yieldStressPa !== undefined) return { pa: filling.yieldStressPa, from: 'measured' };
  return { pa: yieldStressFromFreeWater(freeWaterShare, filling.texture, rules), from: 'rule' };
}

/** A spoonful that did not spread, or ran like milk, says no more than this, Pa. */
const LEAST_PA = 5;
const MOST_PA = 50_000;

import type { Basis } from '../../basis/basis';
import type { FieldRange } from '../../range';
import { fillingStage } from '../model/filling';
import { PLAN_FIELDS } from '../document/planFields';
import type { Plan } from '../document/schema';

/** Which recipe is all there is. */
export type Had = 'dough' | 'filling';

const within = (value: number, { min, max }: FieldRange): number =>
  Math.round(Math.min(max, Math.max(min, value)));

/** What a recipe comes to as typed and prepared, g: the dough mixed, the filling ready to use. */
export function recipeMassG(plan: Pick<Plan, Had>, of: Had, basis: Basis): number {
  if (of === 'dough') return plan.dough.parts.reduce((sum, { g }) => sum + g, 0);
  return fillingStage(plan, basis).composition.massG;
}

/**
 * The plan made from what a recipe gives and no more: “this recipe is what I have”. Where the other
 * was in hand already, both are used up.
 * @example haveRecipe(plan, 'filling', basis).batch // { wayIn: 'filling', fillingInHandG: 748, … }
 */
export function haveRecipe(plan: Plan, of: Had, basis: Basis): Plan {
  const other = of === 'dough' ? 'filling' : 'dough';
  const { wayIn } = plan.batch;
  const key = of === 'dough' ? 'doughInHandG' : 'fillingInHandG';
  return {
    ...plan,
    batch: {
      ...plan.batch,
      wayIn: wayIn === other || wayIn === 'both' ? 'both' : of,
      [key]: within(recipeMassG(plan, of, basis), PLAN_FIELDS[`batch.${key}`]),
    },
  };
}

import { compose, type Composition } from '../../composition/compose';
import type { Pantry } from '../../composition/pantry';
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

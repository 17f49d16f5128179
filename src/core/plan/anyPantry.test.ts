import fc from 'fast-check';
import { basisWith } from '../basis/basis';
import { pantryWith, startingPantry, type Pantry } from '../composition/pantry';
import {
  INGREDIENT_RANGES,
  ingredientSchema,
  PREPARATION_RANGES,
  preparationSchema,
} from '../composition/pantrySchema';
import type { Ingredient, Preparation } from '../composition/ingredient';
import { anyPlanDocument } from '../testing/anyPlan';
import { seeded } from '../testing/kitchens';
import { parsePlan } from './document/parsePlan';
import { PlanError } from './document/planError';
import { evaluatePlan } from './evaluatePlan';

type Ranges = Readonly<Record<string, { readonly min: number; readonly max: number }>>;

/** A kitchen's own table: the shipped rows, a third of their figures at an end of what they may be. */
function oddPantry(seed: number): Pantry {
  const random = seeded(seed);
  const odd = <T extends object>(row: T, ranges: Ranges): T =>
    Object.fromEntries(
      Object.entries(row).map(([key, value]: [string, unknown]) => {
        const range = ranges[key];
        return [key, range && random() < 0.35 ? range[random() < 0.5 ? 'min' : 'max'] : value];
      }),
    ) as T;
  const { ingredients, preparations } = startingPantry;
  return pantryWith({
    ingredients: [...ingredients.values()]
      .map((row) => odd<Ingredient>(row, INGREDIENT_RANGES))
      .filter((row) => ingredientSchema.safeParse(row).success),
    preparations: [...preparations.values()]
      .map((row) => odd<Preparation>(row, PREPARATION_RANGES))
      .filter((row) => preparationSchema.safeParse(row).success),
  });
}

describe('any plan in any kitchen', () => {
  it('is worked out, with every way to mend it, or refused by name', () => {
    fc.assert(
      fc.property(anyPlanDocument, fc.integer({ min: 1, max: 40 }), (document, seed) => {
        const pantry = oddPantry(seed);
        let plan;
        try {
          plan = parsePlan(document, pantry);
        } catch (error) {
          expect(error).toBeInstanceOf(PlanError);
          return;
        }
        const { working, weakestLink, margins } = evaluatePlan(plan, basisWith(pantry));
        expect(Object.values(margins).filter((margin) => Number.isNaN(margin))).toEqual([]);
        expect(working.pieces.value).toBeGreaterThanOrEqual(0);
        expect(weakestLink.remedies.every(({ margin }) => Number.isFinite(margin))).toBe(true);
      }),
      { numRuns: 120 },
    );
  });
});

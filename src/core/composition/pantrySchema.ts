import * as z from 'zod';
import { oneOf, quantity, shortText } from '../fields';
import { ALLERGENS } from './allergens';
import { DIETS } from './diet';
import { INGREDIENT_GROUPS, type Ingredient, type Preparation } from './ingredient';

/** What each number of an ingredient may be. Shares are of its mass. */
export const INGREDIENT_RANGES = {
  water: { label: 'Water', min: 0, max: 1 },
  protein: { label: 'Protein', min: 0, max: 1 },
  fat: { label: 'Fat', min: 0, max: 1 },
  carbohydrate: { label: 'Carbohydrate', min: 0, max: 1 },
  fibre: { label: 'Fibre', min: 0, max: 1 },
  densityGPerMl: { label: 'Bulk density', min: 0.05, max: 2.5, unit: 'g/ml' },
  holding: { label: 'Holding', min: 0, max: 20 },
  gluten: { label: 'Gluten quality', min: 0, max: 1 },
  absorption: { label: 'Absorption', min: -0.5, max: 0.5 },
} as const;

/** What each number of a preparation may be. */
export const PREPARATION_RANGES = {
  massYield: { label: 'Weight after, of before', min: 0.02, max: 5 },
  solidsLost: { label: 'Solids lost', min: 0, max: 0.95 },
  liquorShare: { label: 'Drip, of the water lost', min: 0, max: 1 },
} as const;

const measured = <T extends keyof typeof INGREDIENT_RANGES>(key: T) =>
  quantity(INGREDIENT_RANGES[key].label, INGREDIENT_RANGES[key]);
const prepared = <T extends keyof typeof PREPARATION_RANGES>(key: T) =>
  quantity(PREPARATION_RANGES[key].label, PREPARATION_RANGES[key]);

const id = z
  .string({ error: 'Id must be text' })
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'Id must be small letters, digits and single hyphens')
  .max(80, 'Id must be at most 80 characters');

/** Table figures are rounded: what they come to may be a little over the whole. */
const WHOLE = 1.03;

/** One row of the pantry as it is taken in: every figure in range, and together no more than there is. */
export const ingredientSchema = z
  .strictObject({
    id,
    name: shortText('Name', 80),
    group: oneOf('Group', INGREDIENT_GROUPS),
    water: measured('water'),
    protein: measured('protein'),
    fat: measured('fat'),
    carbohydrate: measured('carbohydrate'),
    fibre: measured('fibre'),
    densityGPerMl: measured('densityGPerMl'),
    holding: measured('holding'),
    gluten: measured('gluten'),
    absorption: measured('absorption'),
    allergens: z.array(oneOf('Allergen', ALLERGENS)).max(ALLERGENS.length),
    diet: oneOf('Diet', [...DIETS, 'any']),
  })
  .superRefine(({ water, protein, fat, carbohydrate, fibre }, context) => {
    const total = water + protein + fat + carbohydrate;
    if (total > WHOLE) {
      context.addIssue({
        code: 'custom',
        path: ['water'],
        message: `Water, protein, fat and carbohydrate together must be at most 100 %, not ${(total * 100).toFixed(1)} %`,
      });
    }
    if (fibre > carbohydrate + 1e-9) {
      context.addIssue({
        code: 'custom',
        path: ['fibre'],
        message: 'Fibre must be at most the carbohydrate, which includes it',
      });
    }
  }) satisfies z.ZodType<Ingredient>;

/** One preparation as it is taken in. */
export const preparationSchema = z.strictObject({
  id,
  name: shortText('Name', 80),
  appliesTo: z
    .array(shortText('Ingredient id', 80))
    .min(1, 'Applies to must name at least one ingredient, or “any”')
    .max(500),
  massYield: prepared('massYield'),
  solidsLost: prepared('solidsLost'),
  liquorShare: prepared('liquorShare'),
  hot: z.boolean({ error: 'Hot must be true or false' }),
  note: z.string().max(400, 'Note must be at most 400 characters'),
}) satisfies z.ZodType<Preparation>;

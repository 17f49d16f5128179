import type { Ingredient, IngredientGroup } from '@/core/composition/ingredient';

const IN_DOUGH: ReadonlySet<IngredientGroup> = new Set([
  'flour',
  'egg',
  'egg-substitute',
  'liquid',
  'fat',
  'seasoning',
  'colour',
]);

/** What goes into a sheet dough. */
export const inDough = ({ group }: Ingredient): boolean => IN_DOUGH.has(group);

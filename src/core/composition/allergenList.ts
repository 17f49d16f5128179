/** The allergens that are declared, by the names the pantry uses. */
export const ALLERGENS = [
  'gluten',
  'egg',
  'milk',
  'fish',
  'crustaceans',
  'molluscs',
  'tree nuts',
  'peanuts',
  'soya',
  'sesame',
  'celery',
  'mustard',
  'lupin',
  'sulphites',
] as const;

/** The quick sums, by what a cook asks. */
export const SUMS = [
  { id: 'hydration', name: 'Hydration', asks: 'Is my dough too wet or too dry?' },
  { id: 'whole-eggs', name: 'Whole eggs', asks: 'How many eggs, and how much flour?' },
  { id: 'damp-flour', name: 'Flour on a damp day', asks: 'What has the weather done to my flour?' },
  { id: 'spoon-test', name: 'Spoon test', asks: 'How stiff is my filling?' },
  { id: 'cups', name: 'Cups to grams', asks: 'What does a cup of it weigh?' },
  { id: 'cook-off', name: 'Water to cook off', asks: 'How long in the pan?' },
] as const;

export type SumId = (typeof SUMS)[number]['id'];

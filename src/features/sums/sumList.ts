/** The quick sums, by what a cook asks. */
export const SUMS = [
  { id: 'hydration', name: 'Hydration', asks: 'Is my dough too wet or too dry?' },
  { id: 'whole-eggs', name: 'Whole eggs', asks: 'How many eggs, and how much flour?' },
  { id: 'damp-flour', name: 'Flour on a damp day', asks: 'What has the weather done to my flour?' },
  { id: 'spoon-test', name: 'Spoon test', asks: 'How stiff is my filling?' },
  { id: 'cups', name: 'Cups to grams', asks: 'What does a cup of it weigh?' },
  { id: 'cook-off', name: 'Water to cook off', asks: 'How long in the pan?' },
  { id: 'sheet-length', name: 'Sheet length', asks: 'How long a sheet will this dough make?' },
  { id: 'strip-test', name: 'Strip test', asks: 'How thick is this setting, truly?' },
  { id: 'hang-test', name: 'Hanging strip', asks: 'How strong is my sheet?' },
  { id: 'discs', name: 'Discs on a strip', asks: 'How many will this cutter give?' },
  { id: 'tray', name: 'Pieces on a tray', asks: 'How many trays do I need?' },
  { id: 'trim', name: 'Trim to noodles', asks: 'What is the trim good for?' },
  { id: 'open-time', name: 'Open time', asks: 'How long does an open sheet still seal?' },
  { id: 'keep', name: 'How long it keeps', asks: 'When does the under-face turn tacky?' },
  { id: 'pot-load', name: 'Pot load', asks: 'How many at once?' },
  { id: 'from-frozen', name: 'Boil from frozen', asks: 'How much longer from frozen?' },
  { id: 'burst', name: 'What went wrong', asks: 'Why did it burst?' },
  { id: 'swelling', name: 'Air at a height', asks: 'How much does the air in a piece swell?' },
] as const;

export type SumId = (typeof SUMS)[number]['id'];

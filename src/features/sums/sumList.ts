import type { GlossaryId } from '@/core/glossary';

interface Sum {
  readonly id: string;
  readonly name: string;
  readonly asks: string;
  readonly words?: readonly GlossaryId[];
}

/** The quick sums, by what a cook asks, with the words of the craft each uses. */
export const SUMS = [
  {
    id: 'pieces',
    name: 'Pieces from a dough',
    asks: 'How many from this dough, and how much filling?',
    words: ['blank', 'trim'],
  },
  {
    id: 'hydration',
    name: 'Hydration',
    asks: 'Is my dough too wet or too dry?',
    words: ['hydration'],
  },
  {
    id: 'whole-eggs',
    name: 'Whole eggs',
    asks: 'How many eggs, and how much flour?',
    words: ['hydration'],
  },
  {
    id: 'damp-flour',
    name: 'Flour on a damp day',
    asks: 'What has the weather done to my flour?',
    words: ['hydration'],
  },
  {
    id: 'spoon-test',
    name: 'Spoon test',
    asks: 'How stiff is my filling?',
    words: ['stiffness', 'mound'],
  },
  { id: 'cups', name: 'Cups to grams', asks: 'What does a cup of it weigh?' },
  { id: 'cook-off', name: 'Water to cook off', asks: 'How long in the pan?', words: ['freeWater'] },
  {
    id: 'sheet-length',
    name: 'Sheet length',
    asks: 'How long a sheet will this dough make?',
    words: ['springBack'],
  },
  {
    id: 'strip-test',
    name: 'Strip test',
    asks: 'How thick is this setting, truly?',
    words: ['springBack'],
  },
  { id: 'hang-test', name: 'Hanging strip', asks: 'How strong is my sheet?', words: ['strength'] },
  {
    id: 'discs',
    name: 'Discs on a strip',
    asks: 'How many will this cutter give?',
    words: ['blank', 'trim'],
  },
  { id: 'tray', name: 'Pieces on a tray', asks: 'How many trays do I need?' },
  { id: 'trim', name: 'Trim to noodles', asks: 'What is the trim good for?', words: ['trim'] },
  {
    id: 'open-time',
    name: 'Open time',
    asks: 'How long does an open sheet still seal?',
    words: ['openTime'],
  },
  {
    id: 'keep',
    name: 'How long it keeps',
    asks: 'When does the under-face turn tacky?',
    words: ['freeWater'],
  },
  { id: 'pot-load', name: 'Pot load', asks: 'How many at once?' },
  { id: 'from-frozen', name: 'Boil from frozen', asks: 'How much longer from frozen?' },
  { id: 'burst', name: 'What went wrong', asks: 'Why did it burst?', words: ['lip', 'freeWater'] },
  { id: 'swelling', name: 'Air at a height', asks: 'How much does the air in a piece swell?' },
] as const satisfies readonly Sum[];

export type SumId = (typeof SUMS)[number]['id'];

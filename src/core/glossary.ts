/** A word of the craft that a home cook may not know, and what it means at the bench. */
export interface GlossaryEntry {
  readonly word: string;
  /** What it is, in a sentence or two. */
  readonly says: string;
  /** Why it is on the page: what follows from it. */
  readonly matters: string;
}

/** Every word of the craft the pages use, explained once. */
export const GLOSSARY = {
  blank: {
    word: 'Blank',
    says: 'The flat bit of dough one piece is made from, before it is filled and closed.',
    matters: 'A wider blank carries more filling and leaves more edge to seal.',
  },
  lip: {
    word: 'Lip',
    says: 'The flat rim between the filling and the edge, where dough is pressed on dough.',
    matters:
      'Too narrow, and the piece opens in the pot. It is measured after the filling has settled.',
  },
  mound: {
    word: 'Mound',
    says: 'The filling as it sits on the sheet after a minute: loose ones spread, firm ones stand.',
    matters: 'The wider it spreads, the less lip is left.',
  },
  dose: {
    word: 'Dose',
    says: 'How much filling goes into one piece, by weight.',
    matters: 'A little more in each piece is a lot less in the bowl, and less lip.',
  },
  freeWater: {
    word: 'Free water',
    says: 'Water in the filling that nothing in it holds: it drips, and soaks into the dough.',
    matters: 'Under 2 % is firm, up to 5 % works; above that the piece turns wet while it waits.',
  },
  hydration: {
    word: 'Hydration',
    says: 'All the water in the dough, what is in the eggs too, for each 100 g of flour.',
    matters: 'Stiff and soft doughs are both schools; too far either way it cracks or sticks.',
  },
  book: {
    word: 'Book',
    says: 'One sheet, filled on its near half, the far half folded over it as one closes a book.',
    matters: 'No two sheets to match, and each is open for half as long.',
  },
  benchDust: {
    word: 'Bench dust',
    says: 'Flour, semolina or starch strewn so that the sheet does not stick.',
    matters: 'It works its way into the trim, and flour on the lip keeps it from sealing.',
  },
  trim: {
    word: 'Trim',
    says: 'What is left of the sheet round the blanks. Part of it can be rolled once more.',
    matters: 'The rest becomes ribbons or goes into soup; either way it was paid for.',
  },
  letterFold: {
    word: 'Letter fold',
    says: 'The sheet folded in three like a letter and rolled again at the widest setting.',
    matters: 'Each fold makes it stronger and gives it straight edges.',
  },
  springBack: {
    word: 'Spring-back',
    says: 'Dough draws together again after the rollers: the sheet is thicker than the gap.',
    matters: 'Rest, and a second pass, take most of it away.',
  },
  underHand: {
    word: 'How the dough feels',
    says: 'The dough as you feel it while you knead: sticky, dry, tight, slack.',
    matters: 'Say what you feel, and the page says what to add, on this batch alone.',
  },
  openTime: {
    word: 'Open time',
    says: 'How long a bare sheet stays soft enough to seal before its face dries.',
    matters: 'Filling must be quicker than that, or the sheets shorter.',
  },
  strength: {
    word: 'Strength of the sheet',
    says: 'How hard the sheet can be pulled before it tears, in kPa; a strip hung until it tears tells it.',
    matters: 'A weak sheet tears in the roller or under a heavy mound: roll it thicker.',
  },
  stiffness: {
    word: 'Stiffness of the filling',
    says: 'How much it takes to make the filling flow, in Pa; a spoonful left on a plate tells it.',
    matters: 'Stiff stands and pipes well; loose spreads and eats the lip.',
  },
} as const satisfies Record<string, GlossaryEntry>;

export type GlossaryId = keyof typeof GLOSSARY;

/** Their ids in alphabetical order of the words, for reading through. */
export const GLOSSARY_IDS: readonly GlossaryId[] = (Object.keys(GLOSSARY) as GlossaryId[]).sort(
  (a, b) => GLOSSARY[a].word.localeCompare(GLOSSARY[b].word),
);

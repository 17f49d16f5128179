import { parseIngredient, type ParseIngredientOptions } from 'parse-ingredient';
import { inOneWay } from './inOneWay';

/** One amount of a line: a number, perhaps to another, perhaps in a unit. */
export interface Amount {
  readonly n: number;
  /** Unit by its usual English name: `cup`, `gram`; null for a plain count. */
  readonly unit: string | null;
}

/** One ingredient as a line gives it: what was counted out, and the words that say of what. */
export interface Phrase {
  readonly amounts: readonly Amount[];
  /** A weight or volume in brackets: `(425 g)`. */
  readonly inBrackets: Amount | null;
  /** Whether what stands in brackets is of each, `(125 g each)`, or of all together, `(250 g in all)`. */
  readonly bracketsAre: 'each' | 'all' | null;
  /** Lower case, amount and brackets taken out. */
  readonly words: string;
}

const OPTIONS: ParseIngredientOptions = {
  normalizeUOM: true,
  leadingQuantityPrefixes: [
    'about',
    'approx.',
    'approximately',
    'ca.',
    'roughly',
    'scant',
    'heaped',
  ],
  // A range with "or" is two recipes; one with "to" is one.
  rangeSeparators: ['to'],
  ignoreUOMs: ['small', 'medium', 'large', 'piece', 'pieces', 'slice', 'slices', 'clove', 'cloves'],
  additionalUOMs: {
    gram: {
      short: 'g',
      plural: 'grams',
      alternates: ['g.', 'gr', 'gr.', 'gram', 'gramme', 'grammes'],
    },
    decilitre: {
      short: 'dl',
      plural: 'decilitres',
      alternates: ['decilitre', 'deciliter', 'deciliters'],
    },
    centilitre: {
      short: 'cl',
      plural: 'centilitres',
      alternates: ['centilitre', 'centiliter', 'centiliters'],
    },
    kilogram: {
      short: 'kg',
      plural: 'kilograms',
      alternates: ['kilo', 'kilos', 'kilogram', 'kilograms', 'kilogramme', 'kilogrammes', 'kgs'],
    },
    fluidounce: {
      short: 'fl oz',
      plural: 'fluid ounces',
      alternates: ['fl oz', 'fl. oz', 'fl. oz.', 'fluid ounce', 'fluid ounces', 'floz'],
    },
    glass: { short: 'glass', plural: 'glasses', alternates: ['glasses'] },
    handful: { short: 'handful', plural: 'handfuls', alternates: ['handfuls'] },
    knob: { short: 'knob', plural: 'knobs', alternates: [] },
    glug: { short: 'glug', plural: 'glugs', alternates: ['splash', 'drizzle', 'glugs'] },
  },
};

const NUMBER_WORDS: Readonly<Record<string, string>> = {
  half: '1/2',
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  twelve: '12',
};

/** Numbers in words and decimal commas as figures: `two eggs`, `1,5 kg`, `a dozen eggs`. */
const inFigures = (text: string): string =>
  text
    .trim()
    .replace(/^[-–•*·▢☐]+\s*/, '')
    .replace(/(\d),(\d{1,2})(?!\d)/g, '$1.$2')
    .replace(/^half (a|of a) dozen\b/i, '6')
    .replace(/^(a|an|one) dozen\b/i, '12')
    .replace(/^(three|3)[- ]quarters of (a|an)\b/i, '3/4')
    .replace(/^(two|2)[- ]thirds of (a|an)\b/i, '2/3')
    .replace(/^(a|one) (third|quarter) of (a|an)\b/i, (_, _one, part: string) =>
      part.toLowerCase() === 'third' ? '1/3' : '1/4',
    )
    .replace(/^half (a|an|of an?)\b/i, '1/2')
    .replace(/^an?\s+(?=\w)/i, '1 ')
    .replace(/^(\w+)\b/, (word) => NUMBER_WORDS[word.toLowerCase()] ?? word);

/** Stands where the words of an amount alone would: without any, a unit is read as what is measured. */
const WORD = 'thing';

function read(text: string): { amount: Amount | null; rest: string } {
  const [found] = parseIngredient(`${inFigures(text)} ${WORD}`, OPTIONS);
  if (!found) return { amount: null, rest: '' };
  const { quantity, quantity2, unitOfMeasureID: unit, description } = found;
  // A range stands for its middle; a unit alone, `pinch of`, for one of it.
  const n = quantity !== null ? (quantity + (quantity2 ?? quantity)) / 2 : unit ? 1 : null;
  const rest = description.replace(new RegExp(`\\s*${WORD}$`), '').replace(/[\s,;:]+$/, '');
  return { amount: n === null ? null : { n, unit }, rest };
}

/** `2 x 250 g tubs` is 500 g of them. */
const multiplied = (text: string): string =>
  text.replace(/^\s*(\d+)\s*[x×]\s*(\d+(?:\.\d+)?)/i, (_, times, each) =>
    String(Number(times) * Number(each)),
  );

const BRACKETS = /[([]([^)\]]*)[)\]]/g;

/** A weight or a volume said in brackets, the first there is. */
function bracketed(text: string): Pick<Phrase, 'inBrackets' | 'bracketsAre'> {
  for (const [, inside = ''] of text.matchAll(BRACKETS)) {
    const { amount } = read(inside.replace(/(\d)-(?=[a-z])/gi, '$1 ').replace(/^.*?(?=\d)/, ''));
    const bracketsAre = /\beach\b/i.test(inside)
      ? 'each'
      : /\b(?:total|in all|altogether|together)\b/i.test(inside)
        ? 'all'
        : null;
    if (amount?.unit) return { inBrackets: amount, bracketsAre };
  }
  return { inBrackets: null, bracketsAre: null };
}

/**
 * A line of a recipe taken apart: how much of what. One line may hold two: `3 eggs + 2 yolks`.
 * @example phrasesOf('2 ½ cups flour') // [{ amounts: [{ n: 2.5, unit: 'cup' }], inBrackets: null, words: 'flour' }]
 */
export function phrasesOf(line: string): Phrase[] {
  const pieces = line.split(
    /\s+(?:\+|plus|and(?=\s+(?:\d|[¼½¾⅓⅔]|an?\s|one\s|two\s|three\s)))\s+/i,
  );
  const phrases: Phrase[] = [];
  let carried: Amount[] = [];
  for (const written of pieces) {
    const piece = inOneWay(
      written
        // A heaped spoon is a spoon; an egg's size in brackets is its size.
        .replace(
          /\b(?:heap(?:ed|ing)|level|scant|rounded|generous)\s+(?=(?:cup|tbsp|tablespoon|tsp|teaspoon))/gi,
          '',
        )
        .replace(/\((small|medium|large|extra[- ]large|jumbo)\)/gi, '$1'),
    );
    const brackets = bracketed(piece);
    const amounts = [...carried];
    let rest = multiplied(piece.replace(BRACKETS, ' ').replace(/\s+/g, ' '));
    for (let more = true; more && amounts.length < carried.length + 3;) {
      const { amount, rest: after } = read(rest);
      // A number after a count is part of a name, `1 00 flour`; after a weight it is more of it.
      more = amount !== null && (amounts.length === carried.length || amount.unit !== null);
      if (!more) break;
      amounts.push(amount!);
      rest = after;
      more = amount!.unit !== null;
    }
    const words = rest.toLowerCase().trim();
    // `plus more for dusting`, `plus extra to serve`
    if (/^(more|extra|some)\b(.*\b(for|to)\b.*)?$/.test(words)) continue;
    // `1 cup plus 2 tablespoons flour`: the first amount has no words of its own.
    if (!words) carried = amounts;
    else {
      phrases.push({ amounts, ...brackets, words });
      carried = [];
    }
  }
  return phrases;
}

import type { Ingredient } from '../composition/ingredient';
import { preparationsFor, type Pantry } from '../composition/pantry';
import { gramsOf, isInContainers, type ReadOptions } from './grams';
import { BY_TASTE, DONE_WORDS, type KnownWords } from './knownWords';
import { phrasesOf, type Phrase } from './lineAmount';
import { fullNameIn, nameIn, namesOf } from './names';

export type Side = 'dough' | 'filling';

/** What a line could not tell by itself. */
export type Ask = 'what' | 'which' | 'howMuch' | 'doneTo';

/** One ingredient as it was read, with how, and with what is still to be asked. */
export interface ReadPart {
  /** The line as typed. */
  readonly line: string;
  readonly side: Side;
  /** Rows of the pantry that may be meant, likeliest first; none when no name was known. */
  readonly ids: readonly string[];
  /** Null when no amount was given. Of the ingredient as it comes, before anything is done to it. */
  readonly g: number | null;
  /** The weight as prepared, where that was what was given. */
  readonly weighedG?: number;
  /** `2.5 cups of 237 ml, flour spooned`; empty for a plain weight. */
  readonly how: string;
  /** The weight is typical, not given. */
  readonly about: boolean;
  readonly preparation: string;
  /** What may have been done to it, where that has to be asked. */
  readonly preparations: readonly string[];
  readonly asks: readonly Ask[];
  /** The amount in cups of flour decides: spooned or scooped. */
  readonly flourByCup: boolean;
}

/** The most that one recipe may hold. */
const MOST_LINES = 80;

/**
 * Reads a recipe as people write it, line by line. Nothing is guessed silently: what is not plain is
 * listed in `asks`, with the likeliest answer filled in. Laws on a table for what is weighed; typical
 * weights, told by `about`, for what is counted.
 * @example readRecipe('3 large eggs + 2 yolks', options).map(({ g }) => g) // [150, 34]
 */
export function readRecipe(text: string, options: ReadOptions): ReadPart[] {
  const names = namesOf(options.pantry);
  const parts: (ReadPart & { headed: Side | null })[] = [];
  let headed: Side | null = null;
  for (const line of text.split(/\r?\n/).slice(0, MOST_LINES)) {
    if (!line.trim()) continue;
    const heading = headingOf(line);
    if (heading !== undefined) {
      headed = heading;
      continue;
    }
    for (const phrase of phrasesIn(line, names)) {
      const part = partOf(line.trim(), phrase, names, options);
      if (part) parts.push({ ...part, headed });
    }
  }
  return sided(parts, options.pantry);
}

/**
 * What a line holds. Commas part ingredients only where each side has an amount and a name of its own, as in
 * `400 g flour, 4 eggs`: most say how something is cut.
 */
function phrasesIn(line: string, names: readonly KnownWords[]): Phrase[] {
  const apart = line.split(/,\s+/).map(phrasesOf);
  const each = apart.every(
    (phrases) =>
      phrases.length > 0 &&
      phrases.every(({ amounts, words }) => amounts.length > 0 && nameIn(words, names)),
  );
  return apart.length > 1 && each ? apart.flat() : phrasesOf(line);
}

/** A line that only names what follows: which side it is of, null for another; undefined when it is none. */
function headingOf(line: string): Side | null | undefined {
  const words = line.trim().toLowerCase();
  if (!/:$|^for (the|a) /.test(words) || /\d/.test(words)) return undefined;
  if (/dough|pasta|sheet/.test(words)) return 'dough';
  return /filling|stuffing/.test(words) ? 'filling' : null;
}

function partOf(
  line: string,
  phrase: Phrase,
  names: readonly KnownWords[],
  options: ReadOptions,
): ReadPart | null {
  const name =
    fullNameIn(line, options.pantry) ??
    nameIn(isInContainers(phrase) ? `can ${phrase.words}` : phrase.words, names);
  const [id] = name?.ids ?? [];
  const row = id === undefined ? undefined : options.pantry.ingredients.get(id);
  const amount = gramsOf(phrase, row, options);
  // Pepper, nutmeg, salt to taste: nothing to plan with, and nobody weighs them.
  if (amount.g === null && BY_TASTE.test(phrase.words)) return null;
  if (!row && BY_TASTE.test(phrase.words)) return null;
  // A sentence of the method, not an ingredient.
  if (!row && amount.g === null && phrase.amounts.length === 0) return null;
  const done = name?.prepared
    ? { preparation: name.prepared, preparations: [], unsure: false }
    : doneTo(phrase.words, line, row, options.pantry);
  const prepared = name?.prepared && options.pantry.preparations.get(name.prepared);
  const raw = prepared && amount.g !== null ? amount.g / prepared.massYield : amount.g;
  const asks: Ask[] = [];
  if (!row) asks.push('what');
  else if ((name?.ids.length ?? 0) > 1) asks.push('which');
  if (amount.g === null) asks.push('howMuch');
  if (done.unsure) asks.push('doneTo');
  return {
    line,
    side: 'filling',
    ids: name?.ids ?? [],
    g: raw,
    ...(prepared && prepared.massYield !== 1 && amount.g !== null && { weighedG: amount.g }),
    how: amount.how,
    about: amount.about,
    preparation: done.preparation,
    preparations: done.preparations,
    asks,
    flourByCup: row?.group === 'flour' && amount.byVolume,
  };
}

/** Groups that are never rolled up raw: something is done to them first, and it decides how wet they are. */
const COOKED_FIRST = new Set(['vegetable', 'leaf', 'meat', 'fish']);

function doneTo(
  words: string,
  line: string,
  row: Ingredient | undefined,
  pantry: Pantry,
): { preparation: string; preparations: readonly string[]; unsure: boolean } {
  const raw = { preparation: 'raw', preparations: [], unsure: false };
  if (!row) return raw;
  const suits = preparationsFor(pantry, row.id).map(({ id }) => id);
  // As a plan writes it, the preparation's own name.
  const named = suits.find((id) =>
    line.toLowerCase().includes(`, ${pantry.preparations.get(id)?.name.toLowerCase()}`),
  );
  if (named !== undefined) return { preparation: named, preparations: [named], unsure: false };
  const said = DONE_WORDS.find(([pattern]) => pattern.test(words));
  const meant = said?.[1].filter((id) => suits.includes(id)) ?? [];
  if (meant[0] !== undefined) {
    return { preparation: meant[0], preparations: meant, unsure: meant.length > 1 };
  }
  const others = suits.filter((id) => id !== 'raw');
  const [usual] = others;
  if (usual === undefined || !/-raw$/.test(row.id) || !COOKED_FIRST.has(row.group)) return raw;
  return { preparation: usual, preparations: [...others, 'raw'], unsure: true };
}

/** Eggs, water, oil and salt go where they are headed, else with what stands before them. */
const EITHER = new Set(['egg', 'egg-substitute', 'liquid', 'fat', 'seasoning', 'colour']);

/** Less flour than this among a filling binds it. */
const BINDS_G = 80;

function sided(parts: readonly (ReadPart & { headed: Side | null })[], pantry: Pantry): ReadPart[] {
  const groupOf = ({ ids: [id] }: ReadPart) =>
    id === undefined ? undefined : pantry.ingredients.get(id)?.group;
  const makesDough = (part: ReadPart) => groupOf(part) === 'flour' && (part.g ?? 0) >= BINDS_G;
  let begun = false;
  // Eggs written before their flour are its own.
  let now: Side = parts.some(makesDough) ? 'dough' : 'filling';
  return parts.map(({ headed, ...part }) => {
    const group = groupOf(part);
    const flour = group === 'flour' && (makesDough(part) || !begun || now === 'dough');
    if (makesDough(part)) now = 'dough';
    else if (!flour && (group === undefined || !EITHER.has(group))) {
      begun = true;
      now = 'filling';
    }
    return { ...part, side: headed ?? (flour ? 'dough' : now) };
  });
}

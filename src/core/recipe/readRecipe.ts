import type { Ingredient } from '../composition/ingredient';
import { preparationsFor, type Pantry } from '../composition/pantry';
import { gramsOf, isInContainers, type ReadOptions } from './grams';
import { BY_TASTE, DONE_WORDS, FREE_FROM, type KnownWords } from './knownWords';
import { phrasesOf, type Phrase } from './lineAmount';
import { headedLine, lineKind, type LeftOut, type Section } from './lineKind';
import { fullNameIn, isSureOf, nameIn, namesOf } from './names';
import { TO_TASTE_G } from './typicalWeights';

/** Whether words name something, though nothing that is known: `celery`, and not `cm dice` or `of it`. */
const namesSomething = (words: string): boolean =>
  !/^(?:mm|cm|inch|of (?:it|them|which)|for)\b/.test(words) && !isSureOf(words, NOTHING);

const NOTHING: KnownWords = { words: '', ids: [] };

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

/** A title is no longer than the name of a plan. */
const MOST_NAME = 120;

/** The most that one recipe may hold. */
const MOST_LINES = 300;

/** A recipe as it was read: its ingredients, and what is no part of dough or filling, nothing dropped unsaid. */
export interface ReadRecipe {
  readonly parts: readonly ReadPart[];
  /** What it calls itself. */
  readonly name: string | null;
  /** For how many it says it is. */
  readonly portions: number | null;
  /** Lines, or what is left of them, that were not read as dough or filling, and why. */
  readonly leftOut: readonly { readonly line: string; readonly why: LeftOut }[];
}

/**
 * Reads a recipe as people write it, line by line: its ingredients, and what it says beside them, for how many,
 * sauces and what is for the table, seals, sentences of the method. Nothing is guessed silently: what is not plain is
 * listed in `asks`, with the likeliest answer filled in. Laws on a table for what is weighed; typical
 * weights, told by `about`, for what is counted.
 * @example readRecipe('Serves 6\n3 eggs + 2 yolks', options).parts.map(({ g }) => g) // [150, 34]
 */
export function readRecipe(text: string, options: ReadOptions): ReadRecipe {
  const names = namesOf(options.pantry);
  const parts: (ReadPart & { headed: Side | null })[] = [];
  const leftOut: { line: string; why: LeftOut }[] = [];
  let section: Section = null;
  let portions: number | null = null;
  let name: string | null = null;
  const lines = text.split(/\r?\n/).filter((line) => line.trim());
  for (const raw of lines.slice(0, MOST_LINES)) {
    const headed = headedLine(raw.trim());
    if (headed) ({ section } = headed);
    const line = headed?.rest ?? raw.trim();
    const is = lineKind(line);
    if (is.kind === 'heading') {
      const again =
        section === 'method' && /^(?:to\s+)?(?:make|prepare|assemble|cook|shape)\b/i.test(line);
      // What comes after dough and filling under a name of its own is for the plate.
      const both = (['dough', 'filling'] as const).every((side) =>
        parts.some(({ headed }) => headed === side),
      );
      if (!again) section = is.section ?? (both ? 'finish' : null);
      continue;
    }
    if (is.kind === 'servings') {
      portions ??= is.portions;
      continue;
    }
    if (is.kind === 'leftOut') {
      if (is.why === 'title' && parts.length === 0) name ??= line.slice(0, MOST_NAME);
      leftOut.push({ line, why: is.why });
      continue;
    }
    if (section === 'method' || section === 'finish' || section === 'seal') {
      leftOut.push({ line, why: section });
      continue;
    }
    for (const phrase of oneForEach(line).flatMap((each) => phrasesIn(each, names))) {
      const part = partOf(line, phrase, names, options);
      if (part) parts.push({ ...part, headed: sideSaid(phrase) ?? section });
      else leftOut.push({ line, why: 'taste' });
    }
  }
  for (const line of lines.slice(MOST_LINES))
    leftOut.push({ line: line.slice(0, 80), why: 'tooMany' });
  return { parts: sided(parts, options.pantry), name, portions, leftOut };
}

/** Which side a phrase says it is for. */
function sideSaid({ words }: Phrase): Side | null {
  const [, side] = /\bfor (?:the )?(filling|dough|pasta)\b/.exec(words) ?? [];
  return side === undefined ? null : side === 'filling' ? 'filling' : 'dough';
}

/** `3 eggs, 1 for the filling` is two of one side and one of the other. */
function oneForEach(line: string): string[] {
  const found =
    /^(\d+)\s+([^,]+),\s*(\d+|one|two)\s+(?:of\s+\w+\s+)?for\s+(?:the\s+)?(filling|dough|pasta)\b/i.exec(
      line,
    );
  if (!found) return [line];
  const [, all, what, some, side] = found;
  const n = { one: 1, two: 2 }[some!.toLowerCase()] ?? Number(some);
  const other = side!.toLowerCase() === 'filling' ? 'dough' : 'filling';
  return Number(all) > n
    ? [`${Number(all) - n} ${what} for the ${other}`, `${n} ${what} for the ${side}`]
    : [line];
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
      phrases.every(
        ({ amounts, words }) =>
          amounts.length > 0 && (nameIn(words, names) || namesSomething(words)),
      ),
  );
  return apart.length > 1 && each ? apart.flat() : phrasesOf(line);
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
  const found = id === undefined ? undefined : options.pantry.ingredients.get(id);
  // Vegan butter is none of the butter that the pantry has.
  const row = found && isFreeOf(phrase.words, found) ? undefined : found;
  const given = gramsOf(phrase, row, options);
  if (!row && BY_TASTE.test(phrase.words)) return null;
  // Salt to taste is some salt; pepper, which no plan counts, is said to be left out.
  const amount =
    given.g === null && row?.group === 'seasoning'
      ? { ...given, g: TO_TASTE_G, how: 'to taste', about: true }
      : given;
  // A sentence of the method, not an ingredient.
  if (!row && amount.g === null && phrase.amounts.length === 0) return null;
  const done = name?.prepared
    ? { preparation: name.prepared, preparations: [], unsure: false }
    : doneTo(phrase.words, line, row, options.pantry);
  const prepared = name?.prepared && options.pantry.preparations.get(name.prepared);
  const raw = prepared && amount.g !== null ? amount.g / prepared.massYield : amount.g;
  const asks: Ask[] = [];
  if (!row) asks.push('what');
  else if (name!.ids.length > 1 || !isSureOf(phrase.words, name!)) asks.push('which');
  if (amount.g === null) asks.push('howMuch');
  if (done.unsure) asks.push('doneTo');
  return {
    line,
    side: 'filling',
    ids: row ? name!.ids : [],
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

/** Whether a line says that it is without what an ingredient is made of. */
const isFreeOf = (words: string, { diet, allergens }: Ingredient): boolean =>
  FREE_FROM.some(
    ([pattern, of]) =>
      pattern.test(words) &&
      (of === 'animal' ? diet !== 'plant' : (allergens as readonly string[]).includes(of)),
  );

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

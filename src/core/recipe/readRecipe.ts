import type { Ingredient } from '../composition/ingredient';
import { preparationsFor, type Pantry } from '../composition/pantry';
import type { EggContents } from '../dough/eggSizes';
import { G_PER_OZ, METRIC_CUP_ML, ML_PER_US_TSP } from '../units/units';
import { phrasesOf, type Amount, type Phrase } from './lineAmount';
import { BY_TASTE, DONE_WORDS, EACH_G, KNOWN_WORDS, type KnownWords } from './knownWords';

export type Side = 'dough' | 'filling';

/** Whose cup, and how flour comes into it. */
export interface Measures {
  readonly cup: 'us' | 'metric';
  readonly flour: 'spooned' | 'scooped';
}

export interface ReadOptions extends Measures {
  readonly pantry: Pantry;
  readonly egg: EggContents;
}

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

/** Flour dipped and swept weighs this much more in the same cup than spooned in. */
export const SCOOPED = 1.2;

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
    for (const phrase of phrasesOf(line)) {
      const part = partOf(line.trim(), phrase, names, options);
      if (part) parts.push({ ...part, headed });
    }
  }
  return sided(parts, options.pantry);
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
  const isCan = phrase.amounts.some(({ unit }) => unit !== null && CONTAINERS.test(unit));
  const name = nameIn(isCan ? `can ${phrase.words}` : phrase.words, names);
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
    : doneTo(phrase.words, row, options.pantry);
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

const CONTAINERS = /^(can|jar|pack|package|packet|tub|box|bag|carton|container|bottle|tin)$/;

const singular = (word: string): string =>
  word.length > 3 && /[^su]s$/.test(word)
    ? word.replace(/(tomato|potato)es$/, '$1').replace(/(?<!ee)s$/, '')
    : word;

const wordsOf = (text: string): string[] =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^a-z0-9]+/)
    .filter(Boolean)
    .map(singular);

/** The names known, and the pantry's own, a cook's rows among them. */
function namesOf(pantry: Pantry): KnownWords[] {
  const own = [...pantry.ingredients.values()].map(({ id, name }) => ({
    words: name.replace(/\b(raw|fresh|as sold|chopped|without shell|hen|\(.*\))\b/gi, ' '),
    ids: [id],
  }));
  return [
    ...KNOWN_WORDS.filter(({ ids }) => ids.every((id) => pantry.ingredients.has(id))),
    ...own,
  ];
}

/** The name with the most words in the line; of those with as many, the first known. */
function nameIn(text: string, names: readonly KnownWords[]): KnownWords | undefined {
  const there = new Set(wordsOf(text));
  let best: KnownWords | undefined;
  let most = 0;
  for (const name of names) {
    const words = wordsOf(name.words);
    if (words.length > most && words.every((word) => there.has(word))) {
      best = name;
      most = words.length;
    }
  }
  return best;
}

const MASS_G: Readonly<Record<string, number>> = {
  gram: 1,
  kilogram: 1000,
  milligram: 0.001,
  ounce: G_PER_OZ,
  pound: 16 * G_PER_OZ,
};

/** A unit of volume, ml; undefined for what is none. */
function volumeMl(unit: string, { cup }: Measures): number | undefined {
  const us = cup === 'us';
  const tsp = us ? ML_PER_US_TSP : 5;
  const table: Readonly<Record<string, number>> = {
    cup: us ? 48 * ML_PER_US_TSP : METRIC_CUP_ML,
    tablespoon: 3 * tsp,
    teaspoon: tsp,
    milliliter: 1,
    centilitre: 10,
    decilitre: 100,
    liter: 1000,
    fluidounce: 6 * ML_PER_US_TSP,
    pint: us ? 96 * ML_PER_US_TSP : 568,
    quart: 192 * ML_PER_US_TSP,
  };
  return table[unit];
}

/** Small measures of the hand, g. Table: typical. */
const BY_HAND_G: Readonly<Record<string, number>> = {
  pinch: 0.4,
  dash: 0.6,
  handful: 30,
  knob: 15,
  glug: 10,
  stick: 113,
};

interface Grams {
  readonly g: number | null;
  readonly how: string;
  readonly about: boolean;
  readonly byVolume: boolean;
}

function gramsOf(
  { amounts, inBrackets, words }: Phrase,
  row: Ingredient | undefined,
  options: ReadOptions,
): Grams {
  const none: Grams = { g: null, how: '', about: false, byVolume: false };
  const counted = amounts.find(({ unit }) => unit !== null && CONTAINERS.test(unit));
  if (inBrackets?.unit && MASS_G[inBrackets.unit] !== undefined) {
    const each = inBrackets.n * MASS_G[inBrackets.unit]!;
    const n = counted?.n ?? 1;
    return { ...none, g: n * each, how: n === 1 ? '' : `${shortly(n)} of ${shortly(each)} g` };
  }
  if (amounts.length === 0 || counted) return none;
  let sum = 0;
  const how: string[] = [];
  let [about, byVolume] = [false, false];
  for (const amount of amounts) {
    const one = oneOf(amount, words, row, options);
    if (one === null) return none;
    sum += one.g;
    about ||= one.about;
    byVolume ||= one.byVolume;
    if (one.how) how.push(one.how);
  }
  return { g: sum, how: how.join(' and '), about, byVolume };
}

/** One amount in grams; null when it cannot be told. */
function oneOf(
  { n, unit }: Amount,
  words: string,
  row: Ingredient | undefined,
  options: ReadOptions,
): (Grams & { g: number }) | null {
  if (unit === null) {
    const each = eachOf(words, row, options);
    return each === null
      ? null
      : {
          g: n * each.g,
          how: `${shortly(n)} of ${shortly(each.g)} g`,
          about: each.about,
          byVolume: false,
        };
  }
  const mass = MASS_G[unit];
  if (mass !== undefined) {
    return {
      g: n * mass,
      how: mass === 1 ? '' : `${shortly(n)} ${unit}`,
      about: false,
      byVolume: false,
    };
  }
  const ml = volumeMl(unit, options);
  if (ml !== undefined) {
    if (!row) return null;
    const flour = row.group === 'flour';
    const density = row.densityGPerMl * (flour && options.flour === 'scooped' ? SCOOPED : 1);
    return {
      g: n * ml * density,
      how: `${shortly(n)} ${unit}${n === 1 ? '' : 's'} of ${Math.round(ml)} ml${flour ? `, ${options.flour}` : ''}`,
      about: row.group !== 'liquid',
      byVolume: true,
    };
  }
  const hand = BY_HAND_G[unit];
  return hand === undefined
    ? null
    : { g: n * hand, how: `${shortly(n)} ${unit}`, about: true, byVolume: false };
}

/** What one of them weighs. */
function eachOf(
  words: string,
  row: Ingredient | undefined,
  { egg }: ReadOptions,
): { g: number; about: boolean } | null {
  if (!row) return null;
  if (row.id === 'egg-whole') return { g: egg.eggG, about: false };
  if (row.id === 'egg-yolk') return { g: egg.yolkG, about: false };
  if (row.id === 'egg-white') return { g: egg.eggG - egg.yolkG, about: false };
  const g = EACH_G[row.id];
  if (g === undefined) return null;
  return {
    g: /\bsmall\b/.test(words) ? 0.7 * g : /\blarge\b/.test(words) ? 1.4 * g : g,
    about: true,
  };
}

const shortly = (n: number): string => String(Number(n.toFixed(n < 10 ? 2 : 0)));

/** Groups that are never rolled up raw: something is done to them first, and it decides how wet they are. */
const COOKED_FIRST = new Set(['vegetable', 'leaf', 'meat', 'fish']);

function doneTo(
  words: string,
  row: Ingredient | undefined,
  pantry: Pantry,
): { preparation: string; preparations: readonly string[]; unsure: boolean } {
  const raw = { preparation: 'raw', preparations: [], unsure: false };
  if (!row) return raw;
  const suits = preparationsFor(pantry, row.id).map(({ id }) => id);
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

/** Eggs, water, oil and salt go where they are headed, else with the flour until the filling begins. */
const EITHER = new Set(['egg', 'egg-substitute', 'liquid', 'fat', 'seasoning', 'colour']);

/** Less flour than this after the filling has begun binds it. */
const BINDS_G = 80;

function sided(parts: readonly (ReadPart & { headed: Side | null })[], pantry: Pantry): ReadPart[] {
  const groupOf = ({ ids: [id] }: ReadPart) =>
    id === undefined ? undefined : pantry.ingredients.get(id)?.group;
  const hasFlour = parts.some((part) => groupOf(part) === 'flour' && (part.g ?? 0) >= BINDS_G);
  let begun = false;
  return parts.map(({ headed, ...part }) => {
    const group = groupOf(part);
    const flour = group === 'flour' && !(begun && (part.g ?? 0) < BINDS_G);
    if (!flour && (group === undefined || !EITHER.has(group))) begun = true;
    const goes: Side = flour || (hasFlour && !begun) ? 'dough' : 'filling';
    return { ...part, side: headed ?? goes };
  });
}

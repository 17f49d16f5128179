import type { Ingredient } from '../composition/ingredient';
import type { Pantry } from '../composition/pantry';
import { EGG_SYSTEMS, eggSizeOf, type EggContents } from '../dough/eggSizes';
import { G_PER_OZ, METRIC_CUP_ML, ML_PER_US_TSP } from '../units/units';
import type { Amount, Phrase } from './lineAmount';
import { CONTAINER_WORDS, EACH_G } from './typicalWeights';

/** Whose cup, and how flour comes into it. */
export interface Measures {
  readonly cup: 'us' | 'metric';
  readonly flour: 'spooned' | 'scooped';
}

export interface ReadOptions extends Measures {
  readonly pantry: Pantry;
  readonly egg: EggContents;
}

/** Flour dipped and swept weighs this much more in the same cup than spooned in. */
export const SCOOPED = 1.2;

const CONTAINERS = new RegExp(`^(?:${CONTAINER_WORDS.join('|')})$`);

/** Counted in cans, jars, packets: what one holds has to be told. */
export const isInContainers = ({ amounts }: Phrase): boolean =>
  amounts.some(({ unit }) => unit !== null && CONTAINERS.test(unit));

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
  glass: 125,
  knob: 15,
  glug: 10,
  stick: 113,
};

export interface Grams {
  readonly g: number | null;
  readonly how: string;
  readonly about: boolean;
  readonly byVolume: boolean;
}

export function gramsOf(
  { amounts: all, inBrackets, bracketsAre, words }: Phrase,
  row: Ingredient | undefined,
  options: ReadOptions,
): Grams {
  const none: Grams = { g: null, how: '', about: false, byVolume: false };
  // `A 400 g tin`: the weight is the amount, what it comes in a word.
  const bare = all.filter(({ n, unit }) => !(n === 1 && unit !== null && CONTAINERS.test(unit)));
  const amounts = bare.some(({ unit }) => unit !== null && unit in MASS_G) ? bare : all;
  const counted = amounts.find(({ unit }) => unit !== null && CONTAINERS.test(unit));
  if (inBrackets?.unit && MASS_G[inBrackets.unit] !== undefined) {
    const each = inBrackets.n * MASS_G[inBrackets.unit]!;
    const several = bracketsAre === 'each' ? all.find(({ unit }) => unit === null) : undefined;
    const n = bracketsAre === 'all' ? 1 : ((counted ?? several)?.n ?? 1);
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
      how: mass === 1 ? '' : counted(n, unit),
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
      how: `${counted(n, unit)} of ${Math.round(ml)} ml${flour ? `, ${options.flour}` : ''}`,
      about: row.group !== 'liquid',
      byVolume: true,
    };
  }
  const hand = BY_HAND_G[unit];
  return hand === undefined
    ? null
    : { g: n * hand, how: counted(n, unit), about: true, byVolume: false };
}

/** An egg of the grade that a line names, in the kitchen's own grades; the kitchen's egg where it names none. */
function eggOfGrade(words: string, egg: EggContents): EggContents {
  const grade = /\b(extra[- ]large|x-?large|jumbo|large|medium|small)\b/.exec(words)?.[1];
  if (!grade) return egg;
  const own = eggSizeOf(egg);
  // A kitchen that weighs its eggs has no grades: its own egg then.
  const system = EGG_SYSTEMS.find(({ sizes }) => own && sizes.includes(own));
  const name = /^(extra|x)/.test(grade) ? 'extra large' : grade;
  return system?.sizes.find((size) => size.name.toLowerCase() === name) ?? egg;
}

/** What one of them weighs. */
function eachOf(
  words: string,
  row: Ingredient | undefined,
  { egg }: ReadOptions,
): { g: number; about: boolean } | null {
  if (!row) return null;
  const size = eggOfGrade(words, egg);
  if (row.id === 'egg-whole') return { g: size.eggG, about: false };
  if (row.id === 'egg-yolk') return { g: size.yolkG, about: false };
  if (row.id === 'egg-white') return { g: size.eggG - size.yolkG, about: false };
  const g = EACH_G[row.id];
  if (g === undefined) return null;
  return {
    g: /\bsmall\b/.test(words) ? 0.7 * g : /\blarge\b/.test(words) ? 1.4 * g : g,
    about: true,
  };
}

const shortly = (n: number): string => String(Number(n.toFixed(n < 10 ? 2 : 0)));

/** `1 ounce`, `2 pinches`. */
const counted = (n: number, unit: string): string =>
  `${shortly(n)} ${n === 1 ? unit : /(sh|ch)$/.test(unit) ? `${unit}es` : `${unit}s`}`;

import * as z from 'zod';
import type { Basis } from '../basis/basis';
import { cutTo } from '../cutTo';
import type { Plan } from '../plan/document/schema';
import { containsText } from '../plan/contentsText';
import { evaluatePlan } from '../plan/evaluatePlan';
import { benchTime } from '../plan/model/benchTime';
import { modelOf } from '../risk/modelOf';
import { cautionsFor } from '../plan/questions/cautions';
import { FieldError } from '../range';
import { benchOf } from '../run/bench';
import { foldRun } from '../run/fold';
import { stepsOf } from '../run/steps/steps';
import { figureText, formatFigure } from '../units/format';
import type { UnitPreferences } from '../units/preferences';

const VOCABULARY = 'https://schema.org';

/** A recipe as the open vocabulary's JSON-LD holds it. */
export interface RecipeData {
  readonly '@context': typeof VOCABULARY;
  readonly '@type': 'Recipe';
  readonly name: string;
  readonly description: string;
  readonly recipeYield: readonly string[];
  readonly recipeIngredient: readonly string[];
  readonly recipeInstructions: readonly {
    readonly '@type': 'HowToStep';
    readonly name: string;
    readonly text: string;
  }[];
  readonly prepTime: string;
  readonly cookTime: string;
  readonly totalTime: string;
  readonly keywords?: string;
  readonly suitableForDiet?: readonly string[];
}

/** Minutes as the vocabulary writes a length of time. `duration(95)` → `'PT1H35M'` */
export function duration(minutes: number): string {
  const whole = Math.max(0, Math.round(minutes));
  const [hours, left] = [Math.floor(whole / 60), whole % 60];
  return `PT${hours > 0 ? `${hours}H` : ''}${left > 0 || hours === 0 ? `${left}M` : ''}`;
}

const grams = (g: number): string => (g < 10 ? g.toFixed(1) : Math.round(g).toString());

/**
 * A plan as structured recipe data: ingredients of its batch, the steps of the bench, yield, times, diet,
 * and its allergens in words, for which the vocabulary has no place of their own.
 * @example writeRecipeData(plan, basis, METRIC).recipeYield // ['6 portions', …]
 */
export function writeRecipeData(plan: Plan, basis: Basis, units: UnitPreferences): RecipeData {
  const result = evaluatePlan(plan, basis);
  const bench = benchOf(plan, result, {
    state: foldRun([]),
    rules: basis.rules,
    write: (value, unit) => figureText(value, unit, units),
    split: (value, unit) => formatFigure(value, unit, units),
  });
  const steps = stepsOf(bench).filter(({ id }) => id !== 'close');
  const { pantry } = basis;
  const { diet } = result.contents.piece;
  const rounds = Math.ceil(result.pieces / Math.max(1, result.boil.rounds.pieces));
  const cookMin = rounds * (result.boil.potMin + 1) + plan.boil.sauceMin;
  const prepMin =
    plan.dough.work.kneadMin + plan.dough.work.restMin + benchTime(modelOf(plan, basis)).totalMin;
  const suits = [
    ...(diet === 'plant' ? ['VeganDiet', 'VegetarianDiet'] : []),
    ...(diet === 'vegetarian' ? ['VegetarianDiet'] : []),
  ];
  return {
    '@context': VOCABULARY,
    '@type': 'Recipe',
    name: plan.name,
    description: [plan.note, containsText(result.contents), ...cautionsFor(plan, pantry)]
      .filter(Boolean)
      .join('\n'),
    recipeYield: [`${result.portions} portions`, `${result.pieces} pieces`],
    recipeIngredient: [
      ...result.dough.parts
        .filter(({ g }) => g >= 0.05)
        .map(({ g, name }) => `${grams(g)} g ${name}`),
      ...result.filling.parts.flatMap(({ g, name }, i) => {
        const done = pantry.preparations.get(plan.filling.parts[i]?.preparation ?? 'raw');
        const said = done && done.id !== 'raw' ? `, ${done.name.toLowerCase()}` : '';
        return g >= 0.05 ? [`${grams(g)} g ${name}${said}`] : [];
      }),
    ],
    recipeInstructions: steps.map((step) => {
      const { figure, does, says, lines } = step.show(bench);
      const first = figure ? `${figure.text} ${figure.unit} ${does}` : does;
      return {
        '@type': 'HowToStep',
        name: step.title(bench),
        text: [
          `${first.trim()}.`,
          ...lines.map(({ name, amount }) => `${name}: ${amount}.`),
          ...says,
        ].join(' '),
      };
    }),
    prepTime: duration(prepMin),
    cookTime: duration(cookMin),
    totalTime: duration(prepMin + cookMin),
    ...(plan.tags.length > 0 && { keywords: plan.tags.join(', ') }),
    ...(suits.length > 0 && { suitableForDiet: suits.map((each) => `${VOCABULARY}/${each}`) }),
  };
}

/** What structured data gave, as the reader of pasted lines takes it. */
export interface ReadRecipeData {
  readonly name: string | null;
  /** For how many; null where it does not say, or says something else. */
  readonly portions: number | null;
  /** Lines of ingredients, one each. */
  readonly text: string;
  /** What is in it and has no place in a plan. */
  readonly unused: readonly string[];
}

const MOST_LINES = 120;
const MOST_LINE = 300;
/** Longer is no recipe. */
const MOST_TEXT = 2_000_000;

const words = z.union([z.string(), z.number()]).transform(String);
const oneOrMore = z.union([
  words,
  z.array(z.unknown()).transform((all) => all.filter(isWords).map(String)),
]);

function isWords(value: unknown): value is string | number {
  return typeof value === 'string' || typeof value === 'number';
}

const recipeSchema = z.looseObject({
  name: oneOrMore.optional(),
  recipeIngredient: oneOrMore.optional(),
  /** As the vocabulary called them before. */
  ingredients: oneOrMore.optional(),
  recipeYield: oneOrMore.optional(),
});

/** Whether a text may be structured data, or a page that holds some: worth reading as such. */
export const isRecipeData = (text: string): boolean =>
  /^\s*[[{]/.test(text) || /<script[^>]+application\/ld\+json/i.test(text);

/** A node is a recipe whatever else it is besides. */
const isRecipe = (node: object): boolean => {
  const type = (node as Record<string, unknown>)['@type'];
  return [type].flat().some((each) => typeof each === 'string' && /(^|[/:])Recipe$/.test(each));
};

const DEEPEST = 12;

/** The first recipe in a document, however it is wrapped. */
function findRecipe(node: unknown, depth = 0): object | null {
  if (typeof node !== 'object' || node === null || depth > DEEPEST) return null;
  if (!Array.isArray(node) && isRecipe(node)) return node;
  for (const each of Object.values(node)) {
    const found = findRecipe(each, depth + 1);
    if (found) return found;
  }
  return null;
}

/** Words without the marks of a page. */
const plain = (text: string): string =>
  text
    .replace(/<[^>]*>/g, ' ')
    .replace(/&nbsp;/g, ' ')
    .replace(/&amp;/g, '&')
    .replace(/&frac12;/g, '½')
    .replace(/\s+/g, ' ')
    .trim();

/** Fields of the vocabulary that a plan has a place for. */
const USED = new Set([
  '@context',
  '@type',
  '@id',
  'name',
  'recipeIngredient',
  'ingredients',
  'recipeYield',
]);

/**
 * Reads structured recipe data: a JSON-LD document, a list or graph of them, or a page that holds one.
 * @throws FieldError when there is no recipe in it, or none with ingredients
 * @example readRecipeData('{"@type":"Recipe","name":"Ravioli","recipeIngredient":["300 g flour"]}').text // '300 g flour'
 */
export function readRecipeData(text: string): ReadRecipeData {
  if (text.length > MOST_TEXT) throw new FieldError('Recipe data', 'must be at most 2 MB of text');
  const scripts = [
    ...text.matchAll(/<script[^>]+application\/ld\+json[^>]*>([\s\S]*?)<\/script>/gi),
  ].map((match) => match[1] ?? '');
  let broken = false;
  for (const source of scripts.length > 0 ? scripts : [text]) {
    let document: unknown;
    try {
      document = JSON.parse(source);
    } catch {
      broken = true;
      continue;
    }
    const node = findRecipe(document);
    if (node) return readNode(node);
  }
  throw new FieldError(
    'Recipe data',
    broken ? 'must be JSON that can be read' : 'must hold a Recipe of the open vocabulary',
  );
}

function readNode(node: object): ReadRecipeData {
  const read = recipeSchema.safeParse(node);
  const fields = read.success ? read.data : {};
  const lines = [fields.recipeIngredient ?? fields.ingredients ?? []]
    .flat()
    .flatMap((line) => line.split(/\r?\n/))
    .map((line) => cutTo(plain(line), MOST_LINE))
    .filter(Boolean)
    .slice(0, MOST_LINES);
  if (lines.length === 0) throw new FieldError('Recipe data', 'must list its ingredients');
  const [name] = [fields.name ?? []].flat();
  const yields = [fields.recipeYield ?? []].flat().map(plain);
  const servings = yields.find((each) => /portion|serving|people|person/i.test(each));
  const bare = yields.find((each) => /^\d+$/.test(each));
  const portions = Number(/\d+/.exec(servings ?? bare ?? '')?.[0] ?? NaN);
  return {
    name: name === undefined ? null : cutTo(plain(name), 120) || null,
    portions: portions >= 1 && portions <= 5000 ? portions : null,
    text: lines.join('\n'),
    unused: Object.keys(node).filter((key) => !USED.has(key)),
  };
}

import fc from 'fast-check';
import { startingBasis } from '../basis/basis';
import { startingPantry } from '../composition/pantry';
import { FAMILY_IDS } from '../shapes/families';
import { planWith } from '../testing/plans';
import { readRecipe } from '../recipe/readRecipe';
import { METRIC } from '../units/units';
import { FieldError } from '../range';
import { duration, isRecipeData, readRecipeData, writeRecipeData } from './recipeData';

const egg = { eggG: 50, yolkG: 17 };
const linesOf = (text: string) =>
  readRecipe(text, {
    cup: 'metric',
    flour: 'spooned',
    pantry: startingPantry,
    egg,
  } as Parameters<typeof readRecipe>[1]).parts;

describe('a plan as structured recipe data', () => {
  const plan = planWith({ tags: ['friday', 'island'], note: 'For the hall.' });
  const recipe = writeRecipeData(plan, startingBasis, METRIC);

  it('holds what the vocabulary has a place for', () => {
    expect(recipe).toMatchObject({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: plan.name,
      keywords: 'friday, island',
    });
    expect(recipe.recipeYield[0]).toMatch(/^\d+ portions$/);
    expect(recipe.recipeYield[1]).toMatch(/^\d+ pieces$/);
    for (const each of [recipe.prepTime, recipe.cookTime, recipe.totalTime])
      expect(each).toMatch(/^PT(\d+H)?(\d+M)?$/);
    expect(recipe.recipeInstructions.map(({ name }) => name)).toEqual(
      expect.arrayContaining(['Mix', 'Knead', 'Roll', 'Fill and seal', 'Boil']),
    );
  });

  it('says its allergens and cautions in words', () => {
    expect(recipe.description).toContain('For the hall.');
    expect(recipe.description).toMatch(/Contains .*gluten/);
    expect(recipe.description).toContain('Do not eat raw flour');
  });

  it.each(FAMILY_IDS)('is read again with the same ingredients and weights: %s', (family) => {
    const own = planWith({}, family);
    const written = writeRecipeData(own, startingBasis, METRIC);
    const read = readRecipeData(JSON.stringify(written));
    expect(read.name).toBe(own.name);
    expect(read.portions).toBe(own.batch.portions);
    const parts = linesOf(read.text);
    const wanted = [...own.dough.parts, ...own.filling.parts];
    expect(parts.flatMap(({ ids }) => ids[0] ?? [])).toEqual(
      expect.arrayContaining(
        wanted.map(({ id }) => id).filter((id) => !['salt-fine', 'water'].includes(id)),
      ),
    );
    for (const part of parts) expect(part.g).toBeGreaterThan(0);
    for (const { id, preparation } of own.filling.parts) {
      const again = parts.find(({ ids, side }) => ids[0] === id && side === 'filling');
      if (again && preparation !== 'raw') expect(again.preparations).toContain(preparation);
    }
  });
});

describe('structured recipe data read', () => {
  const minimal = {
    '@type': 'Recipe',
    name: 'Supper ravioli',
    recipeIngredient: ['300 g flour', '3 eggs'],
  };

  it.each([
    ['alone', minimal],
    ['in a list', [{ '@type': 'Person' }, minimal]],
    [
      'in a graph',
      { '@context': 'https://schema.org', '@graph': [{ '@type': 'WebPage' }, minimal] },
    ],
    ['of several kinds', { ...minimal, '@type': ['Thing', 'https://schema.org/Recipe'] }],
    ['as part of something else', { '@type': 'Article', mainEntity: minimal }],
  ])('finds a recipe %s', (_where, document) => {
    expect(readRecipeData(JSON.stringify(document))).toMatchObject({
      name: 'Supper ravioli',
      text: '300 g flour\n3 eggs',
    });
  });

  it('finds it in a page, past scripts that are broken', () => {
    const page = `<html><script type="application/ld+json">{"@type":</script>
      <script class="a" type="application/ld+json">${JSON.stringify(minimal)}</script></html>`;
    expect(isRecipeData(page)).toBe(true);
    expect(readRecipeData(page).name).toBe('Supper ravioli');
  });

  it.each([
    ['4 servings', 4],
    ['Serves 6 people', 6],
    [['48 pieces', '8 portions'], 8],
    [12, 12],
    ['a large tray', null],
    ['0', null],
  ])('takes a yield of %j as portions: %j', (recipeYield, portions) => {
    expect(readRecipeData(JSON.stringify({ ...minimal, recipeYield })).portions).toBe(portions);
  });

  it('lists what a plan has no place for, and takes marks out of the words', () => {
    const read = readRecipeData(
      JSON.stringify({
        ...minimal,
        name: '<b>Supper</b> &amp; stall',
        recipeInstructions: 'Roll it.',
        cookTime: 'PT5M',
      }),
    );
    expect(read.name).toBe('Supper & stall');
    expect(read.unused).toEqual(['recipeInstructions', 'cookTime']);
  });

  it.each([
    ['{ not json', 'must be JSON that can be read'],
    ['{"@type":"Person"}', 'must hold a Recipe'],
    ['{"@type":"Recipe","name":"Nothing"}', 'must list its ingredients'],
    ['[]', 'must hold a Recipe'],
  ])('refuses %s by its reason', (text, reason) => {
    expect(() => readRecipeData(text)).toThrow(FieldError);
    expect(() => readRecipeData(text)).toThrow(reason);
  });

  it('never falls over anything that is given', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.jsonValue(), (name, ingredients) => {
        try {
          readRecipeData(
            JSON.stringify({
              '@type': 'Recipe',
              name,
              recipeIngredient: ingredients,
              recipeYield: name,
            }),
          );
        } catch (error) {
          expect(error).toBeInstanceOf(FieldError);
        }
      }),
      { numRuns: 300 },
    );
  });

  it('is told from pasted lines by how it begins', () => {
    expect(isRecipeData('300 g flour')).toBe(false);
    expect(isRecipeData(' [{"a":1}]')).toBe(true);
  });
});

it('a length of time is written in hours and minutes', () => {
  expect([0, 5, 60, 95].map(duration)).toEqual(['PT0M', 'PT5M', 'PT1H', 'PT1H35M']);
});

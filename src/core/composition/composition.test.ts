import fc from 'fast-check';
import { allergensOf } from './allergens';
import { compose } from './compose';
import { findIngredient, findPreparation, preparationsFor, startingPantry } from './pantry';
import { prepare } from './prepare';

const ingredients = [...startingPantry.ingredients.values()];
const anyPart = fc
  .record({
    ingredient: fc.constantFrom(...ingredients),
    g: fc.double({ min: 1, max: 5000, noNaN: true }),
    way: fc.nat(),
  })
  .map(({ ingredient, g, way }) => {
    const ways = preparationsFor(startingPantry, ingredient.id);
    return { id: ingredient.id, g, preparation: ways[way % ways.length]!.id };
  });

describe('prepare', () => {
  const celeriac = findIngredient(startingPantry, 'celeriac-raw');
  const roasted = findPreparation(startingPantry, 'roast-cubes', 'celeriac-raw');

  it('follows mass, solids and water through a preparation', () => {
    const { massG, solidsG, waterG } = prepare(celeriac, 1000, roasted);
    expect(massG).toBeCloseTo(680, 6);
    expect(solidsG).toBeCloseTo(117.6, 6);
    expect(waterG).toBeCloseTo(562.4, 6);
  });

  it('lets a weighed result replace the typical yield, solids unchanged', () => {
    const weighed = prepare(celeriac, 1000, roasted, 600);
    expect(weighed.massG).toBe(600);
    expect(weighed.solidsG).toBeCloseTo(117.6, 6);
  });

  it('refuses a result lighter than its own solids, naming field and least weight', () => {
    expect(() => prepare(celeriac, 1000, roasted, 50, 'filling.parts[0]')).toThrow(
      /filling\.parts\[0\]\.weighedG must be at least 117\.6 g/,
    );
  });

  it.each([-1, NaN, Infinity, 200_000])('refuses %p g', (g) => {
    expect(() => prepare(celeriac, g)).toThrow(/part\.g must be a number from 0 to 100000 g/);
  });
});

describe('compose', () => {
  it('conserves mass: the whole is the sum of its prepared parts, water and solids alike', () => {
    fc.assert(
      fc.property(fc.array(anyPart, { minLength: 1, maxLength: 12 }), (parts) => {
        const whole = compose(parts, startingPantry);
        const solids = whole.parts.reduce((sum, part) => sum + part.solidsG, 0);
        expect(whole.massG).toBeCloseTo(whole.waterG + solids, 6);
      }),
    );
  });

  it('never gives free water below 0 or above the water there is', () => {
    fc.assert(
      fc.property(fc.array(anyPart, { minLength: 1, maxLength: 12 }), (parts) => {
        const { freeWaterShare, waterG, massG } = compose(parts, startingPantry);
        expect(freeWaterShare).toBeGreaterThanOrEqual(0);
        expect(freeWaterShare * massG).toBeLessThanOrEqual(waterG + 1e-9);
      }),
    );
  });

  it('agrees with the closed form for ricotta as sold', () => {
    const { densityGPerMl, freeWaterShare } = compose(
      [{ id: 'ricotta-fresh', g: 500 }],
      startingPantry,
      { air: 0 },
    );
    expect(densityGPerMl).toBeCloseTo(1 / (0.73 / 1 + 0.09 / 1.35 + 0.12 / 0.92 + 0.04 / 1.55), 9);
    expect(freeWaterShare).toBeCloseTo(0.73 - 0.27 * 2.35, 9);
  });

  it('is lighter by the air worked in', () => {
    const part = [{ id: 'peas-cooked', g: 100 }];
    const flat = compose(part, startingPantry, { air: 0 }).densityGPerMl;
    expect(compose(part, startingPantry, { air: 0.1 }).densityGPerMl).toBeCloseTo(0.9 * flat, 9);
  });

  it('has less free water the more crumbs go in', () => {
    const wet = { id: 'ricotta-fresh', g: 500 };
    const shares = [0, 20, 40, 60].map(
      (g) => compose([wet, { id: 'breadcrumbs-dry', g }], startingPantry).freeWaterShare,
    );
    expect([...shares].sort((a, b) => b - a)).toEqual(shares);
    expect(shares[3]).toBeLessThan(shares[0]!);
  });

  it('names an unknown ingredient and where it stands, with ids like it', () => {
    expect(() => compose([{ id: 'flour-moon', g: 1 }], startingPantry)).toThrow(
      /parts\[0\]\.id is not in the pantry: "flour-moon"; like it: flour-00/,
    );
  });

  it('refuses a preparation that is not done to the ingredient, and lists those that are', () => {
    expect(() =>
      compose([{ id: 'butter', g: 1, preparation: 'wilt-squeeze' }], startingPantry),
    ).toThrow(/parts\[0\]\.preparation "wilt-squeeze" is not done to butter; allowed here: raw/);
  });
});

describe('allergensOf', () => {
  it('derives each allergen once', () => {
    expect(
      allergensOf(['flour-00', 'egg-whole', 'egg-yolk', 'celeriac-raw'], startingPantry),
    ).toEqual(['celery', 'egg', 'gluten']);
  });
});

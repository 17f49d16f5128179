import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { pantryWith, startingPantry } from '../composition/pantry';
import type { EggWish, FlourBlend } from './eggDough';
import { eggOptions, type EggOption } from './eggOptions';
import { eggsText } from './eggsText';
import { hydration } from './hydration';
import { optionState } from './optionState';
import { hydrationBand, targetHydration } from './targetHydration';

const PLAIN: FlourBlend = {
  absorption: 0,
  othersG: 0,
  othersWaterG: 0,
  othersEggSolidsG: 0,
  othersFatG: 0,
  weatherWaterG: 0,
};
const medium = { eggG: 50, yolkG: 17 };
const wish = (given: EggWish['given'], rest: Partial<EggWish> = {}): EggWish => ({
  blend: PLAIN,
  given,
  egg: medium,
  style: 'plain',
  ...rest,
});
const solve = (given: EggWish['given'], rest: Partial<EggWish> = {}) =>
  eggOptions(wish(given, rest), startingPantry, { rules: startingRules });

it('eggs of a kitchen that are powder are weighed, not counted', () => {
  const whole = startingPantry.ingredients.get('egg-whole')!;
  const kitchen = pantryWith({ ingredients: [{ ...whole, water: 0.05 }], preparations: [] });
  expect(eggOptions(wish({ kind: 'dough', g: 12_000 }), kitchen, { rules: startingRules })).toEqual(
    [],
  );
});

/** The dough an option describes, worked out the long way. */
const checked = ({ eggs, yolks, waterG, flourG }: EggOption) =>
  hydration(
    [
      { id: 'flour-00', g: flourG },
      { id: 'egg-whole', g: eggs * medium.eggG },
      { id: 'egg-yolk', g: yolks * medium.yolkG },
      { id: 'water', g: waterG },
    ],
    startingPantry,
    { rules: startingRules },
  );

const anyGiven: fc.Arbitrary<EggWish['given']> = fc.oneof(
  fc.record({ kind: fc.constant('flour' as const), g: fc.integer({ min: 60, max: 1500 }) }),
  fc.record({ kind: fc.constant('dough' as const), g: fc.integer({ min: 120, max: 2500 }) }),
  fc.record({ kind: fc.constant('eggs' as const), count: fc.integer({ min: 1, max: 20 }) }),
);

describe('eggOptions', () => {
  it('gives four eggs for 400 g of flour, with the last drops of water', () => {
    const [best] = solve({ kind: 'flour', g: 400 });
    expect(best).toMatchObject({ eggs: 4, yolks: 0, flourG: 400 });
    // 0.405 − 19 g of fat ÷ 400 ÷ 4 = 0.3931, but for the last of the smoothstep.
    expect(best!.waterG).toBeCloseTo(4.86, 1);
    expect(best!.hydration).toBeCloseTo(best!.target, 9);
  });

  it('is whole, weighs what is asked, and has the hydration it says', () => {
    fc.assert(
      fc.property(anyGiven, fc.double({ min: 0.34, max: 1, noNaN: true }), (given, yolkShare) => {
        for (const option of solve(given, { yolkShare })) {
          expect(Number.isInteger(option.eggs) && Number.isInteger(option.yolks)).toBe(true);
          expect(Math.min(option.eggs, option.yolks, option.waterG)).toBeGreaterThanOrEqual(0);
          const dough = checked(option);
          expect(option.hydration).toBeCloseTo(dough.hydration, 9);
          expect(option.target).toBeCloseTo(dough.target, 9);
          expect(option.doughG).toBeCloseTo(dough.massG, 6);
          if (given.kind === 'flour') expect(option.flourG).toBe(given.g);
          if (given.kind === 'dough') {
            // To the gram, or floated to what the eggs make without a drop of water.
            const off = Math.abs(option.doughG / given.g - 1);
            if (option.waterG > 1e-6) expect(off).toBeLessThan(1e-6);
            else expect(off).toBeLessThan(0.0300001);
          }
          if (given.kind === 'eggs') expect(option.eggs + option.yolks).toBe(given.count);
          // On its target, unless the eggs alone are too wet.
          if (option.waterG > 1e-6) {
            expect(Math.abs(option.hydration / option.target - 1)).toBeLessThan(1e-6);
          } else expect(option.hydration).toBeGreaterThan(option.target - 1e-6);
        }
      }),
    );
  });

  it('puts first what a search of every count puts first', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 700 }),
        fc.double({ min: 0.34, max: 0.95, noNaN: true }),
        fc.double({ min: 0, max: 0.4, noNaN: true }),
        (flourG, yolkShare, waterShare) => {
          let least = Infinity;
          for (let eggs = 0; eggs <= 12; eggs += 1) {
            for (let yolks = 0; yolks <= 60; yolks += 1) {
              if (eggs + yolks === 0) continue;
              const massG = eggs * 50 + yolks * 17;
              const eggWaterG = eggs * 50 * 0.762 + yolks * 17 * 0.523;
              const fatG = eggs * 50 * 0.095 + yolks * 17 * 0.265;
              const target = targetHydration(
                {
                  eggSolidsRatio: (massG - eggWaterG) / flourG,
                  fatRatio: fatG / flourG,
                  absorption: 0,
                  style: 'plain',
                },
                startingRules,
              );
              const waterG = Math.max(0, target * flourG - eggWaterG);
              const totalG = waterG + eggWaterG;
              const error =
                Math.abs(totalG / flourG - target) / 0.025 +
                Math.abs(((eggs + yolks) * 17) / massG - yolkShare) / 0.1 +
                Math.abs(waterG / totalG - waterShare) / 0.1;
              least = Math.min(least, error);
            }
          }
          const [best] = solve({ kind: 'flour', g: flourG }, { yolkShare, waterShare });
          expect(best!.error).toBeCloseTo(least, 6);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is ranked by its error, and the best comes back when its own dough is asked for', () => {
    fc.assert(
      fc.property(anyGiven, (given) => {
        const options = solve(given);
        const errors = options.map(({ error }) => error);
        expect([...errors].sort((a, b) => a - b)).toEqual(errors);
        const [best] = options;
        const [again] = solve({ kind: 'flour', g: best!.flourG });
        expect(again!.error).toBeLessThanOrEqual(best!.error + 1e-6);
      }),
    );
  });

  it('counts what else is in the dough', () => {
    const oily = { ...PLAIN, othersG: 0.1, othersWaterG: 0.05 };
    const [best] = solve({ kind: 'dough', g: 650 }, { blend: oily });
    const doughG = best!.flourG * 1.1 + best!.eggs * 50 + best!.yolks * 17 + best!.waterG;
    expect(doughG).toBeCloseTo(best!.doughG, 6);
    expect(Math.abs(doughG / 650 - 1)).toBeLessThan(0.03);
  });

  it.each([
    [{ kind: 'flour', g: 0 }, /flourG must be a number from 1 to 20000 g, not 0/],
    [{ kind: 'dough', g: 1e9 }, /doughG must be a number from 1 to 20000 g/],
    [{ kind: 'eggs', count: 2.5 }, /eggs must be a whole number from 1 to 500, not 2\.5/],
  ] as const)('refuses %j', (given, message) => {
    expect(() => solve(given)).toThrow(message);
  });

  it('refuses a yolk heavier than its egg', () => {
    expect(() => solve({ kind: 'flour', g: 400 }, { egg: { eggG: 40, yolkG: 50 } })).toThrow(
      /yolkG must be a number from 2 to 40 g, not 50/,
    );
  });
});

describe('an option in words and marks', () => {
  it.each([
    [4, 0, '4 eggs'],
    [1, 1, '1 egg + 1 yolk'],
    [0, 6, '6 yolks'],
    [0, 0, 'no egg'],
  ])('%p eggs and %p yolks are “%s”', (eggs, yolks, words) => {
    expect(eggsText({ eggs, yolks })).toBe(words);
  });

  it.each([
    [0.3855, 'holds'],
    [0.403, 'holds'],
    [0.43, 'edge'],
    [0.35, 'edge'],
    [0.33, 'fails'],
    [0.45, 'fails'],
  ])('hydration %p of a whole-egg dough %s', (h, state) => {
    const band = hydrationBand(
      {
        eggSolidsRatio: 0.12,
        fatRatio: 0.0475,
        absorption: 0,
        style: 'plain',
      },
      startingRules,
    );
    expect(optionState({ hydration: h, band })).toBe(state);
  });
});

import { startingRules } from '../basis/rules';
import { development, kneadWanted, type Kneader } from './development';
import { holdBack } from './holdBack';
import { pinchesFor } from './pinches';
import { sheetTraits } from './sheetStrength';
import { hydrationBand, type DoughStyle, type DoughTraits } from './targetHydration';

describe('kneading', () => {
  it.each<[Kneader, tau: number, enoughMin: number]>([
    ['hand', 3.5, 8.06],
    ['mixer', 2.5, 5.76],
    ['processor', 0.4, 0.92],
  ])('by %s is two thirds done after its own time', (by, tau, enoughMin) => {
    expect(development({ by, minutes: tau, folds: 0 }, startingRules)).toBeCloseTo(
      1 - 1 / Math.E,
      9,
    );
    expect(kneadWanted(by, startingRules)).toBeCloseTo(enoughMin, 2);
    expect(
      development({ by, minutes: kneadWanted(by, startingRules), folds: 0 }, startingRules),
    ).toBeCloseTo(0.9, 9);
  });

  it('is helped by a twenty-fifth at each letter fold, and is never more than whole', () => {
    const of = (folds: number) => development({ by: 'hand', minutes: 3.5, folds }, startingRules);
    expect(of(3) - of(0)).toBeCloseTo(0.12, 9);
    expect(of(40)).toBe(1);
  });
});

describe('hydration', () => {
  const traits: DoughTraits = { eggSolidsRatio: 0, fatRatio: 0, absorption: 0, style: 'plain' };

  it('of a water dough is 49 %, workable from 44.5 to 53', () => {
    const { low, target, high, asItShouldBe } = hydrationBand(traits, startingRules);
    expect([low, asItShouldBe[0], target, asItShouldBe[1], high]).toEqual(
      [0.445, 0.47, 0.49, 0.51, 0.53].map((share) => expect.closeTo(share, 9)),
    );
  });

  it('falls by 8.5 points to a whole-egg dough, half of that half way', () => {
    const at = (eggSolidsRatio: number) =>
      hydrationBand({ ...traits, eggSolidsRatio }, startingRules).target;
    expect(at(0.12)).toBeCloseTo(0.405, 9);
    expect(at(0.06)).toBeCloseTo(0.4475, 9);
    expect(at(0.3)).toBe(at(0.12));
  });

  it.each<[DoughStyle, shift: number]>([
    ['plain', 0],
    ['benchFlourFree', -0.02],
    ['rolledByPin', 0.015],
  ])('worked %s is moved as a whole by %d', (style, shift) => {
    const [plain, moved] = [
      hydrationBand(traits, startingRules),
      hydrationBand({ ...traits, style }, startingRules),
    ];
    expect(moved.target - plain.target).toBeCloseTo(shift, 9);
    expect(moved.low - plain.low).toBeCloseTo(shift, 9);
    expect(moved.high - plain.high).toBeCloseTo(shift, 9);
  });

  it('is lowered by fat, which widens the dry side, and beyond whole egg the soft side too', () => {
    const [lean, fat] = [
      hydrationBand(traits, startingRules),
      hydrationBand({ ...traits, fatRatio: 0.15 }, startingRules),
    ];
    expect(lean.target - fat.target).toBeCloseTo(0.15 / 4, 9);
    expect(lean.low - fat.low).toBeCloseTo(0.15 / 2, 9);
    expect(fat.high - lean.high).toBeCloseTo(0.6 * 0.1, 9);
    expect(hydrationBand({ ...traits, fatRatio: 0.05 }, startingRules).high).toBeCloseTo(
      lean.high,
      9,
    );
  });
});

describe('flour by hand', () => {
  it('is worked in by pinches of five to ten grams', () => {
    expect(pinchesFor(34, startingRules)).toEqual({ totalG: 34, count: 4, eachG: 8.5 });
    expect(pinchesFor(10, startingRules)).toEqual({ totalG: 10, count: 1, eachG: 10 });
    expect(pinchesFor(3, startingRules)).toMatchObject({ count: 1, eachG: 5 });
  });

  it('is held back against eggs and weather that may fall short, each by its own spread', () => {
    const of = (flourG: number, eggWaterG: number, flourKept: 'sealed' | 'open') =>
      holdBack({ flourG, eggWaterG, target: 0.4, flourKept }, startingRules);
    expect(of(400, 0, 'sealed')).toBeCloseTo(10, 9);
    expect(of(400, 0, 'open')).toBeCloseTo(15, 9);
    expect(of(0, 150, 'open')).toBeCloseTo(22.5, 9);
    expect(of(400, 150, 'sealed')).toBeCloseTo(Math.hypot(10, 22.5), 9);
  });
});

describe('strength of a sheet', () => {
  const of = (change: object) =>
    sheetTraits(
      { glutenRatio: 0.095, development: 1, over: 0, fatShare: 0, ...change },
      startingRules,
    );

  it('goes with the gluten to the power of one and a half', () => {
    expect(of({}).strengthKPa).toBeCloseTo(25, 9);
    expect(of({ glutenRatio: 0.095 / 4 }).strengthKPa).toBeCloseTo(25 / 8, 9);
  });

  it('is shortened by six tenths of its fat', () => {
    expect(of({ fatShare: 0.1 }).strengthKPa).toBeCloseTo(25 * 0.94, 9);
    expect(of({ fatShare: 0.1 }).stretch).toBe(of({}).stretch);
  });
});

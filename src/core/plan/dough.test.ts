import { startingBasis } from '../basis/basis';
import fc from 'fast-check';
import { planWith } from '../testing/plans';
import { evaluatePlan } from './evaluatePlan';
import type { Made } from './model/atBench';

const sum = (parts: readonly { g: number }[]) => parts.reduce((total, { g }) => total + g, 0);
const yolky = [
  { id: 'flour-00', g: 400 },
  { id: 'egg-whole', g: 100 },
  { id: 'egg-yolk', g: 136 },
  { id: 'water', g: 7 },
  { id: 'oil-olive', g: 12 },
];
const correction = (kind: string, amount: number) => ({ feel: 'sticky', kind, amount }) as Made;

describe('the dough of a batch', () => {
  it('has whole eggs at the recipe’s own hydration, or is weighed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 300 }), fc.boolean(), (portions, rich) => {
        const { dough } = evaluatePlan(
          planWith({ batch: { portions }, ...(rich && { dough: { parts: yolky } }) }),
          startingBasis,
        );
        expect(sum(dough.parts)).toBeCloseTo(dough.totalG, 6);
        expect(dough.hydration).toBeCloseTo(dough.now.waterG / dough.now.flourG, 9);
        expect(dough.hydration).toBeCloseTo(
          evaluatePlan(planWith(rich ? { dough: { parts: yolky } } : {}), startingBasis).dough
            .hydration,
          5,
        );
        for (const { id, g, count } of dough.parts) {
          if (count) expect(g).toBe(count.n * (id === 'egg-yolk' ? 17 : 50));
        }
        if (portions >= 60) expect(dough.whole).not.toBeNull();
      }),
      { numRuns: 60 },
    );
  });

  it('is answered for the largest batch that can be asked for', () => {
    const { dough, pieces } = evaluatePlan(
      planWith({ batch: { portions: 2000, piecesPerPortion: 100 } }),
      startingBasis,
    );
    expect(pieces).toBeGreaterThan(200_000);
    expect(dough.whole).toBeNull();
    expect(sum(dough.parts)).toBeCloseTo(dough.totalG, 3);
  });

  it('counts the whites that yolks leave', () => {
    const { dough } = evaluatePlan(
      planWith({ dough: { parts: yolky }, batch: { portions: 40 } }),
      startingBasis,
    );
    expect(dough.whole!.yolks).toBeGreaterThan(0);
    expect(dough.whites.g).toBeCloseTo(dough.whole!.yolks * 33, 6);
  });

  it('is made up to whole eggs when asked, what is too much left over', () => {
    for (const parts of [undefined, yolky]) {
      const plan = planWith(parts ? { dough: { parts } } : {});
      const exact = evaluatePlan(
        { ...plan, dough: { ...plan.dough, roundUp: false } },
        startingBasis,
      );
      const up = evaluatePlan({ ...plan, dough: { ...plan.dough, roundUp: true } }, startingBasis);
      expect(up.dough.whole).not.toBeNull();
      expect(up.pieces).toBe(exact.pieces);
      expect(up.dough.totalG).toBeGreaterThanOrEqual(exact.dough.totalG);
      // Fresh dough in plenty: less of the trim need be rolled again, the rest is left over.
      const more = up.dough.totalG - exact.dough.totalG;
      const spare = ({ leftover, trim }: typeof up) => leftover.doughG + trim.g + trim.spoiltG;
      expect((spare(up) - spare(exact)) / more).toBeGreaterThan(0.9);
      expect((spare(up) - spare(exact)) / more).toBeLessThanOrEqual(1);
    }
  });

  it('is made up of itself where the batch is small or hardly more is needed, and not where it is refused', () => {
    const at = (portions: number, roundUp?: boolean) =>
      evaluatePlan(
        planWith({ batch: { portions }, dough: { ...planWith().dough, roundUp } }),
        startingBasis,
      );
    expect(at(6).dough.whole).toMatchObject({ eggs: 2, yolks: 0 });
    expect(at(6).dough.totalG).toBeCloseTo(300, 6);
    expect(at(6, false).dough.totalG).toBeLessThan(290);
    // A large batch is weighed, eggs beaten, unless whole ones come to hardly more.
    for (let portions = 16; portions <= 60; portions += 1) {
      const [up, exact] = [at(portions), at(portions, false)];
      expect(up.dough.totalG / exact.dough.totalG).toBeLessThanOrEqual(1.12 + 1e-9);
      // A dough of whole eggs is no dough of eggs, a yolk and drops of water.
      if ((up.dough.whole?.eggs ?? 0) >= 9) expect(up.dough.whole).toMatchObject({ yolks: 0 });
    }
  });

  it('with little egg in it is not made up by half: an egg is beaten and weighed', () => {
    const parts = [
      { id: 'flour-00', g: 300 },
      { id: 'egg-whole', g: 50 },
      { id: 'wine-white', g: 80 },
    ];
    for (let portions = 1; portions <= 30; portions += 1) {
      const { dough, layout } = evaluatePlan(
        planWith({ batch: { portions }, dough: { ...planWith().dough, parts } }),
        startingBasis,
      );
      const neededG = dough.totalG - layout.madeUpG;
      expect(dough.totalG).toBeLessThanOrEqual(Math.max(1.5 * neededG, neededG + 100) + 1e-6);
    }
  });

  it('is not made up when it is in hand', () => {
    const plan = planWith({
      batch: { wayIn: 'dough', doughInHandG: 333 },
      dough: { roundUp: true },
    });
    expect(evaluatePlan(plan, startingBasis).dough.totalG).toBe(333);
  });

  it('moves with the weather round open flour', () => {
    const at = (rh?: number) => evaluatePlan(planWith({ dough: { rh } }), startingBasis).dough;
    expect(at(0.8).now.weatherWaterG).toBeGreaterThan(0);
    expect(at(0.3).now.weatherWaterG).toBeLessThan(0);
    expect(at().now.weatherWaterG).toBe(0);
  });
});

describe('corrections', () => {
  const plain = evaluatePlan(planWith(), startingBasis);
  const corrected = (...made: Made[]) => evaluatePlan({ ...planWith(), made }, startingBasis);

  it('keep every gram: what is put in is there, and left over', () => {
    const after = corrected(correction('flourG', 12), correction('waterG', 3));
    expect(after.dough.totalG).toBeCloseTo(plain.dough.totalG + 15, 9);
    expect(after.leftover.doughG - plain.leftover.doughG).toBeCloseTo(15, 9);
    expect(after.dough.weighedG).toBeCloseTo(plain.dough.totalG, 9);
    expect(sum(after.dough.parts)).toBeCloseTo(plain.dough.totalG, 6);
    expect(after.dough.now.flourG).toBeCloseTo(plain.dough.now.flourG + 12, 9);
    expect(after.dough.now.waterG).toBeCloseTo(plain.dough.now.waterG + 3, 9);
  });

  it('move the hydration, the strength and the spring as they should', () => {
    expect(corrected(correction('flourG', 5)).dough.hydration).toBeLessThan(plain.dough.hydration);
    expect(corrected(correction('waterG', 5)).dough.hydration).toBeGreaterThan(
      plain.dough.hydration,
    );
    expect(corrected(correction('restMin', 20)).dough.springBack).toBeLessThan(
      plain.dough.springBack,
    );
  });

  it('make more pieces of a dough in hand once there is enough of them', () => {
    const made = (amount: number) =>
      evaluatePlan(
        {
          ...planWith({ batch: { wayIn: 'dough', doughInHandG: 400 } }),
          made: [correction('flourG', amount)],
        },
        startingBasis,
      );
    expect(made(40).pieces).toBeGreaterThan(made(1).pieces);
    expect(made(40).dough.totalG).toBeCloseTo(440, 9);
  });
});

describe('a dough that is not ready', () => {
  it.each([
    [{ kneadMin: 2 }, 'not ready'],
    [{ restMin: 5 }, 'not ready'],
    [{ restMin: 30, restAt: 'chilled' as const }, 'not ready'],
    [{ restMin: 120, restAt: 'chilled' as const }, 'on target'],
  ])('%j is “%s”', (work, word) => {
    const base = planWith().dough.work;
    expect(
      evaluatePlan(planWith({ dough: { work: { ...base, ...work } } }), startingBasis).stations
        .dough.word,
    ).toBe(word);
  });

  it('refuses a yolk heavier than the egg', () => {
    expect(() => planWith({ dough: { eggG: 30, yolkG: 40 } })).toThrow(
      /dough\.yolkG: must be less than the whole egg, 30 g, not 40/,
    );
  });
});

import { learntOf } from '../testing/learntOf';
import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { startingBasis } from '../basis/basis';
import { evaluatePlan } from '../plan/evaluatePlan';
import { doughUnderHand } from '../plan/model/dough';
import { planWith } from '../testing/plans';
import { findIngredient, startingPantry } from '../composition/pantry';
import { springBack } from '../sheet/springBack';
import { doughAdvice } from './advice';
import { development, kneadWanted } from './development';
import { doughColour } from './doughColour';
import { EGG_SYSTEMS, eggSizeOf } from './eggSizes';
import { FEELS, whatToDo, type DoughNow } from './feel';
import { holdBack } from './holdBack';
import { hydration } from './hydration';
import { doughMakeup } from './makeup';
import { readiness } from './readiness';
import { relaxationLeft, relaxationTau, restWanted } from './relaxation';
import { sheetTraits } from './sheetStrength';
import { DOUGH_STYLES } from './styles';

const egg = { eggG: 50, yolkG: 17 };
const share = fc.double({ min: 0, max: 1, noNaN: true });

describe('kneading and rest', () => {
  it('has 1 − 1/e of its gluten after one time constant', () => {
    expect(development({ by: 'hand', minutes: 3.5, folds: 0 }, startingRules)).toBeCloseTo(
      1 - Math.exp(-1),
      9,
    );
    expect(development({ by: 'processor', minutes: 0.4, folds: 2 }, startingRules)).toBeCloseTo(
      1 - Math.exp(-1) + 0.08,
      9,
    );
    expect(development({ by: 'mixer', minutes: 30, folds: 5 }, startingRules)).toBe(1);
  });

  it('is kneaded enough when it says so, by hand in eight minutes', () => {
    expect(kneadWanted('hand', startingRules)).toBeCloseTo(8.06, 2);
    for (const by of ['hand', 'mixer', 'processor'] as const) {
      expect(
        development({ by, minutes: kneadWanted(by, startingRules), folds: 0 }, startingRules),
      ).toBeCloseTo(0.9, 9);
    }
  });

  it('relaxes twice as slowly ten degrees colder', () => {
    expect(relaxationTau(22, startingRules)).toBe(15);
    expect(relaxationTau(12, startingRules)).toBe(30);
    expect(
      relaxationLeft({ minutes: restWanted(5, startingRules), tempC: 5 }, startingRules),
    ).toBeCloseTo(0.2, 9);
  });

  it('is ready at ten minutes by hand and half an hour of rest, never before both', () => {
    const work = { by: 'hand', kneadMin: 10, folds: 3, restMin: 30, restC: 22 } as const;
    expect(readiness(work, startingRules).readiness).toBe(1);
    expect(readiness({ ...work, restMin: 0 }, startingRules).readiness).toBe(0);
    expect(readiness({ ...work, kneadMin: 2 }, startingRules).readiness).toBeLessThan(0.6);
    fc.assert(
      fc.property(share, share, (a, b) => {
        const early = readiness({ ...work, kneadMin: 20 * a, restMin: 90 * b }, startingRules);
        const later = readiness(
          { ...work, kneadMin: 20 * a + 1, restMin: 90 * b + 1 },
          startingRules,
        );
        expect(later.readiness).toBeGreaterThanOrEqual(early.readiness);
        expect(early.readiness).toBeLessThanOrEqual(1);
      }),
    );
  });
});

describe('the sheet', () => {
  const reference = { glutenRatio: 0.095, development: 1, over: 0, fatShare: 0 };

  it('is 25 kPa and stretches 0.8 at the reference', () => {
    const traits = sheetTraits(reference, startingRules);
    expect(traits.strengthKPa).toBeCloseTo(25, 9);
    expect(traits.stretch).toBeCloseTo(0.8, 9);
  });

  it('weakens when wet, shortens when dry', () => {
    const wet = sheetTraits({ ...reference, over: 0.08 }, startingRules);
    // As it should be reaches 0.02 either way; beyond it, by 0.06.
    expect(wet.strengthKPa).toBeCloseTo(25 / Math.E, 9);
    expect(wet.stretch).toBeCloseTo(0.8, 9);
    const dry = sheetTraits({ ...reference, over: -0.08 }, startingRules);
    expect(dry.strengthKPa).toBeCloseTo(25, 9);
    expect(dry.stretch).toBeCloseTo(0.8 / Math.E, 9);
    const near = [0.02, -0.02].map((over) => sheetTraits({ ...reference, over }, startingRules));
    expect(near).toEqual([
      { strengthKPa: 25, stretch: 0.8 },
      { strengthKPa: 25, stretch: 0.8 },
    ]);
  });

  it('springs back less the longer it rested and the more often it passed', () => {
    const tight = { glutenRatio: 0.095, development: 1, relaxationLeft: 1, repeats: 1 };
    expect(springBack(tight, startingRules)).toBeCloseTo(0.35, 9);
    expect(springBack({ ...tight, repeats: 2 }, startingRules)).toBeCloseTo(0.175, 9);
    expect(springBack({ ...tight, relaxationLeft: 0 }, startingRules)).toBeCloseTo(0.07, 9);
    expect(springBack({ ...tight, speed: 'fast' }, startingRules)).toBeGreaterThan(
      springBack(tight, startingRules),
    );
  });
});

describe('what is in a dough', () => {
  const parts = [
    { id: 'flour-00', g: 400 },
    { id: 'egg-whole', g: 100 },
    { id: 'egg-yolk', g: 34 },
    { id: 'salt-fine', g: 4 },
  ];
  const makeup = doughMakeup(parts, startingPantry, egg);

  it('is read off the table', () => {
    expect(makeup.glutenRatio).toBeCloseTo(0.105 * 0.9, 9);
    expect(makeup.yolkShare).toBeCloseTo((34 + 34) / 134, 9);
    expect(makeup.saltShare).toBeCloseTo(0.01, 9);
    expect(makeup.fatShare).toBeCloseTo((4 + 9.5 + 34 * 0.265) / 538, 9);
  });

  it('has no yolk share without hen egg', () => {
    expect(doughMakeup([{ id: 'flour-00', g: 1 }], startingPantry, egg).yolkShare).toBeNull();
  });

  it('warns of weak gluten and of bran, and of nothing in a plain wheat dough', () => {
    const says = (ids: [string, number][]) =>
      doughAdvice(
        doughMakeup(
          ids.map(([id, g]) => ({ id, g })),
          startingPantry,
          egg,
        ),
        new Set(ids.map(([id]) => findIngredient(startingPantry, id).group)),
        startingRules,
      ).map(({ id }) => id);
    expect(
      says([
        ['flour-00', 400],
        ['egg-whole', 200],
      ]),
    ).toEqual([]);
    expect(
      says([
        ['flour-buckwheat', 300],
        ['flour-00', 100],
        ['egg-whole', 200],
      ]),
    ).toEqual(expect.arrayContaining(['weak', 'no-gluten']));
    expect(
      says([
        ['flour-wholemeal', 400],
        ['water', 220],
      ]),
    ).toEqual(expect.arrayContaining(['bran', 'no-egg']));
  });

  it('is yellower with yolk and green with greens', () => {
    const green = (hex: string) => parseInt(hex.slice(3, 5), 16) - parseInt(hex.slice(1, 3), 16);
    const blue = (hex: string) => parseInt(hex.slice(5, 7), 16);
    const flour = { id: 'flour-00', g: 400 };
    const pale = doughColour([flour], startingPantry, egg);
    expect(pale).toBe('#f0e5c7');
    expect(
      blue(doughColour([flour, { id: 'egg-yolk', g: 150 }], startingPantry, egg)),
    ).toBeLessThan(blue(pale) - 50);
    expect(
      green(doughColour([flour, { id: 'spinach-puree', g: 80 }], startingPantry, egg)),
    ).toBeGreaterThan(0);
  });
});

describe('styles', () => {
  it.each(DOUGH_STYLES.filter(({ parts }) => parts).map((style) => [style.id, style] as const))(
    '%s stands within a point of its own target',
    (_id, style) => {
      const h = hydration(style.parts!, startingPantry, {
        style: style.work.style,
        rules: startingRules,
      });
      expect(Math.abs(h.hydration - h.target)).toBeLessThan(0.0101);
    },
  );
});

describe('eggs', () => {
  it('are known by their grade, in either system', () => {
    for (const { sizes } of EGG_SYSTEMS) {
      for (const size of sizes) expect(eggSizeOf(size)).toEqual(size);
    }
    expect(eggSizeOf({ eggG: 53, yolkG: 17 })).toBeNull();
  });
});

describe('holdBack', () => {
  it('is the flour that water short by egg and weather would not carry', () => {
    const given = { flourG: 400, eggWaterG: 152.4, target: 0.385 };
    expect(holdBack({ ...given, flourKept: 'sealed' }, startingRules)).toBeCloseTo(
      Math.hypot(0.06 * 152.4, 4) / 0.385,
      9,
    );
    expect(holdBack({ ...given, flourKept: 'open' }, startingRules)).toBeGreaterThan(
      holdBack({ ...given, flourKept: 'sealed' }, startingRules),
    );
  });
});

describe('whatToDo', () => {
  const now: DoughNow = {
    flourG: 400,
    waterG: 154,
    target: 0.385,
    heldBackG: 0,
    spareFlourG: Infinity,
    kneadMin: 10,
    kneadWantedMin: 8.1,
    restMin: 30,
    restWantedMin: 24.1,
    roomC: 22,
    thirsty: false,
  } as const;

  it('always has something, in grams or minutes above nothing', () => {
    for (const feel of FEELS) {
      const steps = whatToDo(feel, now);
      expect(steps.length).toBeGreaterThan(0);
      for (const { amount, why } of steps) {
        expect(amount).toBeGreaterThan(0);
        expect(why.length).toBeGreaterThan(20);
      }
    }
  });

  it('kneads flour in by even pinches of 5 to 10 g, toward what the sums say', () => {
    const missing = 160 / 0.385 - 400;
    expect(whatToDo('sticky', { ...now, waterG: 160 })[0]).toMatchObject({
      kind: 'flourG',
      amount: Math.round((missing / 2) * 2) / 2,
      ofG: missing,
    });
    // However wet, it is done in pinches that end where the sums do.
    let flourG: number = now.flourG;
    const pinches: number[] = [];
    for (;;) {
      const [step] = whatToDo('sticky', { ...now, waterG: 172, flourG });
      if (step?.kind !== 'flourG' || step.ofG === undefined) break;
      pinches.push(step.amount);
      flourG += step.amount;
    }
    expect(Math.abs(flourG - 172 / 0.385)).toBeLessThan(10);
    for (const pinch of pinches) {
      expect(pinch).toBeGreaterThanOrEqual(5);
      expect(pinch).toBeLessThanOrEqual(10);
    }
    expect(pinches.length).toBeLessThanOrEqual(6);
  });

  it('takes larger pinches of a large dough, smaller ones of a tiny one', () => {
    const of = (flourG: number) =>
      whatToDo('sticky', { ...now, flourG, waterG: 0.5 * flourG })[0]!.amount;
    expect(of(5000)).toBeGreaterThan(20);
    expect(of(5000)).toBeLessThanOrEqual(50);
    expect(of(80)).toBeLessThanOrEqual(4);
  });

  it('uses the flour that was held back before any other', () => {
    const [first, ...others] = whatToDo('sticky', { ...now, waterG: 165, heldBackG: 22 });
    expect(first).toMatchObject({ kind: 'heldBackG', ofG: 22 });
    expect(first!.amount).toBeLessThanOrEqual(10);
    expect(others.some(({ kind }) => kind === 'flourG')).toBe(false);
    expect(whatToDo('sticky', { ...now, waterG: 165, heldBackG: 0 })[0]!.kind).toBe('flourG');
  });

  it('kneads before it dusts when the sums see no water too much', () => {
    expect(whatToDo('sticky', { ...now, kneadMin: 3 })[0]).toMatchObject({
      kind: 'kneadMin',
      amount: 6,
    });
    expect(whatToDo('sticky', now)).toMatchObject([{ kind: 'flourG', amount: 5 }]);
  });

  it('lets a crumbly wholegrain wait before it is watered', () => {
    const bran = { ...now, restMin: 5, thirsty: true };
    expect(whatToDo('crumbly', bran)[0]).toMatchObject({ kind: 'restMin', amount: 20 });
    expect(whatToDo('crumbly', { ...now, waterG: 130 })[0]).toMatchObject({
      kind: 'waterG',
      amount: 8,
    });
  });

  it('rests a springy dough as long as it still wants, by what this kitchen learned', () => {
    expect(whatToDo('springsBack', { ...now, restMin: 5 })[0]).toMatchObject({
      kind: 'restMin',
      amount: 20,
    });
    const slow = evaluatePlan(planWith({ dough: { ...planWith().dough, work: WORKED } }), {
      ...startingBasis,
      learnt: [REST_LEARNED],
    });
    const plan = planWith({ dough: { ...planWith().dough, work: WORKED } });
    const [step] = whatToDo('springsBack', doughUnderHand(plan, slow.dough));
    const typical = whatToDo(
      'springsBack',
      doughUnderHand(plan, evaluatePlan(plan, startingBasis).dough),
    )[0]!;
    expect(step!.amount).toBe(Math.ceil(1.5 * 24.14 - 15));
    expect(step!.amount).toBeGreaterThan(1.8 * typical.amount);
  });
});

const WORKED = { by: 'hand', kneadMin: 10, folds: 3, restMin: 15, restAt: 'room' } as const;
const REST_LEARNED = learntOf('rest', 1.5);

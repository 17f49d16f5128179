import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { startingPantry } from '../composition/pantry';
import { flourMoisture } from './flourMoisture';
import { hydration } from './hydration';
import { doughMoisture } from './doughMoisture';
import { feelOf, hydrationBand, targetHydration } from './targetHydration';

describe('flourMoisture', () => {
  it.each([
    [0.5, 0.115],
    [0.75, 0.1531],
  ])('at humidity %p is %p', (rh, expected) => {
    expect(flourMoisture(rh)).toBeCloseTo(expected, 4);
  });

  it('rises with humidity', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 0.94, noNaN: true }), (rh) => {
        expect(flourMoisture(rh + 0.01)).toBeGreaterThan(flourMoisture(rh));
      }),
    );
  });

  it.each([0, 1, -0.2, NaN])('refuses humidity %p', (rh) => {
    expect(() => flourMoisture(rh)).toThrow(/rh must be a number from 0\.05 to 0\.95/);
  });
});

describe('targetHydration', () => {
  const at = (traits: object) => ({
    eggSolidsRatio: 0.12,
    fatRatio: 0.0475,
    absorption: 0,
    style: 'plain' as const,
    ...traits,
  });

  it('lands near 0.393 for whole-egg dough and 0.49 for water dough', () => {
    expect(targetHydration(at({}), startingRules)).toBeCloseTo(0.3931, 4);
    expect(targetHydration(at({ eggSolidsRatio: 0, fatRatio: 0 }), startingRules)).toBeCloseTo(
      0.49,
      9,
    );
    // Half way in egg solids is half way down.
    expect(targetHydration(at({ eggSolidsRatio: 0.06, fatRatio: 0 }), startingRules)).toBeCloseTo(
      0.4475,
      9,
    );
  });

  it('shifts with the way of working', () => {
    const shift = (style: 'benchFlourFree' | 'rolledByPin') =>
      targetHydration(at({ style }), startingRules) - targetHydration(at({}), startingRules);
    expect(shift('benchFlourFree')).toBeCloseTo(-0.02, 9);
    expect(shift('rolledByPin')).toBeCloseTo(0.015, 9);
  });

  it('has a band with stiff and soft between dry and wet', () => {
    const band = hydrationBand(at({}), startingRules);
    expect(band.low).toBeCloseTo(0.3363, 4);
    expect(band.high).toBeCloseTo(0.445, 9);
    expect([0.33, 0.35, 0.38, 0.41, 0.43, 0.45].map((h) => feelOf(h, band))).toEqual([
      'dry',
      'stiff',
      'on target',
      'on target',
      'soft',
      'wet',
    ]);
  });

  it('lets fat move the target by a quarter of itself, and carry the dry side by half', () => {
    const [lean, rich] = [
      hydrationBand(at({ fatRatio: 0 }), startingRules),
      hydrationBand(at({ fatRatio: 0.04 }), startingRules),
    ];
    expect(lean.target - rich.target).toBeCloseTo(0.01, 9);
    expect(lean.low - rich.low).toBeCloseTo(0.02, 9);
    expect(rich.high).toBe(lean.high);
    // Richer than whole egg, a soft dough is carried too.
    expect(hydrationBand(at({ fatRatio: 0.1 }), startingRules).high - lean.high).toBeCloseTo(
      0.03,
      9,
    );
  });

  const feel = (parts: { id: string; g: number }[]) => {
    const h = hydration(parts, startingPantry, { rules: startingRules });
    return feelOf(h.hydration, h);
  };

  it('calls doughs what the cooks who roll them call them', () => {
    const flour = (g: number) => ({ id: 'flour-00', g });
    expect(feel([flour(500), { id: 'egg-yolk', g: 300 }])).toBe('stiff');
    expect(feel([flour(400), { id: 'egg-whole', g: 200 }, { id: 'egg-yolk', g: 68 }])).toBe('soft');
    expect(feel([flour(400), { id: 'egg-whole', g: 200 }])).toBe('on target');
    expect(
      feel([
        { id: 'flour-einkorn', g: 400 },
        { id: 'egg-whole', g: 200 },
      ]),
    ).toBe('on target');
    expect(
      feel([
        { id: 'semolina-durum-fine', g: 400 },
        { id: 'water', g: 200 },
      ]),
    ).toBe('on target');
    expect(feel([flour(400), { id: 'egg-whole', g: 150 }])).toBe('dry');
    expect(feel([flour(400), { id: 'egg-whole', g: 260 }])).toBe('wet');
  });
});

describe('doughMoisture', () => {
  it('counts the flour’s own water: a third and more of a whole-egg dough', () => {
    const parts = [
      { id: 'flour-00', g: 400 },
      { id: 'egg-whole', g: 200 },
    ];
    expect(doughMoisture(parts, startingPantry)).toBeCloseTo((52 + 152.4) / 600, 9);
    expect(doughMoisture(parts, startingPantry, { weatherWaterG: 8 })).toBeCloseTo(212.4 / 600, 9);
    expect(doughMoisture([], startingPantry)).toBe(0);
  });
});

describe('hydration', () => {
  const amounts = fc.record({
    flour: fc.double({ min: 50, max: 5000, noNaN: true }),
    egg: fc.double({ min: 0, max: 2000, noNaN: true }),
    water: fc.double({ min: 1, max: 2000, noNaN: true }),
  });
  const dough = ({ flour, egg, water }: { flour: number; egg: number; water: number }) => [
    { id: 'flour-00', g: flour },
    { id: 'egg-whole', g: egg },
    { id: 'water', g: water },
  ];

  it('is water over flour', () => {
    const h = hydration(
      [
        { id: 'flour-00', g: 400 },
        { id: 'egg-whole', g: 200 },
      ],
      startingPantry,
      { rules: startingRules },
    );
    expect(h.waterG).toBeCloseTo(152.4, 9);
    expect(h.hydration).toBeCloseTo(0.381, 9);
  });

  it('is brought to its target by the water it asks for', () => {
    fc.assert(
      fc.property(amounts, (given) => {
        const h = hydration(dough(given), startingPantry, { rules: startingRules });
        const water = given.water + h.addWaterG;
        fc.pre(water >= 0);
        const mended = hydration(dough({ ...given, water }), startingPantry, {
          rules: startingRules,
        });
        expect(mended.hydration).toBeCloseTo(h.target, 9);
      }),
    );
  });

  it('is brought to its target by the flour it asks for, counted by what is there', () => {
    fc.assert(
      fc.property(amounts, (given) => {
        const h = hydration(dough(given), startingPantry, { rules: startingRules });
        expect(h.waterG / (h.flourG + h.addFlourG)).toBeCloseTo(h.target, 9);
      }),
    );
  });

  it('counts the damp of open flour as water', () => {
    const parts = [
      { id: 'flour-00', g: 1000 },
      { id: 'water', g: 400 },
    ];
    const damp = hydration(parts, startingPantry, { rh: 0.75, rules: startingRules });
    expect(damp.waterG - 400).toBeCloseTo(1000 * (flourMoisture(0.75) - 0.13), 9);
    expect(
      hydration(parts, startingPantry, { rh: 0.3, rules: startingRules }).hydration,
    ).toBeLessThan(0.4);
  });

  it('takes plant egg as egg for the target', () => {
    const flour = { id: 'flour-00', g: 400 };
    const plant = hydration([flour, { id: 'plant-egg-liquid', g: 200 }], startingPantry, {
      rules: startingRules,
    });
    const water = hydration([flour, { id: 'water', g: 200 }], startingPantry, {
      rules: startingRules,
    });
    expect(plant.target).toBeLessThan(water.target - 0.08);
    expect(plant.eggSolidsRatio).toBeCloseTo(0.11, 6);
  });

  it('asks for flour', () => {
    expect(() =>
      hydration([{ id: 'water', g: 100 }], startingPantry, { rules: startingRules }),
    ).toThrow(/parts must hold at least one flour/);
  });
});

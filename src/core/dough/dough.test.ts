import fc from 'fast-check';
import { startingPantry } from '../composition/pantry';
import { flourMoisture } from './flourMoisture';
import { hydration } from './hydration';
import { targetHydration } from './targetHydration';

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
  it('lands near 0.385 for whole-egg dough and 0.49 for water dough', () => {
    const at = (eggSolidsRatio: number) =>
      targetHydration({ eggSolidsRatio, absorption: 0, style: 'plain' });
    expect(at(0.13)).toBeCloseTo(0.385, 6);
    expect(at(0)).toBeCloseTo(0.49, 6);
  });

  it('shifts with the way of working', () => {
    const at = (style: 'plain' | 'benchFlourFree' | 'rolledByPin') =>
      targetHydration({ eggSolidsRatio: 0.13, absorption: 0, style });
    expect(at('benchFlourFree') - at('plain')).toBeCloseTo(-0.02, 9);
    expect(at('rolledByPin') - at('plain')).toBeCloseTo(0.015, 9);
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
    );
    expect(h.waterG).toBeCloseTo(152.4, 9);
    expect(h.hydration).toBeCloseTo(0.381, 9);
  });

  it('is brought to its target by the water it asks for', () => {
    fc.assert(
      fc.property(amounts, (given) => {
        const h = hydration(dough(given), startingPantry);
        const water = given.water + h.addWaterG;
        fc.pre(water >= 0);
        const mended = hydration(dough({ ...given, water }), startingPantry);
        expect(mended.hydration).toBeCloseTo(h.target, 9);
      }),
    );
  });

  it('is brought to its target by the flour it asks for, counted by what is there', () => {
    fc.assert(
      fc.property(amounts, (given) => {
        const h = hydration(dough(given), startingPantry);
        expect(h.waterG / (h.flourG + h.addFlourG)).toBeCloseTo(h.target, 9);
      }),
    );
  });

  it('counts the damp of open flour as water', () => {
    const parts = [
      { id: 'flour-00', g: 1000 },
      { id: 'water', g: 400 },
    ];
    const damp = hydration(parts, startingPantry, { rh: 0.75 });
    expect(damp.waterG - 400).toBeCloseTo(1000 * (flourMoisture(0.75) - 0.13), 9);
    expect(hydration(parts, startingPantry, { rh: 0.3 }).hydration).toBeLessThan(0.4);
  });

  it('takes plant egg as egg for the target', () => {
    const flour = { id: 'flour-00', g: 400 };
    const plant = hydration([flour, { id: 'plant-egg-liquid', g: 200 }], startingPantry);
    const water = hydration([flour, { id: 'water', g: 200 }], startingPantry);
    expect(plant.target).toBeLessThan(water.target - 0.08);
  });

  it('asks for flour', () => {
    expect(() => hydration([{ id: 'water', g: 100 }], startingPantry)).toThrow(
      /parts must hold at least one flour/,
    );
  });
});

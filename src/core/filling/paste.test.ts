import { eggBinding } from './eggBinder';
import { pipedDose, pipedLength, spoonDose } from './doses';
import { usualLump } from './handling';
import { panDryingTime, waterToCookOff } from './panDrying';
import { yieldStressFromFreeWater, type Texture } from './yieldStress';

describe('stiffness of a paste', () => {
  it.each<[Texture, pa: number, lumpMm: number]>([
    ['coarse', 1170, 6],
    ['mixed', 900, 4],
    ['minced', 810, 3],
    ['blended', 450, 1],
  ])('%s, at two hundredths of free water', (texture, pa, lumpMm) => {
    expect(yieldStressFromFreeWater(0.02, texture)).toBeCloseTo(pa, 9);
    expect(usualLump(texture)).toBe(lumpMm);
  });

  it('falls to 1/e for every twentieth more of free water, and never under that of a liquid', () => {
    const at = (share: number) => yieldStressFromFreeWater(share, 'mixed');
    expect(at(0.02) / at(0.07)).toBeCloseTo(Math.E, 9);
    expect(at(0)).toBeCloseTo(900 * Math.exp(0.4), 9);
    expect(at(0.5)).toBe(20);
  });
});

describe('a dose', () => {
  it('in a level spoon is its volume, heaped 1.6 of that', () => {
    const spoon = { ml: 5, densityGPerMl: 1.04 };
    expect(spoonDose({ ...spoon, heaped: false })).toBeCloseTo(5.2, 9);
    expect(spoonDose({ ...spoon, heaped: true })).toBeCloseTo(8.32, 9);
  });

  it('piped is as long as its weight asks, and back', () => {
    const bag = { densityGPerMl: 1.04, tipMm: 14 };
    const lengthMm = pipedLength({ ...bag, doseG: 9 });
    expect(lengthMm).toBeCloseTo((9000 / 1.04 / Math.PI) * (1 / 49), 9);
    expect(pipedDose({ ...bag, lengthMm })).toBeCloseTo(9, 9);
    // A tip twice as wide needs a quarter of the length.
    expect(pipedLength({ ...bag, tipMm: 28, doseG: 9 })).toBeCloseTo(lengthMm / 4, 9);
  });
});

describe('egg in a filling', () => {
  it.each([
    [0, 'none'],
    [0.035, 'little'],
    [0.045, 'binds'],
    [0.075, 'binds'],
    [0.085, 'much'],
  ])('as a share of %d: %s', (share, word) => expect(eggBinding(share)).toBe(word));
});

describe('drying in a wide pan', () => {
  it('takes as long as the pan’s face lets water go', () => {
    const face = Math.PI * 14 ** 2;
    expect(panDryingTime({ waterG: face * 0.02 })).toBeCloseTo(1, 9);
    expect(panDryingTime({ waterG: 200 })).toBeCloseTo(2 * panDryingTime({ waterG: 100 }), 9);
    expect(panDryingTime({ waterG: 100, panCm: 14 })).toBeCloseTo(
      4 * panDryingTime({ waterG: 100 }),
      9,
    );
  });

  it('leaves the share of free water that was asked for, and never more water than there is', () => {
    const filling = { freeG: 80, massG: 1000, waterG: 700 };
    const offG = waterToCookOff(filling, 0.03);
    expect((80 - offG) / (1000 - offG)).toBeCloseTo(0.03, 9);
    expect(waterToCookOff(filling, 0.09)).toBe(0);
    expect(waterToCookOff({ ...filling, waterG: 20 }, 0.03)).toBe(20);
  });
});

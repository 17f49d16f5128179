import { startingRules } from '../basis/rules';
import { usualLump } from './handling';
import { waterToCookOff } from './panDrying';
import { yieldStressFromFreeWater, type Texture } from './yieldStress';

describe('stiffness of a paste', () => {
  it.each<[Texture, pa: number, lumpMm: number]>([
    ['coarse', 1170, 6],
    ['mixed', 900, 4],
    ['minced', 810, 3],
    ['blended', 450, 1],
  ])('%s, at two hundredths of free water', (texture, pa, lumpMm) => {
    expect(yieldStressFromFreeWater(0.02, texture, startingRules)).toBeCloseTo(pa, 9);
    expect(usualLump(texture, startingRules)).toBe(lumpMm);
  });

  it('falls to 1/e for every twentieth more of free water, and never under that of a liquid', () => {
    const at = (share: number) => yieldStressFromFreeWater(share, 'mixed', startingRules);
    expect(at(0.02) / at(0.07)).toBeCloseTo(Math.E, 9);
    expect(at(0)).toBeCloseTo(900 * Math.exp(0.4), 9);
    expect(at(0.5)).toBe(20);
  });
});

describe('drying in a wide pan', () => {
  it('leaves the share of free water that was asked for, and never more water than there is', () => {
    const filling = { freeG: 80, massG: 1000, waterG: 700 };
    const offG = waterToCookOff(filling, 0.03);
    expect((80 - offG) / (1000 - offG)).toBeCloseTo(0.03, 9);
    expect(waterToCookOff(filling, 0.09)).toBe(0);
    expect(waterToCookOff({ ...filling, waterG: 20 }, 0.03)).toBe(20);
  });
});

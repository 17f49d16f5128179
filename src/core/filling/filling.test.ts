import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { freeWaterGrade } from './freeWaterGrade';
import { spreadHalfWidth, spreadRadius } from './spreadRadius';
import { yieldStressFromFreeWater, yieldStressFromSpread } from './yieldStress';

const paste = fc.record({
  volumeMl: fc.double({ min: 1, max: 60, noNaN: true }),
  densityGPerMl: fc.double({ min: 0.6, max: 1.5, noNaN: true }),
  yieldStressPa: fc.double({ min: 50, max: 3000, noNaN: true }),
});

describe('spreadRadius', () => {
  it('meets the reference: 10 ml, 1.04 g/ml, 300 Pa spread to 14.34 mm', () => {
    expect(spreadRadius({ volumeMl: 10, densityGPerMl: 1.04, yieldStressPa: 300 })).toBeCloseTo(
      14.34,
      2,
    );
  });

  it('is undone by the spoon test', () => {
    fc.assert(
      fc.property(paste, (given) => {
        const diameterMm = 2 * spreadRadius(given);
        fc.pre(diameterMm > 5);
        const measured = yieldStressFromSpread({ ...given, diameterMm });
        expect(measured / given.yieldStressPa).toBeCloseTo(1, 9);
      }),
    );
  });

  it('grows with the load and shrinks with stiffness', () => {
    fc.assert(
      fc.property(paste, (given) => {
        const alone = spreadRadius(given);
        expect(spreadRadius({ ...given, load: 6 })).toBeGreaterThan(alone);
        expect(spreadRadius({ ...given, yieldStressPa: given.yieldStressPa * 1.1 })).toBeLessThan(
          alone,
        );
      }),
    );
  });
});

describe('spreadHalfWidth', () => {
  it('gives a heap whose area, height falling as a root to its edge, is the area put in', () => {
    const given = { areaMm2: 96, densityGPerMl: 1.04, yieldStressPa: 600, load: 6 };
    const w = spreadHalfWidth(given);
    const slope = (2 * 600) / (1040 * 6 * 9.81);
    const steps = 20_000;
    let area = 0;
    for (let i = 0; i < steps; i += 1) {
      const x = ((i + 0.5) / steps) * w;
      area += (2 * Math.sqrt((slope * (w - x)) / 1000) * 1000 * w) / steps;
    }
    expect(area).toBeCloseTo(96, 1);
  });
});

describe('yieldStressFromFreeWater', () => {
  it('is 900 Pa for a mixed filling at 2 % and falls as water rises', () => {
    expect(yieldStressFromFreeWater(0.02, 'mixed', startingRules)).toBeCloseTo(900, 9);
    expect(yieldStressFromFreeWater(0.08, 'mixed', startingRules)).toBeLessThan(900);
    expect(yieldStressFromFreeWater(0.02, 'blended', startingRules)).toBeCloseTo(450, 9);
  });
});

describe('freeWaterGrade', () => {
  it.each([
    [0.019, 'firm'],
    [0.02, 'workable'],
    [0.05, 'wet'],
    [0.1, 'will seep'],
  ])('names %p %p', (share, grade) => {
    expect(freeWaterGrade(share, startingRules)).toBe(grade);
  });
});

import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { pipedDose, pipedLength, spoonDose } from './doses';
import { eggBinding } from './eggBinder';
import { piping, standing } from './handling';
import { panDryingTime } from './panDrying';
import { holdingFactorFrom, towelFreeWater } from './towelTest';

describe('doses', () => {
  it('are a volume times a density', () => {
    expect(spoonDose({ ml: 5, densityGPerMl: 1.04, heaped: false }, startingRules)).toBeCloseTo(
      5.2,
      9,
    );
    expect(spoonDose({ ml: 5, densityGPerMl: 1.04, heaped: true }, startingRules)).toBeCloseTo(
      8.32,
      9,
    );
  });

  it('are the same by length as by weight', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 40, noNaN: true }),
        fc.double({ min: 4, max: 30, noNaN: true }),
        (doseG, tipMm) => {
          const given = { densityGPerMl: 1.04, tipMm };
          const lengthMm = pipedLength({ doseG, ...given });
          expect(pipedDose({ lengthMm, ...given })).toBeCloseTo(doseG, 9);
        },
      ),
    );
  });
});

describe('piping and standing', () => {
  it.each([
    [{ lumpMm: 4.6, tipMm: 14, yieldStressPa: 600 }, 'pipes'],
    [{ lumpMm: 4.8, tipMm: 14, yieldStressPa: 600 }, 'lumps block it'],
    [{ lumpMm: 1, tipMm: 14, yieldStressPa: 118 }, 'runs from it'],
    [{ lumpMm: 1, tipMm: 14, yieldStressPa: 122 }, 'pipes'],
    [{ lumpMm: 1, tipMm: 14, yieldStressPa: 2580 }, 'pipes'],
    [{ lumpMm: 1, tipMm: 14, yieldStressPa: 2620 }, 'too stiff for it'],
  ])('%j %s', (given, says) => expect(piping(given, startingRules)).toBe(says));

  it.each([
    [18.8, 'stands'],
    [19, 'settles'],
    [23.8, 'settles'],
    [24.1, 'runs'],
  ])('a mound laid 18 mm that settles to %p mm %s', (settledMm, says) =>
    expect(standing({ laidMm: 18, settledMm, yieldStressPa: 600 }, startingRules)).toBe(says),
  );

  it('does not stand when it runs from the bag, however small the dose', () => {
    const runny = { laidMm: 18, settledMm: 10, yieldStressPa: 100 };
    expect(piping({ lumpMm: 1, tipMm: 14, yieldStressPa: 100 }, startingRules)).toBe(
      'runs from it',
    );
    expect(standing(runny, startingRules)).toBe('settles');
    expect(standing({ ...runny, settledMm: 30 }, startingRules)).toBe('runs');
  });
});

describe('egg, pan and towel', () => {
  it.each([
    [0, 'none'],
    [0.035, 'little'],
    [0.045, 'binds'],
    [0.075, 'binds'],
    [0.085, 'much'],
  ])('%p of egg is “%s”', (share, says) => expect(eggBinding(share, startingRules)).toBe(says));

  it('dries by the area of the pan', () => {
    expect(panDryingTime({ waterG: 123.15, panCm: 28 }, startingRules)).toBeCloseTo(10, 2);
    expect(panDryingTime({ waterG: 100, panCm: 14 }, startingRules)).toBeCloseTo(
      4 * panDryingTime({ waterG: 100 }, startingRules),
      9,
    );
  });

  it('reads free water off a towel, and refuses more than the spoonful', () => {
    expect(towelFreeWater({ spoonfulG: 20, wetG: 1.2 })).toBeCloseTo(0.06, 9);
    expect(() => towelFreeWater({ spoonfulG: 20, wetG: 25 })).toThrow(
      /wetG must be at most the spoonful, 20 g, not 25/,
    );
  });

  it('sets what is held so that the free water is what was measured', () => {
    const given = { waterG: 700, massG: 1000, tableHoldingG: 660 };
    const factor = holdingFactorFrom({ ...given, freeWaterShare: 0.06 });
    expect((700 - 660 * factor) / 1000).toBeCloseTo(0.06, 9);
  });
});

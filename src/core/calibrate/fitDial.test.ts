import fc from 'fast-check';
import { genericRollers } from '../sheet/genericRollers';
import type { StripTest } from '../sheet/roller';
import { decreasing } from './decreasing';
import { fitDial, gapFromStrip, withFit } from './fitDial';
import { solveSymmetric } from './solveSymmetric';

const [typical] = genericRollers;
const E = 0.035;

/** A strip as a dial truly leaves it, weighed with an error. */
const strip = (label: string, gapMm: number, error = 0): StripTest => {
  const thickness = gapMm * (1 + E) * (1 + error);
  return {
    label,
    massG: 120,
    widthMm: 140,
    lengthMm: 120 / (1.2e-3 * 140 * thickness),
    springBack: E,
  };
};

describe('a weighed strip', () => {
  it('gives back the gap it came through, spring-back taken off', () => {
    expect(gapFromStrip(strip('8', 0.8))).toBeCloseTo(0.8, 9);
  });
});

describe('fitDial', () => {
  it('keeps the typical dial while nothing is weighed', () => {
    const fit = fitDial(typical!, []);
    expect(fit.steps.map(({ mm }) => mm)).toEqual(typical!.steps.map(({ mm }) => mm));
    expect(fit.residuals).toEqual([]);
  });

  it('recovers a made-up dial from a few noisy strips', () => {
    // A dial that is wide at the wide end and narrow at the narrow one.
    const truth = typical!.steps.map(({ mm }, i) => mm * (1.18 - 0.03 * i));
    const noise = [0.02, -0.03, 0.015, -0.01];
    const at = [2, 5, 7, 9];
    const strips = at.map((i, n) => strip(typical!.steps[i]!.label, truth[i]!, noise[n]));
    const fit = fitDial(typical!, strips);
    fit.steps.forEach(({ mm }, i) => {
      expect(Math.abs(mm / truth[i]! - 1)).toBeLessThan(0.06);
    });
    // Closer than the typical dial was, taken over all.
    const off = (values: readonly number[]) =>
      values.reduce((sum, mm, i) => sum + Math.abs(Math.log(mm / truth[i]!)), 0);
    expect(off(fit.steps.map(({ mm }) => mm))).toBeLessThan(
      0.5 * off(typical!.steps.map(({ mm }) => mm)),
    );
    expect(fit.rmsShare).toBeLessThan(0.04);
  });

  it('moves the whole dial by one strip, and is surest where it was weighed', () => {
    const fit = fitDial(typical!, [strip('8', 0.92)]);
    expect(fit.steps[8]!.mm).toBeGreaterThan(0.89);
    expect(fit.steps[4]!.mm).toBeGreaterThan(typical!.steps[4]!.mm);
    expect(fit.steps[8]!.sdShare).toBeLessThan(0.04);
    expect(fit.steps[0]!.sdShare).toBeGreaterThan(fit.steps[8]!.sdShare);
  });

  it('stays in order whatever is weighed, and is a dial that can be kept', () => {
    const strips = fc.array(
      fc.tuple(
        fc.constantFrom(...typical!.steps.map(({ label }) => label)),
        fc.double({ min: 0.4, max: 5, noNaN: true }),
      ),
      { maxLength: 12 },
    );
    fc.assert(
      fc.property(strips, (given) => {
        const fit = fitDial(
          typical!,
          given.map(([label, gap]) => strip(label, gap)),
        );
        fit.steps.slice(1).forEach(({ mm }, i) => expect(mm).toBeLessThan(fit.steps[i]!.mm));
      }),
    );
  });

  it('starts from what the dial was taken for first, however often it is fitted', () => {
    const strips = [strip('7', 1.1), strip('9', 0.66)];
    const once = fitDial(typical!, strips);
    const twice = fitDial(withFit(typical!, once), strips);
    expect(twice.steps).toEqual(once.steps);
  });
});

describe('decreasing', () => {
  it('leaves a list in order alone and pools what is not', () => {
    expect(decreasing([3, 2, 1])).toEqual([3, 2, 1]);
    expect(decreasing([3, 1, 2])).toEqual([3, 1.5, 1.49]);
  });
});

describe('solveSymmetric', () => {
  it('solves what it is given', () => {
    expect(
      solveSymmetric(
        [
          [4, 2],
          [2, 3],
        ],
        [8, 7],
      )[0],
    ).toBeCloseTo(1.25, 9);
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -2, max: 2, noNaN: true }), { minLength: 9, maxLength: 9 }),
        (m) => {
          // MᵀM + 1 is positive definite.
          const a = [0, 1, 2].map((i) =>
            [0, 1, 2].map((j) =>
              [0, 1, 2].reduce((sum, k) => sum + m[3 * k + i]! * m[3 * k + j]!, i === j ? 1 : 0),
            ),
          );
          const x = solveSymmetric(a, [1, -2, 3]);
          a.forEach((row, i) =>
            expect(row.reduce((sum, each, j) => sum + each * x[j]!, 0)).toBeCloseTo(
              [1, -2, 3][i]!,
              8,
            ),
          );
        },
      ),
    );
  });
});

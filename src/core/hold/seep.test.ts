import fc from 'fast-check';
import { startingRules, withRules } from '../basis/rules';
import { seep, wettedFace, type SeepInput } from './seep';
import { faceAfter, profileAfter, secondsToFace } from './seepCourse';
import { seepOf } from './seepMemo';
import { seepTime } from './seepTime';
import { SURFACES } from './surfaces';

const wet: SeepInput = {
  thicknessMm: 0.8,
  freeWaterShare: 0.05,
  doughMoisture: 0.34,
  surface: 'bare',
};

const inputs = fc.record({
  thicknessMm: fc.double({ min: 0.4, max: 2, noNaN: true }),
  freeWaterShare: fc.double({ min: 0, max: 0.2, noNaN: true }),
  doughMoisture: fc.double({ min: 0.28, max: 0.42, noNaN: true }),
  surface: fc.constantFrom(...SURFACES),
});

describe('seep', () => {
  it('loses no water: what came in, less what the surface took, is what the sheet gained', () => {
    fc.assert(
      fc.property(inputs, (input) => {
        const { profiles, cells, inMm, outMm, seconds } = seep(input, startingRules);
        const last = seconds.length - 1;
        const held = profiles.slice(last * cells).reduce((sum, each) => sum + each, 0) / cells;
        const gained = (held - input.doughMoisture) * input.thicknessMm;
        expect(Math.abs(gained - (inMm[last]! - outMm[last]!))).toBeLessThan(1e-9);
      }),
      { numRuns: 30 },
    );
  });

  it('agrees with the closed form of a slab, one face stepped, the other closed', () => {
    // With a diffusion that does not hang on moisture: at Fo 0.3 the closed face has come 0.3932 of the way.
    const rules = withRules(startingRules, { 'hold.diffusion.moist': 1e-4 });
    const course = seep(wet, rules, { tolerance: 1e-6, cells: 48 });
    const seconds = (0.3 * 0.8 ** 2) / (rules['hold.diffusion'].value * 1e-6);
    const face = faceAfter(course, seconds);
    const share = (face - 0.34) / (wettedFace(wet, rules) - 0.34);
    expect(Math.abs(share / 0.3932 - 1)).toBeLessThan(0.001);
  });

  it.each(['bare', 'semolina'] as const)('is within 0.3 % of a far finer one on %s', (surface) => {
    const when = (options?: object) =>
      secondsToFace(seep({ ...wet, surface }, startingRules, options), 0.41)!;
    const fine = when({ cells: 96, tolerance: 1e-6, untilFace: 0.45 });
    expect(Math.abs(when() / fine - 1)).toBeLessThan(0.003);
    // Of second order in its cells: four times nearer with half the width.
    const off = (cells: number) => when({ cells, tolerance: 1e-6, untilFace: 0.45 }) - fine;
    expect(off(12) / off(24)).toBeGreaterThan(2.5);
  });

  it('is read between its steps along a parabola, at its ends as it is', () => {
    // Time goes with the square of the face's moisture: 2.5 is met at 6.25.
    const course = { ...seep(wet, startingRules), seconds: [0, 1, 4, 9], face: [0, 1, 2, 3] };
    for (const moisture of [0.5, 1, 1.5, 2, 2.5, 3]) {
      expect(secondsToFace(course, moisture)).toBeCloseTo(moisture ** 2, 12);
    }
    expect(secondsToFace(course, 0)).toBe(0);
    expect(secondsToFace(course, 3.1)).toBeNull();
  });

  it('scales with the square of the thickness on a bare tray', () => {
    const own = secondsToFace(seep({ ...wet, thicknessMm: 1.3 }, startingRules), 0.41)!;
    const scaled = secondsToFace(seepOf({ ...wet, thicknessMm: 1.3 }, startingRules), 0.41)!;
    expect(Math.abs(scaled / own - 1)).toBeLessThan(1e-6);
  });

  it('tells one course once, and reads between its moments', () => {
    const course = seepOf({ ...wet, surface: 'cloth' }, startingRules);
    expect(seepOf({ ...wet, surface: 'cloth' }, startingRules)).toBe(course);
    const seconds = secondsToFace(course, 0.4)!;
    expect(faceAfter(course, seconds)).toBeCloseTo(0.4, 3);
    const profile = profileAfter(course, seconds);
    expect(profile).toHaveLength(24);
    expect(profileAfter(course, 0).every((each) => each === 0.34)).toBe(true);
    expect(profileAfter(course, 1e9)).toEqual(profileAfter(course, course.seconds.at(-1)!));
    profile.slice(1).forEach((each, i) => expect(each).toBeLessThan(profile[i]!));
  });
});

describe('seepTime', () => {
  it('gives the reference point', () => {
    expect(seepTime({ ...wet, tempC: 20 })).toBeCloseTo(91, -0.5);
  });

  it('never comes through a firm filling, nor through ice', () => {
    expect(seepTime({ ...wet, freeWaterShare: 0.015, tempC: 20 })).toBeNull();
    expect(seepTime({ ...wet, tempC: -18 })).toBeNull();
  });

  it('is longer the more the surface takes up', () => {
    const times = SURFACES.map((surface) => seepTime({ ...wet, surface, tempC: 20 }) ?? Infinity);
    expect([...times].sort((a, b) => a - b)).toEqual(times);
  });

  it('is never sooner through a thicker sheet, nor later with more free water or warmth', () => {
    const warmth = fc.double({ min: 0, max: 35, noNaN: true });
    fc.assert(
      fc.property(
        inputs,
        warmth,
        fc.double({ min: 1.02, max: 1.6, noNaN: true }),
        (at, tempC, by) => {
          const base = seepTime({ ...at, tempC }) ?? Infinity;
          const thicker = seepTime({ ...at, tempC, thicknessMm: at.thicknessMm * by }) ?? Infinity;
          const wetter =
            seepTime({ ...at, tempC, freeWaterShare: Math.min(0.5, at.freeWaterShare * by) }) ??
            Infinity;
          const warmer = seepTime({ ...at, tempC: tempC + 5 }) ?? Infinity;
          expect(thicker).toBeGreaterThanOrEqual(base * 0.998);
          expect(wetter).toBeLessThanOrEqual(base * 1.002);
          expect(warmer).toBeLessThanOrEqual(base);
        },
      ),
      { numRuns: 40 },
    );
  });

  it.each([
    [{ thicknessMm: 0 }, /thicknessMm must be a number from 0.2 to 6 mm/],
    [{ freeWaterShare: 2 }, /freeWaterShare/],
    [{ tempC: 80 }, /tempC/],
    [{ doughMoisture: 0.9 }, /doughMoisture/],
    [{ surface: 'slate' as never }, /surface must be one of: bare/],
  ])('refuses %j', (change, message) => {
    expect(() => seepTime({ ...wet, tempC: 20, ...change })).toThrow(message);
  });
});

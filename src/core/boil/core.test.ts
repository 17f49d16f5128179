import fc from 'fast-check';
import { coreCourse } from './coreCourse';
import { coreFrozen } from './coreFrozen';
import { coreThawed, leftAt, warming } from './coreThawed';
import { coreTime } from './coreTime';

const piece = { halfHeightMm: 7, shapeExponent: 0.6, fromC: 6, bathC: 98, targetC: 74 };
const frozen = { ...piece, fromC: -18 };

describe('warming', () => {
  it('agrees with the closed forms of slab and ball, their surface stepped', () => {
    expect(1 - leftAt(warming(0, Infinity), 0.3)).toBeCloseTo(0.3932, 4);
    expect(1 - leftAt(warming(2, Infinity), 0.2)).toBeCloseTo(0.7229, 3);
  });

  it('finds the roots of slab and ball with a surface: ζ tan ζ = Bi, and 1 − ζ cot ζ = Bi', () => {
    for (const biot of [0.4, 3, 11.2, 60]) {
      for (const rate of warming(0, biot).rates) {
        const zeta = Math.sqrt(rate);
        expect((zeta * Math.sin(zeta)) / biot).toBeCloseTo(Math.cos(zeta), 8);
      }
      for (const rate of warming(2, biot).rates) {
        const zeta = Math.sqrt(rate);
        expect(((1 - biot) * Math.sin(zeta)) / zeta).toBeCloseTo(Math.cos(zeta), 8);
      }
    }
  });
});

describe('coreTime', () => {
  it('gives the reference points', () => {
    expect(coreTime(piece)).toBeCloseTo(169.4, 1);
    expect(coreTime({ ...frozen, frozen: true })).toBeCloseTo(249.4, 0);
  });

  it.each([0, 0.6, 1, 2])('is the same by series and by cells, p = %d', (shapeExponent) => {
    const at = { ...piece, shapeExponent };
    const cells = coreFrozen(at, { cells: 48, stepS: 0.5 });
    expect(Math.abs(cells / coreThawed(at) - 1)).toBeLessThan(0.003);
  });

  it('is within 0.3 % of a far finer one from frozen', () => {
    const fine = coreFrozen(frozen, { cells: 96, stepS: 0.5 });
    expect(Math.abs(coreFrozen(frozen) / fine - 1)).toBeLessThan(0.003);
  });

  it('takes longer for a larger, colder or flatter piece, and for a hotter middle', () => {
    const sizes = fc.record({
      halfHeightMm: fc.double({ min: 2, max: 25, noNaN: true }),
      shapeExponent: fc.double({ min: 0, max: 1.6, noNaN: true }),
      fromC: fc.double({ min: 0, max: 30, noNaN: true }),
      bathC: fc.double({ min: 88, max: 100, noNaN: true }),
      targetC: fc.double({ min: 50, max: 80, noNaN: true }),
    });
    fc.assert(
      fc.property(sizes, (at) => {
        const seconds = coreThawed(at);
        expect(coreThawed({ ...at, halfHeightMm: at.halfHeightMm * 1.1 })).toBeGreaterThan(seconds);
        expect(coreThawed({ ...at, fromC: at.fromC - 3 })).toBeGreaterThan(seconds);
        expect(coreThawed({ ...at, shapeExponent: at.shapeExponent + 0.3 })).toBeLessThan(seconds);
        expect(coreThawed({ ...at, targetC: at.targetC + 3 })).toBeGreaterThan(seconds);
        expect(coreThawed({ ...at, bathC: at.bathC + 2 })).toBeLessThan(seconds);
      }),
      { numRuns: 60 },
    );
    expect(coreThawed({ ...piece, fromC: 80 })).toBe(0);
    expect(coreFrozen({ ...piece, fromC: 80 })).toBe(0);
  });

  it('warms along a course that reaches its target when it says', () => {
    const course = coreCourse(piece, false, 5);
    const after = course.find(({ tempC }) => tempC >= 74)!;
    expect(after.minute).toBeGreaterThanOrEqual(169 / 60);
    expect(after.minute).toBeLessThan(169 / 60 + 0.2);
    course
      .slice(1)
      .forEach(({ tempC }, i) => expect(tempC).toBeGreaterThanOrEqual(course[i]!.tempC));
    const ice = coreCourse(frozen, true, 9);
    expect(ice.at(-1)!.tempC).toBeGreaterThanOrEqual(74);
    expect(ice[0]).toEqual({ minute: 0, tempC: -18 });
  });

  it.each([
    [{ halfHeightMm: 0 }, /halfHeightMm must be a number from 0.5 to 80 mm/],
    [{ shapeExponent: 3 }, /shapeExponent/],
    [{ fromC: 120 }, /fromC/],
    [{ frozen: true }, /fromC must be a number from -40 to -3/],
    [{ targetC: 98 }, /targetC must be below the bath/],
  ])('refuses %j', (change, message) => {
    expect(() => coreTime({ ...piece, ...change })).toThrow(message);
  });
});

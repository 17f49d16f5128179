import fc from 'fast-check';
import { monotoneCubic } from './monotoneCubic';

describe('a monotone cubic', () => {
  it('goes through its points, straight where they lie straight, and keeps its ends', () => {
    const [xs, ys] = [
      [0, 1, 3, 4],
      [1, 3, 7, 9],
    ];
    xs!.forEach((x, i) => expect(monotoneCubic(xs!, ys!, x)).toBeCloseTo(ys![i]!, 12));
    for (const x of [0.3, 1.9, 3.6]) expect(monotoneCubic(xs!, ys!, x)).toBeCloseTo(1 + 2 * x, 12);
    expect(monotoneCubic(xs!, ys!, -5)).toBe(1);
    expect(monotoneCubic(xs!, ys!, 50)).toBe(9);
  });

  it('is closer to a smooth curve than straight lines are', () => {
    const xs = Array.from({ length: 9 }, (_, i) => i / 4);
    const ys = xs.map(Math.exp);
    const straight = (x: number) => {
      const i = Math.floor(4 * x);
      return ys[i]! + (4 * x - i) * (ys[i + 1]! - ys[i]!);
    };
    for (const x of [0.6, 1.1, 1.4]) {
      expect(Math.abs(monotoneCubic(xs, ys, x) - Math.exp(x))).toBeLessThan(
        0.2 * Math.abs(straight(x) - Math.exp(x)),
      );
    }
  });

  it('rises and falls with its points, and never beyond them', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -100, max: 100, noNaN: true }), { minLength: 2, maxLength: 9 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (ys, place, share) => {
          const xs = ys.map((_, i) => i * i + i);
          const i = Math.floor(place * (ys.length - 1.001));
          const [from, to] = [xs[i]!, xs[i + 1]!];
          const at = (s: number) => monotoneCubic(xs, ys, from + s * (to - from));
          const [low, high] = [Math.min(ys[i]!, ys[i + 1]!), Math.max(ys[i]!, ys[i + 1]!)];
          expect(at(share)).toBeGreaterThanOrEqual(low - 1e-9);
          expect(at(share)).toBeLessThanOrEqual(high + 1e-9);
          const rises = ys[i + 1]! >= ys[i]! ? 1 : -1;
          expect(rises * (at(share) - at(share * 0.9))).toBeGreaterThanOrEqual(-1e-9);
        },
      ),
    );
  });
});

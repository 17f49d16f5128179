import fc from 'fast-check';
import { discLayout } from './discLayout';

const strip = fc.record({
  widthMm: fc.double({ min: 40, max: 400, noNaN: true }),
  lengthMm: fc.double({ min: 40, max: 2000, noNaN: true }),
  diameterMm: fc.double({ min: 15, max: 120, noNaN: true }),
  gapMm: fc.double({ min: 0, max: 12, noNaN: true }),
});

describe('discLayout', () => {
  it('meets the reference: 60 mm discs, 4 mm gap, 145 × 900 mm hold 28', () => {
    expect(discLayout({ widthMm: 145, lengthMm: 900, diameterMm: 60, gapMm: 4 })).toEqual({
      count: 28,
      arrangement: 'grid',
    });
  });

  it('nests discs where a second row fits only so', () => {
    // Three rows of 60 nest in 163.9 mm, and stand in a grid in 180.
    const nested = discLayout({ widthMm: 165, lengthMm: 900, diameterMm: 60, gapMm: 0 });
    expect(nested).toEqual({ count: 15 + 14 + 15, arrangement: 'rowsAlong' });
  });

  it('is never worse than a straight grid, nor more than the area holds', () => {
    fc.assert(
      fc.property(strip, ({ widthMm, lengthMm, diameterMm, gapMm }) => {
        const { count } = discLayout({ widthMm, lengthMm, diameterMm, gapMm });
        const fit = (room: number) =>
          Math.max(0, Math.floor((room + gapMm) / (diameterMm + gapMm) + 1e-9));
        expect(count).toBeGreaterThanOrEqual(fit(widthMm) * fit(lengthMm));
        expect((count * Math.PI * diameterMm ** 2) / 4).toBeLessThanOrEqual(widthMm * lengthMm);
      }),
    );
  });

  it('does not care which way the strip lies, and holds no less on a longer one', () => {
    fc.assert(
      fc.property(strip, (given) => {
        const { count } = discLayout(given);
        const turned = { ...given, widthMm: given.lengthMm, lengthMm: given.widthMm };
        expect(discLayout(turned).count).toBe(count);
        expect(
          discLayout({ ...given, lengthMm: given.lengthMm + 50 }).count,
        ).toBeGreaterThanOrEqual(count);
      }),
    );
  });

  it('names the field that is out of range', () => {
    expect(() => discLayout({ widthMm: 145, lengthMm: 900, diameterMm: 0, gapMm: 4 })).toThrow(
      /diameterMm must be a number from 5 to 1000 mm, not 0/,
    );
  });
});

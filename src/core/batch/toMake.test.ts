import fc from 'fast-check';
import { surelyWhole, toMake } from './toMake';

/** Chance that no more than so many of those made are lost, counted out in logarithms. */
function chanceOfAtMost(most: number, made: number, lost: number): number {
  let logChoose = 0;
  let sum = 0;
  for (let k = 0; k <= most; k += 1) {
    if (k > 0) logChoose += Math.log((made - k + 1) / k);
    sum += Math.exp(logChoose + k * Math.log(lost) + (made - k) * Math.log1p(-lost));
  }
  return sum;
}

describe('toMake', () => {
  it('agrees with the binomial, counted out', () => {
    // 2 % lost: of 42 made at most 2 are lost 949 times in 1000, of 43 at most 3 more than 989.
    expect(toMake(40, 0.02)).toBe(43);
    expect(toMake(1, 0.5)).toBe(5);
    expect(toMake(40, 0)).toBe(40);
    expect(toMake(0, 0.3)).toBe(0);
  });

  it('is the fewest that are enough 95 % of the time', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 600 }),
        fc.double({ min: 0.002, max: 0.4, noNaN: true }),
        (plated, lost) => {
          const made = toMake(plated, lost);
          expect(chanceOfAtMost(made - plated, made, lost)).toBeGreaterThanOrEqual(0.95 - 1e-9);
          if (made > plated) {
            expect(chanceOfAtMost(made - 1 - plated, made - 1, lost)).toBeLessThan(0.95 + 1e-9);
          }
          expect(surelyWhole(made, lost)).toBe(plated);
        },
      ),
    );
  });

  it('is never fewer for more lost, and joins its limit for large numbers', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 300 }),
        fc.double({ min: 0.001, max: 0.4, noNaN: true }),
        (n, q) => {
          expect(toMake(n, q)).toBeGreaterThanOrEqual(n);
          expect(toMake(n, q + 0.05)).toBeGreaterThanOrEqual(toMake(n, q));
        },
      ),
    );
    for (const lost of [0.01, 0.05, 0.3]) {
      expect(Math.abs(surelyWhole(3001, lost) - surelyWhole(3000, lost))).toBeLessThanOrEqual(3);
    }
  });

  it('ends where nearly all is lost, and where there are very many', () => {
    expect(toMake(40, 1)).toBeGreaterThan(800);
    expect(surelyWhole(20, 1)).toBe(0);
    expect(toMake(100_000, 0.02)).toBeGreaterThan(102_040);
    expect(toMake(100_000, 0.02)).toBeLessThan(102_200);
  });
});

import fc from 'fast-check';
import { posterior } from './posterior';
import { QUANTITIES } from './quantities';
import { shareLook } from './shareLook';
import { normals, seeded } from '../testing/kitchens';

const IDS = ['stuck', 'bowl'] as const;

describe.each(IDS)('a share that is a small difference of large weights: %s', (id) => {
  const { typical, spread, noise } = QUANTITIES[id];
  const prior = { mean: Math.log(typical), sd: Math.hypot(spread, noise) };

  it('is what was weighed where the weights are sharp, by the law of small errors', () => {
    for (const share of [0.5 * typical, typical, 2 * typical]) {
      const look = shareLook(id, share, share / 50)!;
      expect(look.value / share).toBeCloseTo(1, 2);
      expect(look.sd).toBeCloseTo(0.02, 3);
    }
  });

  it('leads to what Bayes finds, by a sum of its own', () => {
    const [share, off] = [2.2 * typical, 0.8 * typical];
    let [all, mean] = [0, 0];
    // Even steps of the share itself: its density in the logarithm ÷ the share.
    for (let s = typical / 400; s < 14 * typical; s += typical / 400) {
      const z = (Math.log(s) - prior.mean) / prior.sd;
      const weight = Math.exp(-(z ** 2 + ((share - s) / off) ** 2) / 2) / s;
      all += weight;
      mean += weight * Math.log(s);
    }
    const { value, sd } = shareLook(id, share, off)!;
    const after = posterior(prior, [{ value: Math.log(value), sd, day: 0 }]);
    expect(after.mean).toBeCloseTo(mean / all, 3);
  });

  it('is no evidence where the weights drown it', () => {
    expect(shareLook(id, typical, 3.01 * typical)).toBeNull();
    expect(shareLook(id, typical, 2.99 * typical)).not.toBeNull();
    expect(shareLook(id, NaN, typical)).toBeNull();
    expect(shareLook(id, typical, 0)).toBeNull();
  });

  it('moves what is held true toward what was weighed, below nothing too, and is finite', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.3, max: 0.6, noNaN: true }),
        fc.double({ min: 0.002, max: 2.9 * typical, noNaN: true }),
        (share, off) => {
          const look = shareLook(id, share, off)!;
          expect(look.value).toBeGreaterThan(0);
          expect(Number.isFinite(look.value) && look.sd > 0).toBe(true);
          if (share > 3 * typical) expect(look.value).toBeGreaterThan(typical);
          if (share < 0) expect(look.value).toBeLessThan(typical);
        },
      ),
    );
  });

  it('holds the kitchen’s own share nine times in ten, batch after batch, however vague', () => {
    const random = seeded(5);
    const normal = normals(random);
    for (const off of [0.3, 1, 2.5].map((times) => times * typical)) {
      let [held, looks] = [0, 0];
      for (let kitchen = 0; kitchen < 300; kitchen += 1) {
        const own = Math.log(typical) + spread * normal();
        const seen = Array.from({ length: 5 }, (_, day) => {
          const share = Math.exp(own + noise * normal());
          const { value, sd } = shareLook(id, share + off * normal(), off)!;
          return { value: Math.log(value), sd: Math.hypot(noise, sd), day };
        });
        for (const n of [1, 3, 5]) {
          const { mean, sd } = posterior({ mean: Math.log(typical), sd: spread }, seen.slice(0, n));
          looks += 1;
          if (Math.abs(mean - own) < 1.6449 * sd) held += 1;
        }
      }
      expect(held / looks).toBeGreaterThan(0.86);
      expect(held / looks).toBeLessThan(0.95);
    }
  });
});

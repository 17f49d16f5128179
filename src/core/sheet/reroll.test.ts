import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { rolledQuality, type RolledDough } from './reroll';
import { springBack } from './springBack';

const dough = (change: Partial<RolledDough> = {}): RolledDough => ({
  hydration: 0.385,
  target: 0.385,
  glutenRatio: 0.095,
  development: 1,
  fatShare: 0.04,
  roomC: 22,
  repeats: 2,
  speed: 'even',
  springBack: springBack(
    {
      glutenRatio: 0.095,
      development: 1,
      relaxationLeft: 0.1,
      repeats: 2,
    },
    startingRules,
  ),
  ...change,
});

describe('trim rolled again', () => {
  it('leaves the dough itself as it is', () => {
    expect(rolledQuality(0, dough(), startingRules)).toEqual({
      generation: 0,
      hydration: 0.385,
      stretch: 0.8,
      restMin: 0,
      thickerUnrested: 0,
    });
  });

  it('loses water and stretch each time, and never gains weight of water', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 0.5, noNaN: true }),
        fc.double({ min: 0.36, max: 0.49, noNaN: true }),
        (hydration, target) => {
          const [first, second, third] = [0, 1, 2].map((generation) =>
            rolledQuality(generation, dough({ hydration, target }), startingRules),
          );
          expect(second!.hydration).toBeLessThan(first!.hydration);
          expect(third!.hydration).toBeLessThan(second!.hydration);
          expect(second!.stretch).toBeLessThanOrEqual(first!.stretch);
          expect(third!.stretch).toBeLessThanOrEqual(second!.stretch);
        },
      ),
    );
  });

  it('is a fiftieth drier each time', () => {
    const fresh = dough({ development: 0.6, hydration: 0.4 });
    expect(rolledQuality(1, fresh, startingRules).hydration).toBeCloseTo(0.392, 9);
    expect(rolledQuality(2, fresh, startingRules).hydration).toBeCloseTo(0.4 * 0.98 ** 2, 9);
  });

  it('works an under-kneaded dough further before it dries it', () => {
    const raw = dough({ development: 0.6, hydration: 0.41 });
    expect(rolledQuality(1, raw, startingRules).stretch).toBeGreaterThan(
      rolledQuality(0, raw, startingRules).stretch,
    );
  });

  it('springs back unrested by the rule with all its spring left', () => {
    const { thickerUnrested } = rolledQuality(1, dough(), startingRules);
    // 0.35 × 0.5 with all of it left, against 0.35 × 0.5 × (0.2 + 0.8 × 0.1).
    expect(thickerUnrested).toBeCloseTo((1 + 0.175) / (1 + 0.049) - 1, 9);
  });

  it('rests longer in a cold room', () => {
    expect(rolledQuality(1, dough({ roomC: 12 }), startingRules).restMin).toBeCloseTo(
      2 * rolledQuality(1, dough(), startingRules).restMin,
      9,
    );
  });
});

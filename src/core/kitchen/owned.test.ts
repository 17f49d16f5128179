import fc from 'fast-check';
import { genericRollers } from '../sheet/genericRollers';
import { startingKitchen } from './kitchen';
import { COMMON_CUTTERS, hasCutter, rollersOf, withCommon, withRollers } from './owned';

const [tenStep, eightStep] = genericRollers as [
  (typeof genericRollers)[number],
  (typeof genericRollers)[number],
];

describe('what a kitchen owns', () => {
  it('begins with one roller, so that no day counts on more', () => {
    expect(startingKitchen.rollers).toHaveLength(1);
  });

  it('has so many rollers of a kind as were said, each under its own id', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...genericRollers), fc.integer({ min: 0, max: 6 })), {
          maxLength: 12,
        }),
        (taps) => {
          let rollers: readonly (typeof genericRollers)[number][] = startingKitchen.rollers;
          for (const [kind, many] of taps) {
            rollers = withRollers(rollers, kind, many);
            if (many > 0) expect(rollersOf(rollers, kind)).toBe(many);
            expect(new Set(rollers.map(({ id }) => id)).size).toBe(rollers.length);
            expect(rollers.length).toBeGreaterThan(0);
          }
        },
      ),
    );
  });

  it('keeps a roller measured by strips when another of its kind comes', () => {
    const measured = { ...tenStep, steps: [{ label: 'a', mm: 1 }] };
    expect(withRollers([measured], tenStep, 2)[0]).toBe(measured);
    expect(withRollers([measured], eightStep, 1)).toHaveLength(2);
  });

  it('is rolled by pin where there is no roller', () => {
    expect(withRollers([tenStep], tenStep, 0)[0]!.drive).toBe('pin');
  });

  it('takes a cutter once, whatever it is called', () => {
    const ring = COMMON_CUTTERS.find(({ mm, form }) => mm === 60 && form === 'round')!;
    const own = [{ ...ring, name: 'The tin lid' }];
    expect(hasCutter(own, ring)).toBe(true);
    expect(withCommon(own, ring, true)).toEqual(own);
    expect(withCommon(own, ring, false)).toEqual([]);
  });
});

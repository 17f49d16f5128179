import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { againstBand } from './band';
import { passTime, DRIVES } from './drive';
import { genericRollers } from './genericRollers';
import { nearestSetting, sheetsOf, toSetting } from './setting';

const anyRoller = fc.constantFrom(...genericRollers);
const share = fc.double({ min: 0, max: 0.5, noNaN: true });
const anyMm = fc.double({ min: 0.3, max: 6, noNaN: true });

describe('what a dial leaves', () => {
  it('is each gap thicker by the spring-back, in the dial’s own order', () => {
    fc.assert(
      fc.property(anyRoller, share, (roller, springBack) => {
        const sheets = sheetsOf(roller, springBack);
        expect(sheets.map(({ label }) => label)).toEqual(roller.steps.map(({ label }) => label));
        sheets.forEach(({ mm }, i) => {
          expect(Math.abs(mm - roller.steps[i]!.mm * (1 + springBack))).toBeLessThanOrEqual(
            0.00501,
          );
        });
      }),
    );
  });

  it('has no step nearer than the nearest', () => {
    fc.assert(
      fc.property(anyRoller, share, anyMm, (roller, springBack, wanted) => {
        const { mm } = nearestSetting(roller, wanted, springBack, startingRules);
        for (const other of sheetsOf(roller, springBack)) {
          expect(Math.abs(mm - wanted)).toBeLessThanOrEqual(Math.abs(other.mm - wanted));
        }
      }),
    );
  });

  it('moves a thickness to a step only when it was meant', () => {
    const [tenStep] = genericRollers;
    const terms = { springBack: 0.035, withinMm: 0.1 };
    expect(toSetting(tenStep!, 0.8, terms, startingRules)).toBe(0.83);
    expect(toSetting(tenStep!, 1.7, terms, startingRules)).toBe(1.7);
    fc.assert(
      fc.property(anyRoller, share, anyMm, (roller, springBack, wanted) => {
        const moved = toSetting(roller, wanted, { springBack, withinMm: 0.1 }, startingRules);
        expect(Math.abs(moved - wanted)).toBeLessThanOrEqual(0.1 + 1e-9);
        // Once there it stays there.
        expect(toSetting(roller, moved, { springBack, withinMm: 0.1 }, startingRules)).toBe(moved);
      }),
    );
  });
});

describe('a sheet against the band of its shape', () => {
  it.each([
    [0.74, 'thin'],
    [0.76, 'in'],
    [0.9, 'in'],
    [1.04, 'in'],
    [1.06, 'thick'],
  ] as const)('%d mm is %s between 0.8 and 1', (mm, word) => {
    expect(againstBand(mm, [0.8, 1], startingRules)).toBe(word);
  });
});

describe('a pass', () => {
  it('takes 8 s for 880 mm on an even crank, and the hands 4 s more', () => {
    expect(passTime({ drive: 'crank', speed: 'even', lengthMm: 880 }, startingRules)).toEqual({
      runS: 8,
      wholeS: 12,
    });
  });

  it('is longer for a longer strip and a slower hand, whatever turns it', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DRIVES),
        fc.double({ min: 50, max: 4000, noNaN: true }),
        (drive, lengthMm) => {
          const at = (speed: 'slow' | 'even' | 'fast', mm = lengthMm) =>
            passTime({ drive, speed, lengthMm: mm }, startingRules).wholeS;
          expect(at('slow')).toBeGreaterThan(at('even'));
          expect(at('even')).toBeGreaterThan(at('fast'));
          expect(at('even', lengthMm * 2)).toBeGreaterThan(at('even'));
        },
      ),
    );
  });
});

import fc from 'fast-check';
import { startingRules as rules } from '../basis/rules';
import { figureText } from '../units/format';
import { METRIC } from '../units/units';
import type { FigureUnit } from '../working/working';
import { cooled, coolingDepth, coolingTime, traysNeeded } from './cooling';
import { coolingAdvice, coolingTimes } from './coolingText';

const write = (value: number, unit: FigureUnit) => figureText(value, unit, METRIC);
const open = { on: 'shelf', covered: false, airC: 3 } as const;

describe('coolingTime', () => {
  it.each([
    // What cooling trials for food codes find, a little on the safe side.
    ['50 mm from 57 to 5 °C', { ...open, fromC: 57, depthMm: 50 }, 5, 8.6 * 60, 5],
    ['20 mm from 90 to 21 °C', { ...open, fromC: 90, depthMm: 20 }, 21, 81, 1],
  ])('%s', (_, pan, toC, minutes, within) => {
    expect(Math.abs(coolingTime(pan, toC, rules) - minutes)).toBeLessThan(within);
  });

  it('is the closed form where both faces are alike: the middle, out of half the depth', () => {
    const alike = { ...rules, 'filling.cool.shelf': rules['filling.cool.open'] };
    const half = 0.02;
    const tau = 3.6e6 * half * (1 / 20 + half / (2 * 0.5));
    expect(coolingTime({ ...open, fromC: 80, depthMm: 40 }, 21, alike)).toBeCloseTo(
      (tau * Math.log(77 / 18)) / 60,
      9,
    );
  });

  it('is longer on a board and covered, shorter on ice, nothing when cool, never in warm air', () => {
    const pan = { ...open, fromC: 80, depthMm: 30 };
    const at = (more: object) => coolingTime({ ...pan, ...more }, 21, rules);
    expect(at({ on: 'board' })).toBeGreaterThan(at({}));
    expect(at({ covered: true })).toBeGreaterThan(at({}));
    expect(at({ on: 'ice' })).toBeLessThan(0.6 * at({}));
    expect(at({ fromC: 20 })).toBe(0);
    expect(at({ airC: 22 })).toBe(Infinity);
  });
});

describe('what meets the limits', () => {
  it('is the depth at which the first limit missed is just met', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 40, max: 100, noNaN: true }),
        fc.constantFrom('shelf', 'board', 'ice'),
        fc.boolean(),
        (fromC, on, covered) => {
          const pan = { on, covered, airC: 3, fromC } as const;
          const depthMm = coolingDepth(pan, rules);
          expect(cooled({ ...pan, depthMm }, rules).late).toBe(false);
          if (depthMm < 300) {
            expect(cooled({ ...pan, depthMm: depthMm + 0.1 }, rules).late).toBe(true);
          }
        },
      ),
    );
  });

  it('counts what is left to 5 °C as well: a tepid deep pan is late by the second', () => {
    const pan = { ...open, fromC: 22, depthMm: 60 };
    const { firstMin, thenMin, late } = cooled(pan, rules);
    expect(firstMin).toBeLessThan(120);
    expect(thenMin).toBeGreaterThan(240);
    expect(late).toBe(true);
  });

  it('counts trays by their area', () => {
    expect(traysNeeded(3400, 20, 170_000)).toBe(1);
    expect(traysNeeded(3401, 20, 170_000)).toBe(2);
    expect(traysNeeded(100, 0, 170_000)).toBe(1);
  });

  it('is said with its depth, trays and ice bath', () => {
    const said = { firstMin: 160, thenMin: 250, late: true };
    const meets = { depthMm: 21.9, trays: 3, ice: true };
    expect(coolingTimes(said, write)).toBe(
      'Down to 21 °C in 2 h 40 min, to 5 °C 4 h 10 min later.',
    );
    expect(coolingAdvice({ ...said, meets }, write)).toBe(
      'Too slow to cool: the limit is 2 h down to 21 °C. Spread it 21 mm deep or less, on 3 trays; or stand the pan in an ice bath.',
    );
    expect(coolingAdvice({ ...said, firstMin: 90, meets: { ...meets, depthMm: 1 } }, write)).toBe(
      'Too slow to cool: the limit is 4 h more down to 5 °C. Stand the pan in an ice bath.',
    );
  });
});

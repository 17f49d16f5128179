import { startingBasis } from '../basis/basis';
import fc from 'fast-check';
import { startingRules as rules } from '../basis/rules';
import { FAMILY_IDS } from '../shapes/families';
import { planWith } from '../testing/plans';
import { evaluatePlan } from '../plan/evaluatePlan';
import { coreFrozen } from './coreFrozen';
import { bathBack, faceLater } from './frozenLater';

const piece = { halfHeightMm: 7, shapeExponent: 0.6, fromC: -18, bathC: 98, freshC: 5 };

describe('a frozen piece', () => {
  it('is warm at its face before its middle, and frozen behind the dough for longer than fresh', () => {
    const at = (place: number) => coreFrozen({ ...piece, targetC: 60 }, { at: place, stepS: 1 });
    expect(at(0.9)).toBeLessThan(at(0.5));
    expect(at(0.5)).toBeLessThan(at(0));
    expect(faceLater({ ...piece, thicknessMm: 0.8 })).toBeGreaterThan(0.1);
    expect(faceLater({ ...piece, thicknessMm: 1.6 })).toBeGreaterThan(
      faceLater({ ...piece, thicknessMm: 0.8 }),
    );
    // The same start is no later.
    expect(faceLater({ ...piece, freshC: -18, thicknessMm: 0.8 })).toBe(0);
  });

  it('waits for a bath that is back within three degrees', () => {
    expect(bathBack({ dipC: 6, recoverS: 60 }, rules)).toBeCloseTo(0.5, 9);
    expect(bathBack({ dipC: 2.9, recoverS: 60 }, rules)).toBe(0);
  });

  it.each(FAMILY_IDS)('takes longer than a fresh one in every shape: %s', (family) => {
    const { fresh, fromFrozen } = evaluatePlan(planWith({}, family), startingBasis).boil;
    expect(fromFrozen.potMin).toBeGreaterThan(fresh.potMin + 0.3);
    expect(fromFrozen.potMin).toBeLessThan(fresh.potMin + 4);
  });

  it('is never quicker, however thick or heavy', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 2, noNaN: true }),
        fc.double({ min: 3, max: 15, noNaN: true }),
        (thicknessMm, halfHeightMm) => {
          fc.pre(halfHeightMm > 2 * thicknessMm);
          expect(faceLater({ ...piece, halfHeightMm, thicknessMm })).toBeGreaterThanOrEqual(0);
        },
      ),
      { numRuns: 30 },
    );
  });
});

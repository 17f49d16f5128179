import fc from 'fast-check';
import { startingPantry } from '../../composition/pantry';
import { startingKitchen } from '../../kitchen/kitchen';
import { FAMILY_IDS } from '../../shapes/families';
import { piecesFromDough, usualPiece, type PiecesAsked } from './piecesFromDough';

const asked = (over: Partial<PiecesAsked> = {}): PiecesAsked => ({
  family: 'ravioliSquare',
  doughG: 500,
  ...usualPiece('ravioliSquare'),
  ...over,
});
const given = (over: Partial<PiecesAsked> = {}) =>
  piecesFromDough(asked(over), startingKitchen, startingPantry);

describe('pieces from a dough', () => {
  it('counts pieces of two sheets in pairs', () => {
    const two = given({ way: 'two' });
    expect(two.pairs).toBe(Math.ceil(two.sheets / 2));
    expect(two.pieces).toBeGreaterThan((two.pairs! - 1) * two.perLaying * 0.5);
    expect(given({ way: 'book' }).pairs).toBeNull();
  });

  it.each(FAMILY_IDS)('%s takes no more dough than there is, and a dose for each', (family) => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 3000 }), (doughG) => {
        const usual = usualPiece(family);
        const of = given({ family, doughG, ...usual });
        expect(of.pieces * of.doughPerPieceG).toBeLessThanOrEqual(doughG);
        expect(of.fillingG).toBeGreaterThanOrEqual(of.pieces * usual.doseG - 1e-6);
      }),
      { numRuns: 6 },
    );
  });

  it('thinner or smaller gives more', () => {
    expect(given({ thicknessMm: 0.6 }).pieces).toBeGreaterThan(given().pieces);
    expect(given({ sizeMm: 50 }).pieces).toBeGreaterThan(given().pieces);
  });
});

import { startingBasis } from '../../basis/basis';
import { startingRules } from '../../basis/rules';
import { inSheets } from '../../batch/sheetRun';
import { layingsFor } from './laying';
import { typedPiece } from './piece';
import { FAMILY_IDS } from '../../shapes/families';
import { planWith } from '../../testing/plans';
import { changeFamily } from '../questions/changeFamily';
import { evaluatePlan } from '../evaluatePlan';

describe('the batch by its layout', () => {
  it('makes the dough up so that whole sheets give every piece', () => {
    for (const family of FAMILY_IDS) {
      for (const portions of [1, 7, 40]) {
        const result = evaluatePlan(planWith({ batch: { portions } }, family), startingBasis);
        const pieces = result.layout.rollings.reduce((sum, each) => sum + each.pieces, 0);
        expect(pieces).toBe(result.pieces);
        expect(result.layout.madeUpG).toBeGreaterThanOrEqual(0);
      }
    }
  });

  it('has one account of dough: pieces, trim, spoilt, stuck and left over are what went in', () => {
    const ways = [
      { wayIn: 'portions', portions: 1 },
      { wayIn: 'portions', portions: 23 },
      { wayIn: 'dough', doughInHandG: 777 },
      { wayIn: 'filling', fillingInHandG: 555 },
      { wayIn: 'both', doughInHandG: 640, fillingInHandG: 820 },
    ] as const;
    for (const family of FAMILY_IDS) {
      for (const way of ways) {
        for (const rerolls of [0, 1, 2]) {
          const plan = planWith({ batch: { ...way, rerolls, endTrimG: 7 } }, family);
          const { dough, pieces, trim, ledger, layout, leftover } = evaluatePlan(
            plan,
            startingBasis,
          );
          const rolledG = layout.rollings.reduce((sum, each) => sum + each.pieces, 0);
          expect(rolledG).toBe(pieces);
          const out =
            pieces * dough.perPieceG +
            trim.g +
            trim.spoiltG +
            ledger.dough.stuckG +
            ledger.dough.endTrimG +
            leftover.doughG;
          expect([family, way.wayIn, rerolls, out / dough.totalG]).toEqual([
            family,
            way.wayIn,
            rerolls,
            expect.closeTo(1, 9),
          ]);
        }
      }
    }
  });

  it('chooses the pattern for the whole run, not for its longest sheet alone', () => {
    // Nested rows give most from a long sheet; a few discs are cheaper on a short straight one.
    const plan = planWith(
      {
        batch: { portions: 1, piecesPerPortion: 2, tasted: 0, breakageShare: 0 },
        dough: { ...planWith().dough, roundUp: false },
        sheet: { ...planWith({}, 'ravioliRound').sheet, widthMm: 145 },
        shape: { ...planWith({}, 'ravioliRound').shape, sheets: 'two', sizeMm: 60 },
      },
      'ravioliRound',
    );
    const { dough, layout } = evaluatePlan(plan, startingBasis);
    const others = layingsFor(plan, typedPiece(plan, startingBasis), startingRules).map((laying) =>
      inSheets({ ...plan.batch, doughPerPieceG: dough.perPieceG, laying }).lotFor(2),
    );
    expect(others.length).toBeGreaterThan(2);
    expect(layout.rollings[0]!.doughG).toBeCloseTo(Math.min(...others.map(Number)), 1);
  });

  it('takes the cook’s own share in its place, and says so', () => {
    const own = evaluatePlan(planWith({ batch: { usedShare: 0.5 } }), startingBasis);
    const layout = evaluatePlan(planWith(), startingBasis);
    expect(own.layout.counted).toBe(false);
    expect(layout.layout.counted).toBe(true);
    expect(own.dough.totalG).toBeGreaterThan(layout.dough.totalG);
  });

  it('fails at the sheet when nothing fits, and still answers', () => {
    const { stations, pieces, dough } = evaluatePlan(
      planWith({ sheet: { widthMm: 45 } }),
      startingBasis,
    );
    expect(stations.sheet).toEqual({ state: 'fails', word: 'blank does not fit' });
    expect(pieces).toBeGreaterThan(0);
    expect(dough.totalG).toBeGreaterThan(0);
    const inHand = planWith({
      sheet: { widthMm: 45 },
      batch: { wayIn: 'dough', doughInHandG: 500 },
    });
    expect(evaluatePlan(inHand, startingBasis).stations.sheet.state).toBe('fails');
  });

  it('gives a shape too wide for a straightened sheet the whole roller', () => {
    const narrow = planWith({ sheet: { widthMm: 60 } });
    const moulded = changeFamily(narrow, 'mouldedRavioli', 0.04, startingRules);
    expect(moulded.sheet.widthMm).toBe(145);
    expect(evaluatePlan(moulded, startingBasis).layout.doesNotFit).toBeNull();
    expect(changeFamily(narrow, 'cappelletti', 0.04, startingRules).sheet.widthMm).toBe(60);
  });

  it('counts spring-back into the setting that it names', () => {
    const rested = evaluatePlan(planWith(), startingBasis);
    const lively = evaluatePlan(
      planWith({
        dough: {
          work: { by: 'hand', kneadMin: 10, folds: 3, restMin: 0, restAt: 'room' },
        },
      }),
      startingBasis,
    );
    expect(rested.sheet.setting).toBe('8');
    expect(lively.dough.springBack).toBeGreaterThan(rested.dough.springBack);
    expect(lively.sheet.setting).toBe('9');
  });
});

import { FAMILY_IDS } from '../../shapes/families';
import { planWith } from '../../testing/plans';
import { changeFamily } from '../questions/changeFamily';
import { evaluatePlan } from '../evaluatePlan';

describe('the batch by its layout', () => {
  it('makes the dough up so that whole sheets give every piece', () => {
    for (const family of FAMILY_IDS) {
      for (const portions of [1, 7, 40]) {
        const result = evaluatePlan(planWith({ batch: { portions } }, family));
        const pieces = result.layout.rollings.reduce((sum, each) => sum + each.pieces, 0);
        expect(pieces).toBeGreaterThanOrEqual(result.pieces);
        expect(result.layout.madeUpG).toBeGreaterThanOrEqual(0);
        expect(result.leftover.doughG).toBeCloseTo(result.layout.madeUpG, 6);
      }
    }
  });

  it('takes the cook’s own share in its place, and says so', () => {
    const own = evaluatePlan(planWith({ batch: { usedShare: 0.5 } }));
    const layout = evaluatePlan(planWith());
    expect(own.layout.counted).toBe(false);
    expect(layout.layout.counted).toBe(true);
    expect(own.dough.totalG).toBeGreaterThan(layout.dough.totalG);
    expect(own.layout.madeUpG).toBe(0);
  });

  it('fails at the sheet when nothing fits, and still answers', () => {
    const { stations, pieces, dough } = evaluatePlan(planWith({ sheet: { widthMm: 45 } }));
    expect(stations.sheet).toEqual({ state: 'fails', word: 'blank does not fit' });
    expect(pieces).toBeGreaterThan(0);
    expect(dough.totalG).toBeGreaterThan(0);
    const inHand = planWith({
      sheet: { widthMm: 45 },
      batch: { wayIn: 'dough', doughInHandG: 500 },
    });
    expect(evaluatePlan(inHand).stations.sheet.state).toBe('fails');
  });

  it('gives a shape too wide for a straightened sheet the whole roller', () => {
    const narrow = planWith({ sheet: { widthMm: 60 } });
    const moulded = changeFamily(narrow, 'mouldedRavioli', 0.04);
    expect(moulded.sheet.widthMm).toBe(145);
    expect(evaluatePlan(moulded).layout.doesNotFit).toBeNull();
    expect(changeFamily(narrow, 'cappelletti', 0.04).sheet.widthMm).toBe(60);
  });

  it('counts spring-back into the setting that it names', () => {
    const rested = evaluatePlan(planWith());
    const lively = evaluatePlan(
      planWith({
        dough: {
          work: { by: 'hand', kneadMin: 10, folds: 3, restMin: 0, restAt: 'room' },
        },
      }),
    );
    expect(rested.sheet.setting).toBe('8');
    expect(lively.dough.springBack).toBeGreaterThan(rested.dough.springBack);
    expect(lively.sheet.setting).toBe('9');
  });
});

import { startingPantry } from '../../composition/pantry';
import { startingBasis } from '../../basis/basis';
import { FAMILY_IDS } from '../../shapes/families';
import { planWith } from '../../testing/plans';
import { benchTime } from '../model/benchTime';
import { compareShapes } from './compareShapes';
import { searchHeats, withHeatOption } from './heatSearch';
import { evaluatePlan } from '../evaluatePlan';
import { modelOf } from '../../risk/modelOf';
import { parsePlan } from '../document/parsePlan';

const plan = planWith({
  batch: { wayIn: 'both', doughInHandG: 640, fillingInHandG: 820 },
  shape: { sizeMm: 58, doseG: 8 },
});
const sizesMm = Array.from({ length: 30 }, (_, i) => 45 + i);
const thicknessesMm = [0.7, 0.8, 0.9];

describe('searchHeats', () => {
  const ticks: number[] = [];
  const options = searchHeats(plan, startingBasis, {
    sizesMm,
    thicknessesMm,
    most: 6,
    onProgress: (done) => ticks.push(done),
  });

  it('ranks those that use both up first, with ease before on the edge', () => {
    expect(options.length).toBeGreaterThan(3);
    const rank = options.map(
      ({ usedUp, lipMargin, thinningMargin }) =>
        (usedUp ? 0 : 2) + (Math.min(lipMargin, thinningMargin) >= 1.15 ? 0 : 1),
    );
    expect([...rank].sort((a, b) => a - b)).toEqual(rank);
  });

  it('stays in the bands it was given, and on lips that hold', () => {
    for (const each of options) {
      expect(sizesMm).toContain(each.sizeMm);
      expect(thicknessesMm).toContain(each.thicknessMm);
      expect(each.lipMargin).toBeGreaterThan(0.999);
    }
  });

  it('comes out as it says once adopted', () => {
    for (const option of options.slice(0, 3)) {
      const after = evaluatePlan(
        parsePlan(withHeatOption(plan, option), startingPantry),
        startingBasis,
      );
      expect([after.pieces, after.portions]).toEqual([option.pieces, option.portions]);
      expect(after.shape.sizeMm).toBe(option.sizeMm);
      expect(after.shape.doseG).toBeCloseTo(option.doseG, 1);
      expect(after.leftover.fillingG).toBeCloseTo(option.leftoverFillingG, 1);
    }
  });

  it('tells how far it is', () => {
    expect(ticks[ticks.length - 1]).toBe(sizesMm.length * thicknessesMm.length);
  });

  it('finds nothing for a scrap of dough', () => {
    const scrap = planWith({ batch: { wayIn: 'both', doughInHandG: 10, fillingInHandG: 800 } });
    expect(searchHeats(scrap, startingBasis, { sizesMm: [58], thicknessesMm: [0.8] })).toEqual([]);
  });
});

describe('compareShapes', () => {
  it('makes the same dough and filling up as every shape', () => {
    const own = planWith();
    const result = evaluatePlan(own, startingBasis);
    const outcomes = compareShapes(own, startingBasis);
    expect(outcomes.map(({ family }) => family)).toEqual([...FAMILY_IDS]);
    for (const each of outcomes) {
      expect(each.pieces).toBeGreaterThan(0);
      expect(each.benchMin).toBeGreaterThan(0);
      // What is left and what is in the pieces is no more than there was.
      expect(each.pieces * each.doseG + each.leftFillingG).toBeLessThanOrEqual(
        result.filling.totalG + 1e-6,
      );
      expect(parsePlan(each.plan, startingPantry).shape.family).toBe(each.family);
    }
  });
});

describe('benchTime', () => {
  it('halves the filling, not the rolling, with two pairs of hands', () => {
    const time = (people: number) => {
      const own = planWith({ sheet: { people } });
      return benchTime(modelOf(own, startingBasis));
    };
    expect(time(2).fillMin).toBeCloseTo(time(1).fillMin / 2, 9);
    expect(time(2).rollMin).toBe(time(1).rollMin);
  });
});

describe('the ladder of a plan', () => {
  it.each(FAMILY_IDS)('%s rolls its dough out to its own sheets', (family) => {
    const own = planWith({}, family);
    const result = evaluatePlan(own, startingBasis);
    const { portions, rungs } = result.ladder;
    const last = rungs[rungs.length - 1]!;
    expect(last.label).toBe(result.sheet.setting);
    expect(portions.count * portions.eachG + portions.lastG).toBeLessThan(
      result.dough.totalG + 1e-6,
    );
    if (portions.count > 0) {
      // The sheet wanted, or a shade shorter where the dial leaves it thicker.
      const wanted = (result.sheet.lengthMm * result.sheet.thicknessMm) / last.thicknessMm;
      expect(last.lengthMm * (last.strips / portions.sheetsEach)).toBeCloseTo(wanted, 3);
    }
  });
});

import { startingPantry } from '../../composition/pantry';
import { startingBasis } from '../../basis/basis';
import { startingRules } from '../../basis/rules';
import { startingKitchen } from '../../kitchen/kitchen';
import { FAMILY_IDS } from '../../shapes/families';
import { genericRollers } from '../../sheet/genericRollers';
import { sheetsOf } from '../../sheet/setting';
import { planWith } from '../../testing/plans';
import { changeFamily } from '../questions/changeFamily';
import { searchHeats, withHeatOption } from '../questions/heatSearch';
import { evaluatePlan } from '../evaluatePlan';
import { sizesOf, thicknessesOf } from './heatBands';
import { inKitchen } from '../questions/inKitchen';
import { onRoller } from '../questions/inKitchen';
import { parsePlan } from '../document/parsePlan';
import { applyChange } from '../../risk/remedies';
import { springBackOf, workOf } from './rolling';
import { startingPlans } from '../starting/startingPlans';

const unrested = planWith({
  dough: { work: { by: 'hand', kneadMin: 10, folds: 3, restMin: 5, restAt: 'room' } },
});

describe('spring-back of a plan', () => {
  it('is the one its dough and its working show', () => {
    for (const plan of [planWith(), unrested]) {
      const { dough, working } = evaluatePlan(plan, startingBasis);
      expect(springBackOf(plan, startingBasis)).toBe(dough.springBack);
      expect(working.springBack.value).toBe(dough.springBack);
    }
  });

  it('is neither whole eggs nor more of the same flour, but the rest given again', () => {
    const mended = (kind: 'flourG' | 'restMin', amount: number) => ({
      ...unrested,
      made: [{ kind, amount }],
    });
    const before = springBackOf(unrested, startingBasis);
    expect(springBackOf(mended('flourG', 20), startingBasis)).toBe(before);
    expect(springBackOf(mended('restMin', 20), startingBasis)).toBeLessThan(before);
    expect(workOf(mended('restMin', 20), startingBasis).restMin).toBe(25);
  });
});

describe('thicknesses that are offered are what the dial leaves', () => {
  const named = (plan: typeof unrested, mm: number) =>
    sheetsOf(plan.sheet.roller, springBackOf(plan, startingBasis)).some((step) => step.mm === mm);

  it('in a remedy, which comes out at the setting it names', () => {
    const thin = planWith({
      ...unrested,
      shape: { ...unrested.shape, sizeMm: 90, doseG: 10, laid: 'ball' },
      sheet: { ...unrested.sheet, thicknessMm: 0.45 },
    });
    const found = evaluatePlan(thin, startingBasis).weakestLink.remedies.flatMap((remedy) =>
      remedy.kind === 'thickness' ? [remedy] : [],
    );
    expect(found.length).toBeGreaterThan(0);
    for (const remedy of found) {
      expect(named(thin, remedy.toMm)).toBe(true);
      const { sheet } = evaluatePlan(
        parsePlan(applyChange(thin, remedy), startingPantry),
        startingBasis,
      );
      expect(sheet).toMatchObject({ setting: remedy.setting, between: false });
    }
  });

  it('in a dead heat, whose ladder then ends at that very sheet', () => {
    const both = planWith({
      ...unrested,
      batch: { ...unrested.batch, wayIn: 'both', doughInHandG: 640, fillingInHandG: 820 },
    });
    const options = searchHeats(both, startingBasis).filter(
      ({ thicknessMm }) => thicknessMm !== both.sheet.thicknessMm,
    );
    expect(options.length).toBeGreaterThan(0);
    for (const option of options) {
      expect(named(both, option.thicknessMm)).toBe(true);
      const adopted = parsePlan(withHeatOption(both, option), startingPantry);
      const result = evaluatePlan(adopted, startingBasis);
      const stop = result.ladder.rungs.at(-1)!;
      expect(stop.thicknessMm).toBeCloseTo(option.thicknessMm, 1);
      expect(result.pieces).toBe(option.pieces);
    }
  });

  it.each(FAMILY_IDS)('in a plan that becomes %s', (family) => {
    const back = springBackOf(unrested, startingBasis);
    const other = family === 'ravioliSquare' ? 'tortelloni' : 'ravioliSquare';
    const from = planWith({ dough: unrested.dough }, other);
    const { thicknessMm } = changeFamily(from, family, back, startingRules).sheet;
    expect(named(unrested, thicknessMm)).toBe(true);
  });

  it('on another roller, where one of its steps is near', () => {
    for (const roller of genericRollers) {
      const moved = onRoller(
        planWith(),
        roller,
        springBackOf(planWith(), startingBasis),
        startingRules,
      );
      const near = sheetsOf(roller, springBackOf(planWith(), startingBasis)).some(
        ({ mm }) => Math.abs(mm - 0.8) <= 0.11,
      );
      // Below its sticks a pin rolls on by eye.
      const between = evaluatePlan(parsePlan(moved, startingPantry), startingBasis).sheet.between;
      expect(between).toBe(!near && roller.drive !== 'pin');
      expect(moved.sheet.thicknessMm === 0.8).toBe(!near);
      expect(moved.sheet.widthMm).toBeLessThanOrEqual(roller.widthMm);
    }
  });
});

describe('the bands of a dead heat', () => {
  it('hold every step inside the shape’s own band, and no other', () => {
    expect(thicknessesOf(planWith({}, 'tortelloni'), 0.04, startingRules)).toEqual([1.04, 0.83]);
    expect(thicknessesOf(planWith({}, 'cappelletti'), 0.04, startingRules)).toEqual([0.83, 0.62]);
  });

  it('hold blanks a third either way, and none for a mould', () => {
    expect(sizesOf(planWith({ shape: { sizeMm: 60 } }))).toEqual(
      Array.from({ length: 39 }, (_, i) => 41 + i),
    );
    expect(sizesOf(planWith({}, 'mouldedRavioli'))).toEqual([]);
  });
});

describe('a new plan in a kitchen', () => {
  it.each(FAMILY_IDS)('%s holds on every roller there may be', (family) => {
    const states: string[] = [];
    for (const roller of genericRollers) {
      const plan = inKitchen(
        startingPlans[family],
        { ...startingKitchen, rollers: [roller] },
        startingBasis,
      );
      const { weakestLink, layout } = evaluatePlan(parsePlan(plan, startingPantry), startingBasis);
      states.push(`${roller.id} ${weakestLink.state}`);
      expect(layout.doesNotFit).toBeNull();
    }
    expect(states.filter((each) => !each.endsWith('holds'))).toEqual([]);
  });
});

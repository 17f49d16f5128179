import { learntOf } from '../testing/learntOf';
import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { startingBasis, type Basis } from '../basis/basis';
import { evaluatePlan, type PlanResult } from '../plan/evaluatePlan';
import { FAMILY_IDS, familyOf } from '../shapes/families';
import { eventsFrom } from '../testing/kitchens';
import { planWith } from '../testing/plans';
import { evidenceOf } from './evidence';
import type { Happening } from './events';
import { foldRun } from './fold';
import { liveOf, type Live } from './live';
import { planAgain } from '../log/planAgain';
import { runLedger } from './ledger';
import type { Plan } from '../plan/document/schema';

const basisOf = (plan: Plan, dosed: number, thicker: number): Basis => ({
  ...startingBasis,
  learnt: [learntOf('dosed', dosed), learntOf('thicker', thicker, { key: plan.sheet.roller.id })],
});

const live = (plan: Plan, result: PlanResult, ...happenings: Happening[]): Live =>
  liveOf(result, foldRun(eventsFrom(happenings)), {
    roller: plan.sheet.roller,
    thicknessBandMm: familyOf(plan.shape.family).thicknessBandMm,
    eggsPerG: 0,
    rules: startingRules,
  });

/** Both bowls weighed after some pieces, as the plan has them. */
const asPlanned = (result: PlanResult, pieces: number): Happening[] => {
  const { ledger, layout, sheet, dough, filling, comesOut } = result;
  const usable = ledger.filling.inG - ledger.filling.leftoverG;
  const doseG = comesOut.doseG / (1 - ledger.filling.inBowlG / usable);
  const eachG = (sheet.massG * layout.laying.sheets) / layout.pieces;
  return [
    { kind: 'sheetDone', pieces, torn: false },
    { kind: 'weighed', what: 'fillingLeft', g: filling.totalG - pieces * doseG },
    { kind: 'weighed', what: 'doughLeft', g: dough.totalG - pieces * eachG },
  ];
};

const bias = fc.double({ min: 0.75, max: 1.35, noNaN: true });

describe.each(FAMILY_IDS)('what was learned counts once: %s', (family) => {
  const plan = planWith({ batch: { ...planWith({}, family).batch, portions: 30 } }, family);

  it('bowls weighed as predicted are on plan, before a weighing and after', () => {
    fc.assert(
      fc.property(bias, bias, (dosed, thicker) => {
        const result = evaluatePlan(plan, basisOf(plan, dosed, thicker));
        const pieces = Math.min(result.layout.pieces, Math.floor(result.pieces / 2));
        fc.pre(pieces >= 6 && result.layout.doesNotFit === null);
        expect(live(plan, result).short).toBeNull();
        expect(
          live(plan, result, { kind: 'sheetDone', pieces: result.layout.pieces, torn: false })
            .short,
        ).toBeNull();
        expect(live(plan, result, ...asPlanned(result, pieces)).short).toBeNull();
        // Doses and strips that measure what was learned are on plan too.
        const measured = live(
          plan,
          result,
          { kind: 'sheetDone', pieces: result.layout.pieces, torn: false },
          { kind: 'weighed', what: 'doses', g: 5 * plan.shape.doseG * dosed, n: 5 },
          { kind: 'measured', test: 'thicknessMm', value: result.sheet.thicknessMm * thicker },
        );
        expect(measured.short).toBeNull();
        expect(measured.bowls.dose.comesOut).toBeCloseTo(plan.shape.doseG * dosed, 6);
      }),
      { numRuns: 12 },
    );
  });
});

describe('a dose adopted at the bench', () => {
  const plan = planWith({ batch: { ...planWith().batch, portions: 24 } });

  it('is computed from what the bowls say, and agrees with them once it is adopted', () => {
    fc.assert(
      fc.property(bias, fc.double({ min: 1.06, max: 1.25, noNaN: true }), (dosed, more) => {
        const result = evaluatePlan(plan, basisOf(plan, dosed, 1));
        const { filling, layout, ledger, comesOut } = result;
        const pieces = layout.pieces;
        const usable = ledger.filling.inG - ledger.filling.leftoverG;
        const eachG = (more * comesOut.doseG) / (1 - ledger.filling.inBowlG / usable);
        const before: Happening[] = [
          { kind: 'sheetDone', pieces, torn: false },
          { kind: 'weighed', what: 'fillingLeft', g: filling.totalG - pieces * eachG },
        ];
        const dose = live(plan, result, ...before).changes.find(({ id }) => id === 'dose');
        fc.pre(dose !== undefined);
        const after = live(plan, result, ...before, dose!.happening);
        expect(after.bowls.dose.comesOut).toBeCloseTo(dose!.comesOut, 6);
        expect(Math.abs(after.pieces - dose!.pieces)).toBeLessThanOrEqual(1);
        expect(after.changes.some(({ id }) => id === 'dose')).toBe(false);
      }),
      { numRuns: 40 },
    );
  });

  it('does not climb from batch to batch: planned again, it is what the hand aims for', () => {
    let now = plan;
    const truly = 1.12;
    const doses = Array.from({ length: 4 }, (_, n) => {
      // What the kitchen has learned by its n-th batch.
      const result = evaluatePlan(now, basisOf(now, n === 0 ? 1 : truly, 1));
      const before: Happening[] = [
        { kind: 'sheetDone', pieces: result.layout.pieces, torn: false },
        { kind: 'weighed', what: 'doses', g: 5 * now.shape.doseG * truly, n: 5 },
      ];
      const dose = live(now, result, ...before).changes.find(({ id }) => id === 'dose');
      const state = foldRun(eventsFrom(dose ? [...before, dose.happening] : before));
      now = planAgain(now, state, {
        weighedG: result.dough.totalG,
        basis: startingBasis,
      }).plan;
      return now.shape.doseG;
    });
    const [first, ...rest] = doses;
    expect(first).toBeLessThan(plan.shape.doseG);
    // The first batch learns it; from then on there is nothing to correct.
    for (const each of rest) expect(each).toBe(first);
  });

  it('closes its ledger at what comes out, and teaches against what was aimed for', () => {
    const basis = basisOf(plan, 1.1, 1.05);
    const result = evaluatePlan(plan, basis);
    const finished = (...happenings: Happening[]) =>
      foldRun(eventsFrom([...happenings, { kind: 'finished' }]));
    const silent = finished({ kind: 'counted', pieces: 40 });
    const ledger = runLedger(result, silent);
    expect(ledger.filling.eachG).toBeCloseTo(1.1 * plan.shape.doseG, 6);
    expect(ledger.dough.eachG).toBeCloseTo(1.05 * result.dough.perPieceG, 6);
    const changed = finished(
      { kind: 'sheetDone', pieces: 20, torn: false },
      { kind: 'changed', doseG: 8 },
      { kind: 'sheetDone', pieces: 20, torn: false },
      { kind: 'weighed', what: 'doses', g: 8 * 1.1 * 5, n: 5 },
    );
    expect(
      evidenceOf(plan, changed, basis).find(({ quantity }) => quantity === 'dosed')!.value,
    ).toBeCloseTo(1.1, 9);
  });
});

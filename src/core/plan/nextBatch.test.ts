import fc from 'fast-check';
import { startingBasis } from '../basis/basis';
import type { Learnt } from '../basis/learnt';
import { QUANTITIES } from '../calibrate/quantities';
import { anyPlanDocument } from '../testing/anyPlan';
import { learntOf } from '../testing/learntOf';
import { planWith } from '../testing/plans';
import { parsePlan } from './document/parsePlan';
import { evaluatePlan } from './evaluatePlan';
import { nextBatch } from './nextBatch';

const plan = planWith();
const on = (...learnt: Learnt[]) => nextBatch(plan, { ...startingBasis, learnt });

/** A quantity known without doubt, of batches that differ by so much. */
const known = (quantity: 'dosed' | 'thicker' | 'stuck' | 'trimFit' | 'bowl', between: number) => {
  const { typical } = QUANTITIES[quantity];
  return learntOf(quantity, typical, {
    low: typical,
    high: typical,
    betweenBatches: between,
    key: quantity === 'thicker' ? plan.sheet.roller.id : '',
  });
};
const ALL = ['dosed', 'thicker', 'stuck', 'trimFit', 'bowl'] as const;
const allBut = (id: (typeof ALL)[number], between: number) =>
  ALL.map((each) => known(each, each === id ? between : 0));

describe('what the next batch takes', () => {
  it('is what the plan says where nothing is in doubt', () => {
    const { dough, filling } = on(...ALL.map((id) => known(id, 0)));
    const { ledger } = evaluatePlan(plan, startingBasis);
    for (const g of dough) expect(g).toBeCloseTo(ledger.dough.inG - ledger.dough.leftoverG, 6);
    for (const g of filling)
      expect(g).toBeCloseTo(ledger.filling.inG - ledger.filling.leftoverG, 6);
  });

  it('follows the dose of the batch, as the law has it: filling in proportion, dough not at all', () => {
    const { dough, filling } = on(...allBut('dosed', 0.04));
    expect(Math.log(filling[1] / filling[0])).toBeCloseTo(2 * 1.6449 * 0.04, 6);
    expect(dough[1]).toBeCloseTo(dough[0], 6);
  });

  it('follows the sheets of the batch: dough in proportion but for what is not rolled', () => {
    const { dough, filling } = on(...allBut('thicker', 0.03));
    expect(Math.log(dough[1] / dough[0])).toBeCloseTo(2 * 1.6449 * 0.03, 3);
    expect(filling[1]).toBeCloseTo(filling[0], 6);
  });

  it('adds up doubts as squares: how the kitchen is, and how its batches differ', () => {
    const width = (...learnt: Learnt[]) => {
      const [low, high] = on(...learnt).filling;
      return Math.log(high / low);
    };
    const rest = allBut('dosed', 0).slice(1);
    const unsure = learntOf('dosed', 1, {
      low: Math.exp(-1.6449 * 0.03),
      high: Math.exp(1.6449 * 0.03),
      betweenBatches: 0.04,
    });
    expect(width(unsure, ...rest)).toBeCloseTo(2 * 1.6449 * 0.05, 6);
    const both = rest.map((each) => (each.quantity === 'bowl' ? known('bowl', 0.3) : each));
    const bowl = width(known('dosed', 0), ...both);
    expect(width(unsure, ...both)).toBeCloseTo(Math.hypot(2 * 1.6449 * 0.05, bowl), 4);
  });

  it('is wider before anything was learned, by how kitchens differ', () => {
    const [low, high] = on().filling;
    const [from, to] = on(...ALL.map((id) => known(id, 1.25 * QUANTITIES[id].noise))).filling;
    expect(Math.log(high / low)).toBeGreaterThan(1.2 * Math.log(to / from));
  });

  it('stands where the plan says what is to be made, and not where it is in hand', () => {
    const { working, ledger } = evaluatePlan(plan, startingBasis);
    const [low, high] = working.doughTotal.range!;
    const next = on().dough;
    expect([low, high]).toEqual(next.map((g) => g + ledger.dough.leftoverG));
    expect(working.fillingTotal.range![0]).toBeLessThan(working.fillingTotal.value);
    expect(working.fillingTotal.range![1]).toBeGreaterThan(working.fillingTotal.value);
    const inHand = planWith({ batch: { ...plan.batch, wayIn: 'both' } });
    expect(evaluatePlan(inHand, startingBasis).working.doughTotal.range).toBeUndefined();
  });

  it('holds what the plan says, of every plan', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const any = parsePlan(document, startingBasis.pantry);
        const { ledger } = evaluatePlan(any, startingBasis);
        const next = nextBatch(any, startingBasis);
        for (const bowl of ['dough', 'filling'] as const) {
          const taken = ledger[bowl].inG - ledger[bowl].leftoverG;
          expect(next[bowl][0]).toBeLessThanOrEqual(taken + 1e-6);
          expect(next[bowl][1]).toBeGreaterThanOrEqual(taken - 1e-6);
        }
      }),
      { numRuns: 60 },
    );
  });
});

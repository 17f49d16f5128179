import { startingBasis } from '../basis/basis';
import { evaluatePlan } from '../plan/evaluatePlan';
import { table } from '../testing/table';
import type { Working } from '../working/working';
import { FEW_PLANS, GOLDEN_PLANS } from '../../../demo/goldenPlans';

/** A figure's working in a line: what it comes to, and what went into it. */
const inShort = ({ value, inputs }: Working) => [value, ...inputs.map((each) => each.value)];

/** Whole results as they stand: a step that should change nothing is seen to change nothing. */
describe('the whole result of every starting and demo plan', () => {
  it.each(GOLDEN_PLANS)('%s', (_name, plan) => {
    const { working: _working, ladder, ...figures } = evaluatePlan(plan, startingBasis);
    expect(table({ ...figures, ladder: ladder.rungs })).toMatchSnapshot();
  });

  it.each(FEW_PLANS)('%s: how its figures are worked out, and its passes', (_name, plan) => {
    const { working, ladder } = evaluatePlan(plan, startingBasis);
    const figures = Object.entries(working).map(([id, each]) => [id, inShort(each)] as const);
    expect(table({ ...Object.fromEntries(figures), ladder })).toMatchSnapshot();
  });
});

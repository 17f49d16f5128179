import { startingBasis } from '@/core/basis/basis';
import type { Plan } from '@/core/plan/document/schema';
import { planWith } from '@/core/testing/plans';
import { answersOn } from './answer';

const start = planWith();
const dosed = (plan: Plan, doseG: number): Plan => ({ ...plan, shape: { ...plan.shape, doseG } });

describe('answersOn', () => {
  it('gives the very same answer when only words change', () => {
    const answer = answersOn(startingBasis);
    const first = answer(start);
    expect(answer({ ...start, note: 'thin edge', name: 'Friday' })).toBe(first);
    expect(answer(dosed(start, 7))).not.toBe(first);
  });
});

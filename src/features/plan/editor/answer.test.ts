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

describe('a plan whose batch was tested', () => {
  const tests = { spoon: { volumeMl: 15, diameterMm: 90 } };
  const answer = answersOn(startingBasis, { tests, of: start });

  it('comes to what was tested, and stays what was planned', () => {
    const { plan, tested, result } = answer(start);
    expect(plan).toBe(start);
    expect(tested.filling.spoonTest).toEqual(tests.spoon);
    expect(result.filling.stiffnessFrom).toBe('spoon');
  });

  it('goes by the rules again where its filling is another one', () => {
    const other = { ...start, filling: { ...start.filling, texture: 'blended' as const } };
    expect(answer(other).result.filling.stiffnessFrom).toBe('rule');
  });
});

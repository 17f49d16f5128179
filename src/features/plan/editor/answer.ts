import type { Basis } from '@/core/basis/basis';
import type { Plan } from '@/core/plan/document/schema';
import { evaluatePlan, type PlanResult } from '@/core/plan/evaluatePlan';
import { testsThatHold, withTests } from '@/core/run/batchTests';
import type { TestedBatch } from '@/server/repositories/batch';

/** A plan with what it comes to. */
export interface Answer {
  readonly plan: Plan;
  /** The plan with the tests of its batch in place of its rules: worked out from, never saved. */
  readonly tested: Plan;
  readonly result: PlanResult;
}

/**
 * Works plans out one after another on one basis, with the tests of the batch that is being made. A plan that
 * differs from the last in name and note alone gives the very same answer, so that nothing is drawn anew for a
 * word.
 */
export function answersOn(
  basis: Basis,
  batch: Pick<TestedBatch, 'tests' | 'of'> | null = null,
): (plan: Plan) => Answer {
  let last: Answer | null = null;
  return (plan) => {
    if (!last || !sameButWords(last.plan, plan)) {
      const tested = batch
        ? withTests(plan, testsThatHold(plan, batch.of, batch.tests), basis.pantry, batch.of)
        : plan;
      last = { plan, tested, result: evaluatePlan(tested, basis) };
    }
    return last;
  };
}

const WORDS: readonly (keyof Plan)[] = ['name', 'note', 'tags'];

const sameButWords = (a: Plan, b: Plan): boolean =>
  (Object.keys(a) as (keyof Plan)[]).every((key) => WORDS.includes(key) || a[key] === b[key]);

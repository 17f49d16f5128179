import type { Basis } from '@/core/basis/basis';
import type { Plan } from '@/core/plan/document/schema';
import { evaluatePlan, type PlanResult } from '@/core/plan/evaluatePlan';

/** A plan with what it comes to. */
export interface Answer {
  readonly plan: Plan;
  readonly result: PlanResult;
}

/**
 * Works plans out one after another on one basis. A plan that differs from the last in name and
 * note alone gives the very same answer, so that nothing is drawn anew for a word.
 */
export function answersOn(basis: Basis): (plan: Plan) => Answer {
  let last: Answer | null = null;
  return (plan) => {
    if (!last || !sameButWords(last.plan, plan)) last = { plan, result: evaluatePlan(plan, basis) };
    return last;
  };
}

const WORDS: readonly (keyof Plan)[] = ['name', 'note', 'tags'];

const sameButWords = (a: Plan, b: Plan): boolean =>
  (Object.keys(a) as (keyof Plan)[]).every((key) => WORDS.includes(key) || a[key] === b[key]);

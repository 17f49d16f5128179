import type { Basis, BasisParts } from '@/core/basis/basis';
import type { Plan } from '@/core/plan/document/schema';
import { basisPartsFor } from '@/core/plan/model/withLearnt';
import { evaluatePlan, type PlanResult } from '@/core/plan/evaluatePlan';
import { testsThatHold, withTests } from '@/core/run/batchTests';
import type { TestedBatch } from '@/server/repositories/batch';

/** A plan with what it comes to. */
export interface Answer {
  readonly plan: Plan;
  /** The plan with the tests of its batch in place of its rules: worked out from, never saved. */
  readonly tested: Plan;
  /** What it was worked out on, as a worker is sent it. */
  readonly on: BasisParts;
  readonly result: PlanResult;
}

/**
 * Works plans out one after another, with the tests of the batch that is being made. A plan that differs from the
 * last in name and note alone gives the very same answer, and so does a basis that differs in nothing that the plan
 * uses: nothing is drawn or searched anew for a word, or for the rest of the pantry.
 */
export function answering(): (
  plan: Plan,
  basis: Basis,
  batch: Pick<TestedBatch, 'tests' | 'of'> | null,
) => Answer {
  let last: (Answer & { readonly basis: Basis; readonly batch: unknown }) | null = null;
  return (plan, basis, batch) => {
    const same = last?.batch === batch && sameButWords(last.plan, plan);
    if (same && last?.basis === basis) return last;
    const tested = batch
      ? withTests(plan, testsThatHold(plan, batch.of, batch.tests), basis.pantry, batch.of)
      : plan;
    const on = basisPartsFor(tested, basis);
    if (same && last && JSON.stringify(last.on) === JSON.stringify(on)) return last;
    last = { plan, tested, on, result: evaluatePlan(tested, basis), basis, batch };
    return last;
  };
}

const WORDS: readonly (keyof Plan)[] = ['name', 'note', 'tags'];

const sameButWords = (a: Plan, b: Plan): boolean =>
  (Object.keys(a) as (keyof Plan)[]).every((key) => WORDS.includes(key) || a[key] === b[key]);

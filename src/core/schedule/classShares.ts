import type { PlanResult } from '../plan/evaluatePlan';
import type { Plan } from '../plan/document/schema';
import type { Service } from './document/day';

/** What each pair of a class is given at its station, and takes home. */
export interface ClassShares {
  readonly pairs: number;
  /** One for each pair, and one over for whoever tears a sheet. */
  readonly shares: number;
  readonly doughG: number;
  readonly fillingG: number;
  readonly piecesEach: number;
}

/** No more than this is made over for learners, share of the pieces. */
const MOST_SPARE = 0.25;

/**
 * Share of a class's pieces that is made over: one pair's worth, for the clumsy. Rule.
 * @example spareOfClass(10) // 0.0909
 */
export const spareOfClass = (pairs: number): number => Math.min(MOST_SPARE, 1 / (pairs + 1));

/** The plan of a class: learners lose as much as one pair makes, unless the plan counts on more. */
export const forClass = (plan: Plan, pairs: number): Plan => ({
  ...plan,
  batch: {
    ...plan.batch,
    breakageShare: Math.max(plan.batch.breakageShare ?? 0, spareOfClass(pairs)),
  },
});

/** What stands beside a bowl: `84 g to each of 10 pairs, and one share spare` */
export const classShareText = (amount: string, pairs: number): string =>
  `${amount} to each of ${pairs} pairs, and one share spare`;

/**
 * Dough and filling weighed out for each pair, the same for all, with one share over.
 * @example classShares(service, result) // { pairs: 10, shares: 11, doughG: 84, fillingG: 120, piecesEach: 13 }
 */
export function classShares(
  { pairs }: Pick<Service, 'pairs'>,
  { dough, filling, counts }: Pick<PlanResult, 'dough' | 'filling' | 'counts'>,
): ClassShares {
  const shares = pairs + 1;
  return {
    pairs,
    shares,
    doughG: dough.totalG / shares,
    fillingG: filling.totalG / shares,
    piecesEach: Math.floor(counts.made / shares),
  };
}

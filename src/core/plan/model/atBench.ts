import type { Breakage } from '../../batch/batch';
import type { CorrectionKind } from '../../dough/feel';
import type { Plan } from '../document/schema';

/** What was done to a dough under the hand: grams of flour or water, minutes, folds. */
export interface Made {
  readonly kind: CorrectionKind;
  readonly amount: number;
}

/** A plan as a bench has it: what was done to its dough belongs to the run, not to the plan's document. */
export interface PlanAtBench extends Plan {
  readonly made?: readonly Made[];
  /** The spares it was planned with: the bowls are made, whatever was found since. */
  readonly breakage?: Breakage;
}

/** How much of a kind was done. `madeOf(plan, 'flourG')` → `12` */
export const madeOf = ({ made = [] }: PlanAtBench, kind: CorrectionKind): number =>
  made.reduce((sum, each) => sum + (each.kind === kind ? each.amount : 0), 0);

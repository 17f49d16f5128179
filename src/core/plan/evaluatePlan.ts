import { solveBatch, type Batch } from '../batch/solveBatch';
import { startingPantry, type Pantry } from '../composition/pantry';
import { planContext, type PlanContext } from './context';
import { roundedUpToEggs } from './doughOfBatch';
import { figuresOf, type PlanFigures } from './figures';
import type { Plan } from './schema';
import { stationsOf } from './stations';
import { workingsOf } from './workings';

/** Everything a plan works out to. */
export type PlanResult = ReturnType<typeof evaluatePlan>;

/** The batch, its dough made up to whole eggs where that is asked for and nothing is in hand. */
function batchOf({ plan, pantry, wayIn, terms, addedDoughG }: PlanContext): Batch {
  const exact = solveBatch(wayIn, terms, addedDoughG);
  if (!plan.dough.roundUp || 'doughG' in wayIn) return exact;
  const neededG = exact.dough.inG - addedDoughG;
  const up = roundedUpToEggs(plan, neededG, pantry);
  return up ? solveBatch(wayIn, terms, addedDoughG + Math.max(0, up.doughG - neededG)) : exact;
}

/**
 * The figures of a plan alone, without the states of its stations and the workings: for lists.
 * @throws FieldError when an id is unknown or an amount impossible; a parsed plan never is
 */
export function planFigures(plan: Plan, pantry: Pantry = startingPantry): PlanFigures {
  const context = planContext(plan, pantry);
  return figuresOf(context, batchOf(context));
}

/**
 * Works a plan out: pieces, dough, filling, what is left, the piece itself, its margins and weakest
 * link, the state of every station, and the working of every figure.
 * @throws FieldError when an id is unknown or an amount impossible; a parsed plan never is
 * @example evaluatePlan(parsePlan(document)).pieces // 104
 */
export function evaluatePlan(plan: Plan, pantry: Pantry = startingPantry) {
  const context = planContext(plan, pantry);
  const figures = figuresOf(context, batchOf(context));
  return {
    ...figures,
    stations: stationsOf(plan, figures),
    working: workingsOf(context, figures),
  };
}

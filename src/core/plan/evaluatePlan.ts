import { startingPantry, type Pantry } from '../composition/pantry';
import { makePiece } from '../shapes/piece';
import { batchOfPlan } from './batchOfPlan';
import { planContext } from './context';
import { figuresOf, type PlanFigures } from './figures';
import { remediesFor } from './remedies';
import type { Plan } from './schema';
import { stationsOf } from './stations';
import { weakestLink } from './weakestLink';
import { workingsOf } from './workings';

/** Everything a plan works out to. */
export type PlanResult = ReturnType<typeof evaluatePlan>;

/**
 * What a plan comes to, no more than a list of plans shows: worked out in a third of the time.
 * @throws FieldError when an id is unknown or an amount impossible; a parsed plan never is
 */
export function planTally(plan: Plan, pantry: Pantry = startingPantry) {
  const context = planContext(plan, pantry);
  const { counts, portions, dough, filling } = batchOfPlan(context).batch;
  return {
    pieces: counts.made,
    portions,
    doughG: dough.inG,
    fillingG: filling.inG,
    weakestLink: weakestLink(makePiece(context.piece)),
    /** Whether its blanks can be cut from its sheet at all. */
    fits: context.laying.pieces > 0,
  };
}

/**
 * The figures of a plan alone, without remedies, the states of its stations and the workings: for comparisons.
 * @throws FieldError when an id is unknown or an amount impossible; a parsed plan never is
 */
export function planFigures(plan: Plan, pantry: Pantry = startingPantry): PlanFigures {
  const context = planContext(plan, pantry);
  return figuresOf(context, batchOfPlan(context));
}

/**
 * Works a plan out: pieces, dough, filling, what is left, the piece itself, its margins and weakest
 * link, the state of every station, and the working of every figure.
 * @throws FieldError when an id is unknown or an amount impossible; a parsed plan never is
 * @example evaluatePlan(parsePlan(document)).pieces // 104
 */
export function evaluatePlan(plan: Plan, pantry: Pantry = startingPantry) {
  const context = planContext(plan, pantry);
  const figures = figuresOf(context, batchOfPlan(context));
  return {
    ...figures,
    weakestLink: {
      ...figures.weakestLink,
      remedies: remediesFor(plan, context.piece, context.springBack),
    },
    stations: stationsOf(plan, figures),
    working: workingsOf(context, figures),
  };
}

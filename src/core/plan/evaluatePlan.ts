import type { Basis } from '../basis/basis';
import { marginsOf, type Margins } from '../risk/margins';
import { remediesOf } from '../risk/remedies';
import type { Quoted } from '../risk/remedy';
import { weakestLink, type WeakestLink } from '../risk/margins';
import { lazily } from '../working/lazy';
import type { Plan } from './document/schema';
import type { PlanAtBench } from './model/atBench';
import { figuresOf, type PlanFigures } from './model/figures';
import { ladderOf, type PlanLadder } from './model/ladder';
import { modelOf } from '../risk/modelOf';
import { stationsOf, verdictOf, type PlanVerdict, type Stations } from './stations';
import { nextBatch } from './nextBatch';
import { workingsOf, type Workings } from './workings';

/** Everything a plan works out to. */
export interface PlanResult extends PlanFigures {
  /** Capacity ÷ demand of every margin that can be told, by name. */
  readonly margins: Margins;
  readonly weakestLink: WeakestLink & { readonly remedies: readonly Quoted[] };
  readonly stations: Stations;
  readonly verdict: PlanVerdict;
  /** How the dough is cut and rolled. */
  readonly ladder: PlanLadder;
  /** The working of every figure, by the figure's id. */
  readonly working: Workings;
}

/** What a list of plans shows of one. */
export interface PlanTally {
  readonly pieces: number;
  readonly portions: number;
  readonly doughG: number;
  readonly fillingG: number;
  readonly weakestLink: WeakestLink;
  readonly verdict: PlanVerdict;
}

/**
 * What a plan comes to, no more than a list of plans shows.
 * @throws FieldError when an id is unknown or an amount impossible; a parsed plan never is
 */
export function planTally(plan: Plan, basis: Basis): PlanTally {
  const model = modelOf(plan, basis);
  const { counts, portions, dough, filling } = model.batch.batch;
  const margins = marginsOf(model);
  const weakest = weakestLink(margins, basis.rules);
  return {
    pieces: counts.made,
    portions,
    doughG: dough.inG,
    fillingG: filling.inG,
    weakestLink: weakest,
    verdict: verdictOf(weakest.state, stationsOf(model, figuresOf(model), margins)),
  };
}

/**
 * The figures of a plan alone, without remedies, the states of its stations and the workings.
 * @throws FieldError when an id is unknown or an amount impossible; a parsed plan never is
 */
export const planFigures = (plan: Plan, basis: Basis): PlanFigures =>
  figuresOf(modelOf(plan, basis));

/**
 * Works a plan out: pieces, dough, filling, what is left, the piece itself, its margins and weakest
 * link, the state of every station. Remedies and workings are made when they are asked for.
 * @throws FieldError when an id is unknown or an amount impossible; a parsed plan never is
 * @example evaluatePlan(plan, basis).pieces // 41
 */
export function evaluatePlan(plan: PlanAtBench, basis: Basis): PlanResult {
  const model = modelOf(plan, basis);
  const figures = figuresOf(model);
  const margins = marginsOf(model);
  const weakest = weakestLink(margins, basis.rules);
  const stations = stationsOf(model, figures, margins);
  return lazily(
    {
      ...figures,
      margins,
      weakestLink: lazily(weakest, { remedies: () => remediesOf(model) }),
      stations,
      verdict: verdictOf(weakest.state, stations),
    },
    {
      ladder: () => ladderOf(model),
      working: () => workingsOf(model, figures, () => nextBatch(plan, basis)),
    },
  );
}

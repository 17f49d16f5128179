import { stateOfMargin, type State } from '../basis/state';
import type { PlanModel } from '../plan/model/model';
import { MARGINS, marginsOf, type MarginId } from './margins';

/** The lowest margin of a piece. */
export interface WeakestLink {
  readonly name: MarginId;
  readonly margin: number;
  readonly state: State;
}

/**
 * Where a piece would fail first: the link whose capacity is lowest to its demand.
 * @example weakestLink(model) // { name: 'lip', margin: 1.11, state: 'edge' }
 */
export function weakestLink(model: PlanModel): WeakestLink {
  const margins = marginsOf(model);
  let weakest: { name: MarginId; margin: number } = { name: 'lip', margin: Infinity };
  for (const { id, link } of MARGINS) {
    const margin = margins[id];
    if (link && margin !== null && margin < weakest.margin) weakest = { name: id, margin };
  }
  return { ...weakest, state: stateOfMargin(weakest.margin, model.basis.rules) };
}

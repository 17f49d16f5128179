import type { PlanModel } from '../plan/model/model';
import { stateOfMargin, type State } from '../basis/state';

/** What a link can bear, and what it is asked to. */
export interface Balance {
  readonly capacity: number;
  readonly demand: number;
}

/** A margin: one link of the piece, of the sheet or of the pot that may give way. */
export interface Margin {
  readonly id: MarginId;
  /** The station at which it is set and seen. */
  readonly station: 'sheet' | 'shape';
  /** Whether a piece in which it fails is lost; else the bench can still work round it. */
  readonly link: boolean;
  /** What it asks for, in a few words. */
  readonly needs: string;
  /** Capacity against demand; `pending` while it cannot be told. */
  of(model: PlanModel): Balance | 'pending';
}

/** Names of the margins, as results give them. */
export type MarginId = 'lip' | 'thinning' | 'open';

/** Margins by name, capacity ÷ demand; null for one that cannot be told yet. */
export interface Margins {
  readonly lip: number;
  readonly thinning: number;
  readonly open: number | null;
}

/** The settled mound leaves bare dough enough to seal. */
const lip: Margin = {
  id: 'lip',
  station: 'shape',
  link: true,
  needs: 'bare dough to seal',
  // A mound past the edge has no lip at all, not a negative share of one.
  of: ({ piece: { made } }) => ({
    capacity: Math.max(0, made.lipMm),
    demand: made.neededLipMm,
  }),
};

/** The dough over the mound is thick enough not to tear. */
const thinning: Margin = {
  id: 'thinning',
  station: 'shape',
  link: true,
  needs: 'dough over the top',
  of: ({ piece: { made }, basis: { rules } }) => ({
    capacity: made.overTopMm,
    demand: rules['shape.tears'].value,
  }),
};

/** A sheet stays open until its last piece is closed. A cook can cover part of it, so no piece is lost. */
const open: Margin = {
  id: 'open',
  station: 'sheet',
  link: false,
  needs: 'a face that still seals',
  of: ({ sheet: { fill } }) =>
    fill.fillMin > 0 ? { capacity: fill.openMin, demand: fill.fillMin } : 'pending',
};

/** Every margin there is, in the order of the work. A further one is one more entry. */
export const MARGINS: readonly Margin[] = [lip, thinning, open];

/**
 * Every margin of a plan.
 * @example marginsOf(model) // { lip: 1.34, thinning: 2.02, open: 1.8 }
 */
export const marginsOf = (model: PlanModel): Margins =>
  Object.fromEntries(
    MARGINS.map((margin) => {
      const balance = margin.of(model);
      return [margin.id, balance === 'pending' ? null : balance.capacity / balance.demand];
    }),
  ) as unknown as Margins;

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

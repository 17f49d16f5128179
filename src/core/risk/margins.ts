import type { HeldModel } from '../plan/model/model';
import type { Rules } from '../basis/rules';
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
  readonly station: 'sheet' | 'shape' | 'seal' | 'boil';
  /** What it asks for, in a few words. */
  readonly needs: string;
  /** The bench can still work round it: it is said at its station, and loses no piece. */
  readonly workedRound?: true;
  /** Capacity against demand; `pending` while it cannot be told. */
  of(model: HeldModel): Balance | 'pending';
}

/** Names of the margins, as results give them, in the order of the work. */
export const MARGIN_IDS = [
  'lip',
  'thinning',
  'open',
  'seal',
  'seep',
  'lift',
  'burst',
  'face',
] as const;

export type MarginId = (typeof MARGIN_IDS)[number];

/** Margins by name, capacity ÷ demand; null for one that cannot be told. */
export type Margins = Readonly<Record<Exclude<MarginId, 'open'>, number>> & {
  readonly open: number | null;
};

/** What a margin counts as where its capacity has no end, or nothing is asked of it. */
export const NO_END = 9;

/** The settled mound leaves bare dough enough to seal. */
const lip: Margin = {
  id: 'lip',
  station: 'shape',
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
  needs: 'dough over the top',
  of: ({ piece: { made }, basis: { rules } }) => ({
    capacity: made.overTopMm,
    demand: rules['shape.tears'].value,
  }),
};

/**
 * A sheet stays open until its last piece is closed. One that would dry is filled a length at a time, the
 * rest under cover: no piece is lost by it.
 */
const open: Margin = {
  id: 'open',
  station: 'sheet',
  needs: 'a face that still seals',
  workedRound: true,
  of: ({ sheet: { fill } }) =>
    fill.fillMin > 0 ? { capacity: fill.openMin, demand: fill.fillMin } : 'pending',
};

/** The faces join firmly enough for the pot. */
const seal: Margin = {
  id: 'seal',
  station: 'seal',
  needs: 'faces that join',
  of: ({ hold, basis: { rules } }) => ({
    capacity: hold.sealFactor,
    demand: rules['seal.holds'].value,
  }),
};

/** The under-face stays dry, and the filling safe, for as long as the hold is planned. */
const seep: Margin = {
  id: 'seep',
  station: 'seal',
  needs: 'an under-face that stays dry',
  of: ({ hold }) => ({ capacity: hold.goodFor?.minute ?? Infinity, demand: hold.plannedMin }),
};

/** A piece can be lifted from its tray. */
const lift: Margin = {
  id: 'lift',
  station: 'seal',
  needs: 'dough that bears its piece',
  of: ({ hold }) => ({ capacity: hold.wetKPa, demand: hold.pullKPa }),
};

/** The air left in the pocket has room to swell. */
const burst: Margin = {
  id: 'burst',
  station: 'boil',
  needs: 'room for the air in it',
  of: ({ boil }) => ({ capacity: boil.burst.room, demand: boil.burst.growth }),
};

/** The skin stands the pot for as long as the middle and the edge need. */
const face: Margin = {
  id: 'face',
  station: 'boil',
  needs: 'a skin that stands the pot',
  of: ({ boil }) => ({ capacity: boil.skinStandsMin, demand: boil.potMin }),
};

/** Every margin there is, in the order of the work. A further one is one more entry. */
export const MARGINS: readonly Margin[] = [lip, thinning, open, seal, seep, lift, burst, face];

/** Capacity over demand; where neither can be told apart from no end, it counts as {@link NO_END}. */
const ratio = ({ capacity, demand }: Balance): number =>
  demand > 0 && Number.isFinite(capacity) ? capacity / demand : NO_END;

/**
 * Every margin of a plan.
 * @example marginsOf(model) // { lip: 2.13, thinning: 1.91, open: 4.19, seal: 2, … }
 */
export const marginsOf = (model: HeldModel): Margins =>
  Object.fromEntries(
    MARGINS.map((margin) => {
      const balance = margin.of(model);
      return [margin.id, balance === 'pending' ? null : ratio(balance)];
    }),
  ) as unknown as Margins;

/** The lowest margin of a plan. */
export interface WeakestLink {
  readonly name: MarginId;
  readonly margin: number;
  readonly state: State;
}

/**
 * Where a batch would fail first: the link whose capacity is lowest to its demand.
 * @example weakestLink(marginsOf(model), rules) // { name: 'burst', margin: 1.82, state: 'holds' }
 */
export function weakestLink(margins: Margins, rules: Rules): WeakestLink {
  let weakest: { name: MarginId; margin: number } = { name: 'lip', margin: Infinity };
  for (const { id, workedRound } of MARGINS) {
    const margin = margins[id];
    if (!workedRound && margin !== null && margin < weakest.margin) weakest = { name: id, margin };
  }
  return { ...weakest, state: stateOfMargin(weakest.margin, rules) };
}

import type { HeldModel } from '../../plan/model/model';
import type { Rules } from '../../basis/rules';
import { stateOfMargin, type State } from '../../basis/state';
import { ALL } from './all';
import { ratio, type Margin } from './margin';

export { NO_END, type Margin } from './margin';

export type MarginId = (typeof ALL)[number]['id'];

/** Every margin there is, in the order of the work. */
export const MARGINS: readonly (Margin & { readonly id: MarginId })[] = ALL;

/** Names of the margins, as results give them, in the order of the work. */
export const MARGIN_IDS: readonly MarginId[] = MARGINS.map(({ id }) => id);

/** Margins by name, capacity ÷ demand; null for one that cannot be told. */
export type Margins = Readonly<Record<Exclude<MarginId, 'open'>, number>> & {
  readonly open: number | null;
};

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

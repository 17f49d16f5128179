import type { RuleId } from '../basis/rules';

/** Kinds of binder that a wet filling can take. */
export type BinderKind = 'crumbs' | 'potato' | 'hardCheese' | 'starch';

export interface Binder {
  readonly name: string;
  /** Ingredients that count as it; the first is offered when the recipe has none. */
  readonly ids: readonly string[];
  /** The rule that says how much of a filling it may be before it is tasted. */
  readonly limit: RuleId;
}

/** Binders with their flavour limits. */
export const BINDERS: Readonly<Record<BinderKind, Binder>> = {
  crumbs: {
    name: 'Crumbs',
    ids: ['breadcrumbs-dry', 'breadcrumbs-fresh', 'amaretti-crumbs'],
    limit: 'filling.limit.crumbs',
  },
  potato: {
    name: 'Potato',
    ids: ['potato-baked-riced', 'potato-boiled-riced', 'potato-flakes'],
    limit: 'filling.limit.potato',
  },
  hardCheese: {
    name: 'Hard cheese',
    ids: ['hard-cheese-aged', 'hard-cheese-ewe'],
    limit: 'filling.limit.hardCheese',
  },
  starch: { name: 'Starch', ids: ['cornflour'], limit: 'filling.limit.starch' },
};

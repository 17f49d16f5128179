/** Kinds of binder that a wet filling can take. */
export type BinderKind = 'crumbs' | 'potato' | 'hardCheese' | 'starch';

export interface Binder {
  readonly name: string;
  /** Ingredients that count as it; the first is offered when the recipe has none. */
  readonly ids: readonly string[];
  /** More than this of a filling and it tastes of it. Rule, share of the filling. */
  readonly limit: number;
}

/** Binders with their flavour limits. */
export const BINDERS: Readonly<Record<BinderKind, Binder>> = {
  crumbs: {
    name: 'Crumbs',
    ids: ['breadcrumbs-dry', 'breadcrumbs-fresh', 'amaretti-crumbs'],
    limit: 0.08,
  },
  potato: {
    name: 'Potato',
    ids: ['potato-baked-riced', 'potato-boiled-riced', 'potato-flakes'],
    limit: 0.15,
  },
  hardCheese: { name: 'Hard cheese', ids: ['hard-cheese-aged', 'hard-cheese-ewe'], limit: 0.25 },
  starch: { name: 'Starch', ids: ['cornflour'], limit: 0.03 },
};

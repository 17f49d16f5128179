import type { IngredientGroup } from '../composition/ingredient';

/** How an ingredient is bought. */
export type Pack =
  /** Counted eggs. */
  | { readonly kind: 'egg' }
  /** Whole packets of a size. */
  | { readonly kind: 'packet'; readonly name: string; readonly sizeG: number }
  /** Weighed out, rounded up to a step. */
  | { readonly kind: 'loose'; readonly stepG: number }
  /** Poured, rounded up to a step. */
  | { readonly kind: 'poured'; readonly stepMl: number }
  /** From the tap. */
  | { readonly kind: 'none' };

const OWN: Readonly<Record<string, Pack>> = {
  water: { kind: 'none' },
  'salt-fine': { kind: 'packet', name: 'packet', sizeG: 500 },
  butter: { kind: 'packet', name: 'block', sizeG: 250 },
  'plant-egg-liquid': { kind: 'poured', stepMl: 250 },
};

const BY_GROUP: Readonly<Record<IngredientGroup, Pack>> = {
  flour: { kind: 'packet', name: 'bag', sizeG: 1000 },
  egg: { kind: 'egg' },
  'egg-substitute': { kind: 'poured', stepMl: 250 },
  liquid: { kind: 'poured', stepMl: 50 },
  colour: { kind: 'loose', stepG: 10 },
  fat: { kind: 'poured', stepMl: 50 },
  seasoning: { kind: 'loose', stepG: 10 },
  'fresh-cheese': { kind: 'packet', name: 'tub', sizeG: 250 },
  'melting-cheese': { kind: 'loose', stepG: 25 },
  'hard-cheese': { kind: 'loose', stepG: 25 },
  binder: { kind: 'packet', name: 'packet', sizeG: 250 },
  starchy: { kind: 'loose', stepG: 50 },
  vegetable: { kind: 'loose', stepG: 50 },
  leaf: { kind: 'loose', stepG: 50 },
  herb: { kind: 'packet', name: 'bunch', sizeG: 30 },
  meat: { kind: 'loose', stepG: 50 },
  fish: { kind: 'loose', stepG: 50 },
  nut: { kind: 'packet', name: 'packet', sizeG: 100 },
  made: { kind: 'none' },
};

/** How an ingredient is usually bought. Table: sizes differ from shop to shop. */
export const packOf = (id: string, group: IngredientGroup): Pack => OWN[id] ?? BY_GROUP[group];

/** Where in a shop a group stands, in the order of a round through it. */
export const AISLES = [
  'Flour',
  'Eggs',
  'Dairy',
  'Vegetables and herbs',
  'Meat and fish',
  'Cupboard',
] as const;

export type Aisle = (typeof AISLES)[number];

const AISLE_OF: Readonly<Record<IngredientGroup, Aisle>> = {
  flour: 'Flour',
  egg: 'Eggs',
  'egg-substitute': 'Cupboard',
  liquid: 'Cupboard',
  colour: 'Cupboard',
  fat: 'Cupboard',
  seasoning: 'Cupboard',
  'fresh-cheese': 'Dairy',
  'melting-cheese': 'Dairy',
  'hard-cheese': 'Dairy',
  binder: 'Cupboard',
  starchy: 'Vegetables and herbs',
  vegetable: 'Vegetables and herbs',
  leaf: 'Vegetables and herbs',
  herb: 'Vegetables and herbs',
  meat: 'Meat and fish',
  fish: 'Meat and fish',
  nut: 'Cupboard',
  made: 'Cupboard',
};

/** The aisle of a group; butter and milk stand with the dairy whatever their group. */
export const aisleOf = (group: IngredientGroup, allergens: readonly string[]): Aisle =>
  AISLE_OF[group] === 'Cupboard' && allergens.includes('milk') ? 'Dairy' : AISLE_OF[group];

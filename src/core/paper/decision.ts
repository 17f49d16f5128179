import type { Picture } from '../drills/drill';
import type { PlanModel } from '../plan/model/model';
import type { Standing } from './standing';

/** The decisions of a batch, in the order of the work. */
export const DECISION_IDS = [
  'buy',
  'mix',
  'rest',
  'filling',
  'roll',
  'dose',
  'close',
  'hold',
  'boil',
] as const;

export type DecisionId = (typeof DECISION_IDS)[number];

/** What a cook has before them when they decide. */
export interface Seen {
  /** In words that carry as much as the picture. */
  readonly sees: string;
  readonly picture?: Picture;
}

/** One decision of a batch on paper: one file each. */
export interface Decision {
  readonly name: string;
  readonly asks: string;
  /** The way of a careful cook who sees nothing odd. */
  readonly careful: string;
  /** Ways to decide, by name. */
  readonly ways: Readonly<
    Record<string, { readonly says: string; readonly does: (standing: Standing) => Standing }>
  >;
  /** What is before the cook: the batch as it truly stands, told as eye, hand and scale tell it. */
  readonly shows: (standing: Standing, made: PlanModel) => Seen;
}

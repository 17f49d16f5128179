import { asMeant } from '../faults/batch';
import { QUESTIONS } from '../faults/questions';
import type { PlanModel } from '../plan/model/model';

/** What a poked dent does. */
export const DENTS = {
  jumps: 'A dent jumps back at once.',
  creeps: 'A dent comes back slowly.',
  stays: 'A dent stays.',
} as const;

/** What a bit of it does that is pinched flat and folded. */
export const FOLDS = {
  cracks: 'Folded, it cracks white.',
  bends: 'Folded, it bends clean.',
  tacks: 'Folded, it sticks to itself.',
} as const;

/** How a dough feels under the hand. */
export interface Feeling {
  readonly dent: keyof typeof DENTS;
  readonly fold: keyof typeof FOLDS;
  readonly streaks: boolean;
}

/** A dough less developed than this shows streaks. */
const STREAKS_BELOW = 0.75;

/** How a dough that was made so feels, read by the questions that a fault is traced by. */
export function feelingOf(made: PlanModel): Feeling {
  const batch = asMeant(made);
  return {
    dent: QUESTIONS.rested.truth(batch) as Feeling['dent'],
    fold: QUESTIONS.pinch.truth(batch) as Feeling['fold'],
    streaks: made.dough.ready.development < STREAKS_BELOW,
  };
}

/** A feeling in words. */
export const feelingWords = ({ dent, fold, streaks }: Feeling): string =>
  `${DENTS[dent]} ${FOLDS[fold]} ${streaks ? 'Pale streaks run through it.' : 'It is one colour.'}`;

/** What kneads the dough. */
export type Kneader = 'hand' | 'mixer' | 'processor';

/** Time constant of each, min. Rule. */
export const KNEAD_TAU_MIN: Readonly<Record<Kneader, number>> = {
  hand: 3.5,
  mixer: 2.5,
  processor: 0.4,
};

/** What one letter fold at the widest setting adds. Rule. */
export const FOLD_GAIN = 0.04;

/** A dough is kneaded enough at this development. Rule. */
export const KNEADED = 0.9;

/**
 * How far the gluten is developed, 0 to 1. Rule (estimate): 1 − e^(−minutes ÷ τ), + 0.04 a letter
 * fold, not above 1.
 * @param minutes 0 or more
 * @example development({ by: 'hand', minutes: 8, folds: 0 }) // 0.898
 */
export const development = ({
  by,
  minutes,
  folds,
}: {
  by: Kneader;
  minutes: number;
  folds: number;
}): number => Math.min(1, 1 - Math.exp(-minutes / KNEAD_TAU_MIN[by]) + FOLD_GAIN * folds);

/** Minutes of kneading until it is kneaded enough. `kneadWanted('hand')` → `8.06` */
export const kneadWanted = (by: Kneader): number => -KNEAD_TAU_MIN[by] * Math.log(1 - KNEADED);

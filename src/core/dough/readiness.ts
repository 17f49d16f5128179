import type { Rules } from '../basis/rules';
import { development, kneadWanted, type Kneader } from './development';
import { relaxationLeft, restWanted } from './relaxation';

/** How a dough is worked and rested. */
export interface DoughWork {
  readonly by: Kneader;
  readonly kneadMin: number;
  /** Letter folds at the widest setting. */
  readonly folds: number;
  readonly restMin: number;
  /** Where it rests, °C. */
  readonly restC: number;
}

export interface Readiness {
  /** From kneading alone: what stands before the first pass. */
  readonly kneaded: number;
  /** With the letter folds at the roller. */
  readonly development: number;
  readonly relaxationLeft: number;
  /** Kneaded and rested enough is 1. */
  readonly readiness: number;
  readonly kneadedEnough: boolean;
  readonly restedEnough: boolean;
  readonly kneadWantedMin: number;
  readonly restWantedMin: number;
  /** From wetting the flour to the first pass, as it is worked: kneading enough, then resting enough. */
  readonly earliestMin: number;
}

/**
 * Whether a dough is ready to roll. Rule (estimate): how far it is kneaded against 0.9, times how
 * far it has rested against 0.2 of its spring left, neither counted beyond enough.
 * @example readiness({ by: 'hand', kneadMin: 10, folds: 3, restMin: 30, restC: 22 }, startingRules).readiness // 1
 */
export function readiness(
  { by, kneadMin, folds, restMin, restC }: DoughWork,
  rules: Rules,
): Readiness {
  const kneaded = development({ by, minutes: kneadMin, folds: 0 }, rules);
  const left = relaxationLeft({ minutes: restMin, tempC: restC }, rules);
  const kneadWantedMin = kneadWanted(by, rules);
  const restWantedMin = restWanted(restC, rules);
  return {
    kneaded,
    development: development({ by, minutes: kneadMin, folds }, rules),
    relaxationLeft: left,
    readiness:
      Math.min(1, kneaded / rules['dough.knead.enough'].value) *
      Math.min(1, (1 - left) / (1 - rules['dough.rest.enough'].value)),
    kneadedEnough: kneaded >= rules['dough.knead.enough'].value,
    restedEnough: left <= rules['dough.rest.enough'].value,
    kneadWantedMin,
    restWantedMin,
    earliestMin: Math.max(kneadMin, kneadWantedMin) + restWantedMin,
  };
}

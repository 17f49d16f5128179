import { NINETY } from './posterior';

/** What is held true of a cause before any batch: a Gamma of this shape and mean 1. Rule. */
const SHAPE = 4;

/** A cause is expected to lose this share at least: a model that says none does not make one loss a wonder. */
export const LEAST_EXPECTED = 0.005;

/** How many more pieces a kitchen loses to a cause than the sums say. */
export interface LossMultiplier {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

/**
 * How many times what the sums expect a kitchen loses to a cause. Law: Poisson counts on a Gamma prior,
 * (4 + lost) ÷ (4 + expected); its 90 % range by Wilson and Hilferty.
 * @param lost pieces lost to it, over all batches
 * @param expected pieces that the sums expected lost to it, at each batch's own margins
 * @example lossMultiplier(33, 0.2).value // 8.8: still no 40 times
 */
export function lossMultiplier(lost: number, expected: number): LossMultiplier {
  const shape = SHAPE + lost;
  const rate = SHAPE + expected;
  const at = (z: number) =>
    (shape / rate) * Math.max(0, 1 - 1 / (9 * shape) + z / (3 * Math.sqrt(shape))) ** 3;
  return { value: shape / rate, low: at(-NINETY), high: at(NINETY) };
}

import type { QuantityId } from '../basis/learnt';
import { QUANTITIES } from './quantities';
import { fromScale, toScale } from './scale';

/** What one batch says of a quantity, in its own unit, and how far off that may be, in its scale. */
export interface Look {
  readonly value: number;
  readonly sd: number;
}

/** Batches are looked for this many standard deviations to either side of what is typical, in so many steps. */
const GRID = { reach: 5, steps: 1000 } as const;

/** A share told no better than so many times what is typical is no evidence: two weights that nearly agree. */
const TOO_VAGUE = 3;

/** A look lies no further off what is typical, in deviations of a batch: one that widens what is known moves it still. */
const FURTHEST = 3;

/**
 * What a share says that is a small difference of large weights: its error is even in grams, while the share is
 * estimated by its logarithm, where a difference near 0, or below it, would lie anywhere. The batch's own share
 * is found by Bayes from how kitchens and batches differ, and told as the look that would have led there. Law.
 * @param share as weighed; below 0 where more came out than went in
 * @param off one standard deviation of it, as a share
 * @returns null where the weights drown what they should tell
 * @example shareLook('stuck', 0.05, 0.001) // { value: 0.05, sd: 0.02 }
 */
export function shareLook(
  id: Extract<QuantityId, 'stuck' | 'bowl'>,
  share: number,
  off: number,
): Look | null {
  const { scale, typical, spread, noise } = QUANTITIES[id];
  if (!(off > 0 && off < TOO_VAGUE * typical) || !Number.isFinite(share)) return null;
  const [mean, sd] = [toScale(scale, typical), Math.hypot(spread, noise)];
  const points = Array.from({ length: GRID.steps + 1 }, (_, i) => {
    const z = GRID.reach * ((2 * i) / GRID.steps - 1);
    const at = mean + sd * z;
    return { at, log: -(z ** 2 + ((share - fromScale(scale, at)) / off) ** 2) / 2 };
  });
  const most = Math.max(...points.map(({ log }) => log));
  const weights = points.map(({ log }) => Math.exp(log - most));
  const all = weights.reduce((sum, each) => sum + each, 0);
  const moment = (of: (at: number) => number) =>
    points.reduce((sum, { at }, i) => sum + weights[i]! * of(at), 0) / all;
  const found = moment((at) => at);
  const variance = moment((at) => (at - found) ** 2);
  // Precisions as shares of what is known without the look.
  const moved = Math.abs(found - mean) / sd;
  const precision = Math.max(1e-6, sd ** 2 / variance - 1, moved / (FURTHEST - moved));
  const value = found + (found - mean) / precision;
  return { value: fromScale(scale, value), sd: sd / Math.sqrt(precision) };
}

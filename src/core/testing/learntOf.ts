import type { Learnt, QuantityId } from '../basis/learnt';
import { TYPICAL_BATCHES } from '../calibrate/posterior';
import { QUANTITIES } from '../calibrate/quantities';

/** Something learned from six batches, likely within a tenth either way. */
export const learntOf = (
  quantity: QuantityId,
  value: number,
  change: Partial<Learnt> = {},
): Learnt => ({
  quantity,
  key: '',
  value,
  low: value * 0.9,
  high: value * 1.1,
  betweenBatches: TYPICAL_BATCHES * QUANTITIES[quantity].noise,
  typical: QUANTITIES[quantity].typical,
  runs: 6,
  held: false,
  ...change,
});

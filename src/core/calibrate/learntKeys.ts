import type { Learnt, QuantityId } from '../basis/learnt';

/** The key of what one cook does with one shape. */
export const cookKey = (shape: string, cook: string): string => `${shape}/${cook}`;

/** Holds everything at typical, whatever else is learnt. */
export const HOLD_ALL = '*';

/** The name that one is held at typical by. */
export const heldName = ({ quantity: id, key }: Pick<Learnt, 'quantity' | 'key'>): string =>
  `${id}/${key}`;

/** What was learnt of a quantity, where it is not held at typical; null without. */
export const learntOfKey = (learnt: readonly Learnt[], id: QuantityId, key = ''): Learnt | null =>
  learnt.find((each) => each.quantity === id && each.key === key && !each.held) ?? null;

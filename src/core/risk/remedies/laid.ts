import { LAID } from '../../shapes/mound';
import type { Remedy } from '../remedy';

/** A taller mound: piped, gathered under the sheet with a dull ring, or rolled to a ball. */
export const laid: Remedy<'laid'> = {
  kind: 'laid',
  lifts: ['lip', 'burst'],
  propose({ plan, piece: { input }, basis: { rules } }) {
    if (!input.family.usesLaid) return [];
    const from = plan.shape.laid;
    const height = (way: typeof from) => rules[`shape.laid.${way}`].value;
    return LAID.filter((to) => height(to) > height(from)).map((to) => ({ kind: 'laid', from, to }));
  },
  apply: (plan, { to }) => ({ ...plan, shape: { ...plan.shape, laid: to } }),
};

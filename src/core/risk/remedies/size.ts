import { smallestSize } from '../../shapes/piece';
import { hold, type Remedy } from '../remedy';

/** A wider blank: only where the blank is the cook's to choose, not a mould's. */
export const size: Remedy<'size'> = {
  kind: 'size',
  lifts: ['lip', 'burst'],
  propose({ piece: { input }, basis: { rules } }) {
    if (input.family.id === 'mouldedRavioli') return [];
    const { sizeMm } = input.size;
    const toMm = smallestSize(input, { margin: rules['risk.aim'].value }, rules);
    if (toMm === null || Math.ceil(toMm) <= sizeMm) return [];
    return [{ kind: 'size', fromMm: sizeMm, toMm: Math.ceil(toMm) }];
  },
  apply: (plan, { toMm }) => ({
    ...plan,
    ...hold(plan, 'size'),
    shape: { ...plan.shape, sizeMm: toMm },
  }),
};

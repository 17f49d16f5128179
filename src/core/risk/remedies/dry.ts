import { suitsGuests } from '../../plan/model/contents';
import { applyDrying, dryingRemedies } from '../drying';
import type { Remedy } from '../remedy';

/** So many ways of drying are worth trying out on a plan; the filling's own list has them all. */
const MOST = 4;

/** A stiffer filling: drained, dried or bound until it is firm. Only where it is loose enough to settle or to seep. */
export const dry: Remedy<'dry'> = {
  kind: 'dry',
  lifts: ['lip', 'seep', 'lift'],
  propose({ plan, piece: { made }, hold, basis }) {
    const { pantry } = basis;
    const settles = made.mound.slumpedRadiusMm > made.mound.laidRadiusMm;
    if (!settles && hold.minutesToTacky === null) return [];
    const target = basis.rules['filling.free.firm'].value;
    return dryingRemedies(plan.filling, target, basis)
      .filter((step) =>
        suitsGuests(plan, { ...plan, filling: applyDrying(plan.filling, step) }, pantry),
      )
      .slice(0, MOST)
      .map((step) => ({ kind: 'dry', step }));
  },
  apply: (plan, { step }) => ({ ...plan, filling: applyDrying(plan.filling, step) }),
};

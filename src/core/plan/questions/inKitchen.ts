import { startingBasis, type Basis } from '../../basis/basis';
import type { Kitchen } from '../../kitchen/kitchen';
import { onRoller } from './onRoller';
import { springBackOf } from '../model/rolling';
import type { Plan } from '../document/schema';

/** A plan made with a kitchen's own: its first roller and what that leaves, its eggs, its air. */
export function inKitchen(
  plan: Plan,
  { rollers: [roller], eggG, yolkG, roomC, rh, benchMm }: Kitchen,
  basis: Basis = startingBasis,
): Plan {
  const here: Plan = {
    ...plan,
    dough: { ...plan.dough, eggG, yolkG, roomC },
    // A starting plan's own shorter sheet stays: a longer one would dry before it is filled.
    sheet: { ...plan.sheet, benchMm: Math.min(plan.sheet.benchMm, benchMm), rh },
  };
  return roller ? onRoller(here, roller, springBackOf(here, basis)) : here;
}

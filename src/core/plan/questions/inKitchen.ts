import { startingBasis, type Basis } from '../../basis/basis';
import { waterIn } from '../../boil/rounds';
import type { Kitchen } from '../../kitchen/kitchen';
import { PLAN_FIELDS } from '../document/planFields';
import { springBackOf } from '../model/rolling';
import type { Plan } from '../document/schema';
import type { Roller } from '../../sheet/roller';
import { toSetting } from '../../sheet/setting';

/** A plan made with a kitchen's own: its first roller and what that leaves, its eggs, its air. */
export function inKitchen(
  plan: Plan,
  { rollers: [roller], eggG, yolkG, roomC, rh, benchMm, pots }: Kitchen,
  basis: Basis = startingBasis,
): Plan {
  const largest = [...pots].sort((a, b) => b.litres - a.litres)[0];
  const here: Plan = {
    ...plan,
    dough: { ...plan.dough, eggG, yolkG, roomC },
    // A starting plan's own shorter sheet stays: a longer one would dry before it is filled.
    sheet: { ...plan.sheet, benchMm: Math.min(plan.sheet.benchMm, benchMm), rh },
    boil: largest ? { ...plan.boil, waterL: waterIn(largest.litres, basis.rules) } : plan.boil,
  };
  return roller ? onRoller(here, roller, springBackOf(here, basis)) : here;
}

/** A step this near the thickness wanted, mm, is what was meant by it. */
const MEANT_MM = 0.11;

/**
 * The plan rolled on a roller: the sheet no wider than it, the thickness moved to what its nearest
 * step leaves where that is close.
 * @param springBack how much thicker than the gap its sheets come out, share
 */
export function onRoller(plan: Plan, roller: Roller, springBack: number): Plan {
  const { thicknessMm, widthMm } = plan.sheet;
  const left = toSetting(roller, thicknessMm, { springBack, withinMm: MEANT_MM });
  return {
    ...plan,
    sheet: {
      ...plan.sheet,
      roller,
      thicknessMm: Math.min(left, PLAN_FIELDS['sheet.thicknessMm'].max),
      widthMm: Math.min(widthMm, roller.widthMm),
    },
  };
}

import type { Roller } from '../../sheet/roller';
import { toSetting } from '../../sheet/setting';
import type { Plan } from '../document/schema';

/** A step this near the thickness wanted, mm, is what was meant by it. */
const MEANT_MM = 0.11;

/**
 * The plan rolled on a roller: the sheet no wider than it, the thickness moved to what its nearest
 * step leaves where that is close.
 * @param springBack how much thicker than the gap its sheets come out, share
 */
export function onRoller(plan: Plan, roller: Roller, springBack: number): Plan {
  const { thicknessMm, widthMm } = plan.sheet;
  return {
    ...plan,
    sheet: {
      ...plan.sheet,
      roller,
      thicknessMm: toSetting(roller, thicknessMm, { springBack, withinMm: MEANT_MM }),
      widthMm: Math.min(widthMm, roller.widthMm),
    },
  };
}

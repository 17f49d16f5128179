import type { Rules } from '../../basis/rules';
import { familyOf, type FamilyId } from '../../shapes/families';
import { toSetting } from '../../sheet/setting';
import { layingFor } from '../model/laying';
import type { Plan } from '../document/schema';
import { startingShape } from '../starting/startingShapes';

/**
 * The plan made as another shape: measures, dose, edge and thickness as that shape
 * starts, everything else kept but a sheet too narrow for it. What the nearest step of the plan's own
 * roller leaves is taken for the thickness.
 * @param springBack how much thicker than the gap a sheet comes out, share
 */
export function changeFamily(plan: Plan, family: FamilyId, springBack: number, rules: Rules): Plan {
  if (plan.shape.family === family) return plan;
  const { shape, thicknessMm: wanted } = startingShape(family);
  const thicknessMm = toSetting(plan.sheet.roller, wanted, { springBack, withinMm: 0.15 }, rules);
  const next = { ...plan, shape, sheet: { ...plan.sheet, thicknessMm } };
  const piece = { family: familyOf(family), size: shape, thicknessMm };
  if (layingFor(next, piece, next.sheet.benchMm).pieces > 0) return next;
  // Its blank or mould is wider than the sheet as it was straightened: the whole roller, then.
  return { ...next, sheet: { ...next.sheet, widthMm: plan.sheet.roller.widthMm } };
}

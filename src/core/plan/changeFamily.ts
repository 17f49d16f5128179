import { familyOf, type FamilyId } from '../shapes/families';
import { layingFor } from './layingFor';
import type { Plan } from './schema';
import { startingShape } from './startingShapes';

/**
 * The plan made as another shape: measures, dose, edge and thickness as that shape
 * starts, everything else kept but a sheet too narrow for it. A setting of the plan's own roller is taken for the thickness.
 */
export function changeFamily(plan: Plan, family: FamilyId): Plan {
  if (plan.shape.family === family) return plan;
  const { shape, thicknessMm: wanted } = startingShape(family);
  const step = plan.sheet.roller.steps.reduce((best, each) =>
    Math.abs(each.mm - wanted) < Math.abs(best.mm - wanted) ? each : best,
  );
  const near = Math.abs(step.mm - wanted) <= 0.15 ? step.mm : wanted;
  const next = { ...plan, shape, sheet: { ...plan.sheet, thicknessMm: near } };
  const piece = { family: familyOf(family), size: shape, thicknessMm: near };
  if (layingFor(next, piece).pieces > 0) return next;
  // Its blank or mould is wider than the sheet as it was straightened: the whole roller, then.
  return { ...next, sheet: { ...next.sheet, widthMm: plan.sheet.roller.widthMm } };
}

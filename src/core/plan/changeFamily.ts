import type { FamilyId } from '../shapes/families';
import type { Plan } from './schema';
import { startingPlans } from './startingPlans';

/**
 * The plan made as another shape: measures, dose, edge and thickness from that shape's own starting
 * plan, everything else kept. A setting of the plan's own roller is taken for the thickness.
 */
export function changeFamily(plan: Plan, family: FamilyId): Plan {
  if (plan.shape.family === family) return plan;
  const start = startingPlans[family];
  const wanted = start.sheet.thicknessMm;
  const step = plan.sheet.roller.steps.reduce((best, each) =>
    Math.abs(each.mm - wanted) < Math.abs(best.mm - wanted) ? each : best,
  );
  const near = Math.abs(step.mm - wanted) <= 0.15 ? step.mm : wanted;
  return { ...plan, shape: start.shape, sheet: { ...plan.sheet, thicknessMm: near } };
}

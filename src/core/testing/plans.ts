import { parsePlan } from '../plan/document/parsePlan';
import type { Plan } from '../plan/document/schema';
import { startingPlans } from '../plan/starting/startingPlans';
import type { FamilyId } from '../shapes/families';

/** For tests: a starting plan with some sections changed, read again as a whole. */
export function planWith(
  changes: { [K in keyof Plan]?: Plan[K] extends object ? Partial<Plan[K]> : Plan[K] } = {},
  family: FamilyId = 'ravioliSquare',
): Plan {
  const document: Record<string, unknown> = { ...startingPlans[family] };
  for (const [key, change] of Object.entries(changes)) {
    const before = document[key];
    document[key] =
      typeof before === 'object' && typeof change === 'object' ? { ...before, ...change } : change;
  }
  return parsePlan(JSON.parse(JSON.stringify(document)));
}

import { startingPantry } from '../composition/pantry';
import { parsePlan } from '../plan/document/parsePlan';
import type { Plan } from '../plan/document/schema';
import { startingPlans } from '../plan/starting/startingPlans';
import type { FamilyId } from '../shapes/families';
import { PlanError } from '../plan/document/planError';

/** For tests: a starting plan with some sections changed, read again as a whole. */
export function planWith(
  changes: { [K in keyof Plan]?: Plan[K] extends object ? Partial<Plan[K]> : Plan[K] } = {},
  family: FamilyId = 'ravioliSquare',
): Plan {
  const document: Record<string, unknown> = { ...startingPlans[family] };
  for (const [key, change] of Object.entries(changes)) {
    const before = document[key];
    document[key] =
      typeof before === 'object' && typeof change === 'object' && !Array.isArray(change)
        ? { ...before, ...change }
        : change;
  }
  return parsePlan(JSON.parse(JSON.stringify(document)), startingPantry);
}

/** For tests: why a document is no plan. @throws Error when it is one */
export function refusalOf(document: unknown): PlanError {
  try {
    parsePlan(document, startingPantry);
  } catch (error) {
    if (error instanceof PlanError) return error;
    throw error;
  }
  throw new Error('was taken');
}

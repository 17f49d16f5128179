import { parsePlan } from '../plan/document/parsePlan';
import { PlanError } from '../plan/document/planError';

/** For tests: why a document is no plan. @throws Error when it is one */
export function refusalOf(document: unknown): PlanError {
  try {
    parsePlan(document);
  } catch (error) {
    if (error instanceof PlanError) return error;
    throw error;
  }
  throw new Error('was taken');
}

import type * as z from 'zod';
import { firstIssue } from '@/core/plan/document/parsePlan';
import { PlanError } from '@/core/plan/document/planError';

/**
 * Checks what came in from outside against its schema.
 * @throws PlanError with the first thing wrong and its path
 */
export function check<T extends z.ZodType>(schema: T, value: unknown): z.infer<T> {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  const { path, message } = firstIssue(parsed.error);
  throw new PlanError(message, path);
}

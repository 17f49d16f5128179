import * as z from 'zod';
import type { Pantry } from '../composition/pantry';
import { firstIssue, parsePlan } from '../plan/document/parsePlan';
import { PlanError } from '../plan/document/planError';
import type { Plan } from '../plan/document/schema';
import { parseDay, type Day } from '../schedule/document/day';

/** A day with the plans it puts on the clock: all that is needed to work it out anywhere. */
export interface DayFile {
  readonly day: Day;
  readonly plans: ReadonlyMap<string, Plan>;
}

const plansSchema = z.record(
  z.string().min(1).max(60),
  z.union([z.string().max(400), z.looseObject({})], {
    error: 'must be a plan document, or the name of a file that holds one',
  }),
);

/**
 * Reads a day file: a day document with its plans beside it, by their ids. A plan may stand there as the name of
 * a file, where files can be read.
 * @param fileOf reads a plan's file; where left out a name in a plan's place is refused
 * @throws PlanError naming the field and what it allows
 */
export function readDayFile(
  value: unknown,
  { pantry, fileOf }: { pantry: Pantry; fileOf?: (name: string) => unknown },
): DayFile {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) {
    throw new PlanError('day: must be an object, a day document');
  }
  const { plans: given = {}, ...document } = value as { plans?: unknown };
  const day = parseDay(document);
  const read = plansSchema.safeParse(given);
  if (!read.success) {
    const { path, message } = firstIssue(read.error);
    throw new PlanError(`plans${path ? `.${path}` : ''}: ${message}`, 'plans');
  }
  const plans = new Map<string, Plan>();
  for (const [id, held] of Object.entries(read.data)) {
    const plan = typeof held === 'string' ? fileOf?.(held) : held;
    if (plan === undefined) throw new PlanError(`plans.${id}: must be a plan document`, 'plans');
    try {
      plans.set(id, parsePlan(plan, pantry));
    } catch (error) {
      if (!(error instanceof PlanError)) throw error;
      throw new PlanError(`plans.${id}.${error.message}`, `plans.${id}.${error.path}`);
    }
  }
  day.services.forEach(({ planId }, i) => {
    if (!plans.has(planId)) {
      throw new PlanError(
        `services[${i}].planId: must be one of the file’s plans, not “${planId}”`,
        `services[${i}].planId`,
      );
    }
  });
  return { day, plans };
}

/** Writes a day with its plans as a file's content. */
export const dayFileOf = ({ day, plans }: DayFile): object => ({
  ...day,
  plans: Object.fromEntries(plans),
});

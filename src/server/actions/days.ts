'use server';

import { revalidatePath } from 'next/cache';
import * as z from 'zod';
import { shortText } from '@/core/fields';
import { readDayFile } from '@/core/formats/dayFile';
import { dayOf } from '@/core/schedule/document/clock';
import { newDay } from '@/core/schedule/document/day';
import { acting } from '../acting';
import { check } from '../check';
import { database } from '../database';
import type { Outcome } from '../outcome';
import { createDay, destroyDay, moveDay } from '../repositories/days';
import { getKitchen } from '../repositories/kitchen';
import { getPantry } from '../repositories/pantry';
import { createPlan, plansById } from '../repositories/plans';
import { openServiceRun } from '../repositories/serviceRuns';

const idSchema = z.string().min(1).max(60);
const newIdSchema = z.uuid({ error: 'New id must be a UUID' });

const newSchema = z.strictObject({
  id: newIdSchema,
  name: shortText('Name', 120),
  date: dayOf('Date'),
});

/** A new day with the kitchen's people and gear. Gives its id. */
export async function startDay(input: unknown): Promise<Outcome<string>> {
  const result = await acting('plan', () => {
    const { id, ...wish } = check(newSchema, input);
    const db = database();
    return createDay(db, { id, day: newDay(getKitchen(db), wish), now: new Date() }).id;
  });
  revalidatePath('/days');
  return result;
}

/** A new day from a day file; plans of it that are not here are made. Gives its id. */
export async function importDay(document: unknown, newId: unknown): Promise<Outcome<string>> {
  const result = await acting('plan', () => {
    const db = database();
    const { day, plans } = readDayFile(document, { pantry: getPantry(db) });
    const id = check(newIdSchema, newId);
    const now = new Date();
    const here = new Set(plansById(db, [...plans.keys()]).map((plan) => plan.id));
    for (const [planId, plan] of plans) {
      if (!here.has(planId)) createPlan(db, { id: planId, plan, now });
    }
    return createDay(db, { id, day, now }).id;
  });
  revalidatePath('/', 'layout');
  return result;
}

const shelfSchema = z.enum(['current', 'deleted']);

/** Deletes a day, or brings it back. */
export async function shelveDay(id: unknown, to: unknown): Promise<Outcome> {
  const result = await acting('plan', () =>
    moveDay(database(), { id: check(idSchema, id), to: check(shelfSchema, to), now: new Date() }),
  );
  revalidatePath('/days');
  return result;
}

/** Destroys a deleted day. There is no way back. */
export async function removeDay(id: unknown): Promise<Outcome> {
  const result = await acting('plan', () => destroyDay(database(), check(idSchema, id)));
  revalidatePath('/days');
  return result;
}

const runSchema = z.strictObject({
  dayId: idSchema,
  service: idSchema,
  runId: z.uuid({ error: 'Run id must be a UUID' }),
});

/**
 * Opens a run at the bench for one of a day's services, or finds the one that is linked. Gives the run's id.
 */
export async function startServiceRun(input: unknown): Promise<Outcome<string>> {
  const result = await acting('bench', () => {
    const db = database();
    const { dayId, service: serviceId, runId } = check(runSchema, input);
    return openServiceRun(db, { dayId, serviceId, runId, now: new Date() });
  });
  revalidatePath('/', 'layout');
  return result;
}

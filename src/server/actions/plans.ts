'use server';

import { cutTo } from '@/core/cutTo';
import { getBasis } from '../repositories/basis';
import { revalidatePath } from 'next/cache';
import * as z from 'zod';
import { shortText } from '@/core/fields';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { planSchema } from '@/core/plan/document/schema';
import { startingPlans } from '@/core/plan/starting/startingPlans';
import { FAMILY_IDS } from '@/core/shapes/families';
import { check } from '../check';
import { database } from '../database';
import { acting } from '../acting';
import type { Outcome } from '../outcome';
import {
  createPlan,
  createPlans,
  destroyPlan,
  getPlan,
  movePlan,
  changePlan,
} from '../repositories/plans';
import { getRevision, nameRevision } from '../repositories/revisions';
import { inKitchen } from '@/core/plan/questions/inKitchen';
import { MOST_SHAPES } from '@/core/plan/questions/splitShapes';
import { newPlan, newPlanSchema } from '@/core/plan/questions/newPlan';
import { getKitchen } from '../repositories/kitchen';
import { getPantry } from '../repositories/pantry';

const idSchema = z.string().min(1).max(60);
/** The client's own, so that a plan sent twice is made once. */
const newIdSchema = z.uuid({ error: 'New id must be a UUID' });
const documentsSchema = z.array(z.unknown()).min(1).max(MOST_SHAPES);
const shelfSchema = z.enum(['current', 'archived', 'deleted']);

/** A new plan from the starting plan of a shape, on the kitchen's first roller. Gives its id. */
export async function startPlan(family: unknown, newId: unknown): Promise<Outcome<string>> {
  const result = await acting('plan', () => {
    const start = startingPlans[check(z.enum(FAMILY_IDS), family)];
    const plan = inKitchen(start, getKitchen(database()), getBasis(database()));
    return createPlan(database(), { id: check(newIdSchema, newId), plan, now: new Date() }).id;
  });
  revalidatePath('/');
  return result;
}

/** A new plan from what a cook knows: for how many, what there is. Gives its id. */
export async function beginPlan(wish: unknown, newId: unknown): Promise<Outcome<string>> {
  const result = await acting('plan', () => {
    const db = database();
    const plan = newPlan(check(newPlanSchema, wish), getKitchen(db), getBasis(db));
    return createPlan(db, { id: check(newIdSchema, newId), plan, now: new Date() }).id;
  });
  revalidatePath('/');
  return result;
}

/** A new plan from a plan document, as read from a file. Gives its id. */
export async function importPlan(document: unknown, newId: unknown): Promise<Outcome<string>> {
  const result = await acting('plan', () => {
    const plan = parsePlan(document, getPantry(database()));
    return createPlan(database(), { id: check(newIdSchema, newId), plan, now: new Date() }).id;
  });
  revalidatePath('/');
  return result;
}

/** New plans from plan documents, all of them or none. Gives their ids. */
export async function importPlans(
  documents: unknown,
  newIds: unknown,
): Promise<Outcome<readonly string[]>> {
  const result = await acting('plan', () => {
    const db = database();
    const pantry = getPantry(db);
    const plans = check(documentsSchema, documents).map((each) => parsePlan(each, pantry));
    const ids = check(z.array(newIdSchema).length(plans.length), newIds);
    const now = new Date();
    return createPlans(
      db,
      plans.map((plan, i) => ({ id: ids[i]!, plan, now })),
    ).map(({ id }) => id);
  });
  revalidatePath('/');
  return result;
}

/** A copy of a plan under a new name. Gives its id. */
export async function duplicatePlan(id: unknown, newId: unknown): Promise<Outcome<string>> {
  const result = await acting('plan', () => {
    const { plan } = getPlan(database(), check(idSchema, id));
    const name = `${cutTo(plan.name, 113)}, copy`;
    return createPlan(database(), {
      id: check(newIdSchema, newId),
      plan: { ...plan, name },
      now: new Date(),
    }).id;
  });
  revalidatePath('/');
  return result;
}

/** Gives a plan another name. */
export async function renamePlan(id: unknown, name: unknown): Promise<Outcome> {
  const result = await acting('plan', () => {
    const db = database();
    const given = check(shortText('Name', 120), name);
    changePlan(db, {
      id: check(idSchema, id),
      change: (plan) => ({ ...plan, name: given }),
      now: new Date(),
    });
  });
  revalidatePath('/');
  return result;
}

/** Archives, deletes or brings back. Every move can be taken back by another. */
export async function shelvePlan(id: unknown, to: unknown): Promise<Outcome> {
  const result = await acting('plan', () =>
    movePlan(database(), { id: check(idSchema, id), to: check(shelfSchema, to), now: new Date() }),
  );
  revalidatePath('/');
  return result;
}

/** Destroys a plan with all its revisions and its log, for ever. */
export async function deleteForEver(id: unknown): Promise<Outcome> {
  const result = await acting('plan', () => destroyPlan(database(), check(idSchema, id)));
  revalidatePath('/');
  return result;
}

/** Puts a plan's tags. */
export async function tagPlan(id: unknown, tags: unknown): Promise<Outcome> {
  const result = await acting('plan', () => {
    const db = database();
    const given = check(planSchema.shape.tags, tags);
    changePlan(db, {
      id: check(idSchema, id),
      change: (plan) => ({ ...plan, tags: given }),
      now: new Date(),
    });
  });
  revalidatePath('/');
  return result;
}

/** Gives a revision a name; an empty one takes it away. */
export async function putRevisionName(
  id: unknown,
  number: unknown,
  name: unknown,
): Promise<Outcome> {
  const result = await acting('plan', () => {
    const asked = check(z.string().trim().max(60, 'Name must be at most 60 characters'), name);
    nameRevision(database(), {
      planId: check(idSchema, id),
      number: check(z.number().int().min(1), number),
      name: asked || null,
    });
  });
  revalidatePath('/plans', 'layout');
  return result;
}

/** Makes an older revision the newest again; the ones between stay. */
export async function goBackToRevision(id: unknown, number: unknown): Promise<Outcome> {
  const result = await acting('plan', () => {
    const db = database();
    const planId = check(idSchema, id);
    const { plan } = getRevision(db, planId, check(z.number().int().min(1), number));
    changePlan(db, { id: planId, change: () => plan, now: new Date() });
  });
  revalidatePath('/plans', 'layout');
  return result;
}

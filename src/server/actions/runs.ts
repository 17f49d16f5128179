'use server';

import { revalidatePath } from 'next/cache';
import * as z from 'zod';
import { basisFrom } from '@/core/basis/basis';
import type { Plan } from '@/core/plan/document/schema';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { runEventSchema } from '@/core/run/events';
import { foldRun } from '@/core/run/fold';
import { planAgain } from '@/core/log/planAgain';
import { check } from '../check';
import { database } from '../database';
import { acting } from '../acting';
import type { Outcome } from '../outcome';
import { getBasis } from '../repositories/basis';
import { getKitchen, saveKitchen } from '../repositories/kitchen';
import { getLearnt } from '../repositories/learnt';
import { getPantry } from '../repositories/pantry';
import { changePlan } from '../repositories/plans';
import { noteTests, toBatch } from '../repositories/batch';
import { getRun } from '../repositories/runs';

const openSchema = z.strictObject({
  id: z.uuid({ error: 'Run id must be a UUID' }),
  planId: z.string().min(1).max(60),
  /** Another one, even where one of this plan is open. */
  anew: z.boolean().default(false),
});

/**
 * Opens a run of a plan as it now stands, or finds the one that is open. Safe to repeat: the id is the
 * client's own.
 * @returns the id of the run to go to
 */
export async function startRun(input: unknown): Promise<Outcome<string>> {
  const result = await acting('bench', () => {
    const db = database();
    return toBatch(db, { ...check(openSchema, input), learnt: getLearnt(db), now: new Date() });
  });
  revalidatePath('/logbook');
  return result;
}

const testsSchema = z.strictObject({
  id: z.uuid({ error: 'Run id must be a UUID' }),
  planId: z.string().min(1).max(60),
  events: z
    .array(runEventSchema)
    .min(1)
    .max(20)
    .refine(
      (events) => events.every(({ kind }) => kind === 'measured' || kind === 'takenBack'),
      'events: only tests, and tests taken back, are noted from a plan',
    ),
});

/**
 * Notes tests made of a plan's dough or filling in its batch: the plan stays as it was planned. Safe to repeat.
 * @returns the id of the run they stand in
 */
export async function noteBatchTests(input: unknown): Promise<Outcome<string>> {
  const result = await acting('bench', () => {
    const db = database();
    const { id, planId, events } = check(testsSchema, input);
    return noteTests(db, { id, planId, learnt: getLearnt(db), now: new Date() }, events);
  });
  revalidatePath('/logbook');
  return result;
}

const holdSchema = z.strictObject({ name: z.string().min(1).max(160), held: z.boolean() });

/** Holds something learnt at what is typical, or frees it again. */
export async function holdAtTypical(input: unknown): Promise<Outcome> {
  const result = await acting('plan', () => {
    const db = database();
    const { name, held } = check(holdSchema, input);
    const kitchen = getKitchen(db);
    const others = kitchen.held.filter((each) => each !== name);
    saveKitchen(db, { ...kitchen, held: held ? [...others, name] : others }, { now: new Date() });
  });
  revalidatePath('/', 'layout');
  return result;
}

/**
 * Saves a new revision of a run's plan with what the run found out.
 * @returns the plan's id
 */
export async function planAgainFrom(runId: unknown): Promise<Outcome<string>> {
  const result = await acting('plan', () => {
    const db = database();
    const run = getRun(db, check(z.string().min(1).max(80), runId));
    const state = foldRun(run.events);
    const { weighedG } = evaluatePlan(run.plan, basisFrom(run)).dough;
    const change = (plan: Plan): Plan =>
      parsePlan(planAgain(plan, state, { weighedG, basis: getBasis(db) }).plan, getPantry(db));
    changePlan(db, { id: run.planId, change, now: new Date() });
    return run.planId;
  });
  revalidatePath('/', 'layout');
  return result;
}

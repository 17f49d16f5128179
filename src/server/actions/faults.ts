'use server';

import { revalidatePath } from 'next/cache';
import * as z from 'zod';
import { oneOf } from '@/core/fields';
import { CAUSE_IDS } from '@/core/faults/causes';
import { mendsOf } from '@/core/faults/mending';
import type { Plan } from '@/core/plan/document/schema';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { PlanError } from '@/core/plan/document/planError';
import { modelOf } from '@/core/risk/modelOf';
import { applyChange } from '@/core/risk/remedies';
import { acting } from '../acting';
import { check } from '../check';
import { database } from '../database';
import type { Outcome } from '../outcome';
import { getBasis } from '../repositories/basis';
import { getKitchen, saveKitchen } from '../repositories/kitchen';
import { getPantry } from '../repositories/pantry';
import { changePlan } from '../repositories/plans';

const cause = oneOf('Cause', CAUSE_IDS);

/** Keeps that a cause was found outside any batch of the logbook, or takes that back. */
export async function keepFinding(input: unknown): Promise<Outcome<null>> {
  return acting('bench', () => {
    const db = database();
    const { cause: id, back } = check(
      z.strictObject({ cause, back: z.boolean().default(false) }),
      input,
    );
    const kitchen = getKitchen(db);
    const times = Math.max(0, (kitchen.found[id] ?? 0) + (back ? -1 : 1));
    saveKitchen(db, { ...kitchen, found: { ...kitchen.found, [id]: times } }, { now: new Date() });
    return null;
  });
}

const mendSchema = z.strictObject({
  planId: z.string().min(1).max(80),
  cause,
  /** The kind of change, as it was quoted. */
  kind: z.string().max(20),
});

/**
 * Changes a plan by one of the remedies of a cause, worked out on the plan as it now stands: a revision that can
 * be gone back to.
 * @returns the plan's id
 */
export async function mendPlan(input: unknown): Promise<Outcome<string>> {
  const result = await acting('plan', () => {
    const db = database();
    const { planId, cause: id, kind } = check(mendSchema, input);
    const change = (plan: Plan): Plan => {
      const mend = mendsOf(id, modelOf(plan, getBasis(db))).find((each) => each.kind === kind);
      if (!mend) throw new PlanError('The plan as it now stands gains nothing by that.');
      return parsePlan(applyChange(plan, mend), getPantry(db));
    };
    changePlan(db, { id: planId, change, now: new Date() });
    return planId;
  });
  revalidatePath('/', 'layout');
  return result;
}

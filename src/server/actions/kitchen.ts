'use server';

import { revalidatePath } from 'next/cache';
import { kitchenSchema } from '@/core/kitchen/kitchen';
import { firstIssue } from '@/core/plan/parsePlan';
import { PlanError } from '@/core/plan/planError';
import { database } from '../db/database';
import { outcome, type Outcome } from '../outcome';
import { saveKitchen } from '../repositories/kitchen';

/** Saves the whole kitchen. */
export async function writeKitchen(document: unknown): Promise<Outcome> {
  const result = outcome(() => {
    const parsed = kitchenSchema.safeParse(document);
    if (!parsed.success) {
      const { path, message } = firstIssue(parsed.error);
      throw new PlanError(message, path);
    }
    saveKitchen(database(), parsed.data, new Date());
  });
  revalidatePath('/', 'layout');
  return result;
}

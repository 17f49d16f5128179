'use server';

import { revalidatePath } from 'next/cache';
import { kitchenSchema } from '@/core/kitchen/kitchen';
import { check } from '../check';
import { database } from '../database';
import { acting } from '../acting';
import type { Outcome } from '../outcome';
import { saveKitchen } from '../repositories/kitchen';

/** Saves the whole kitchen. */
export async function writeKitchen(document: unknown): Promise<Outcome> {
  const result = await acting('plan', () => {
    saveKitchen(database(), check(kitchenSchema, document), new Date());
  });
  revalidatePath('/', 'layout');
  return result;
}

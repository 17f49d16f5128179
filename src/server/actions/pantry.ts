'use server';

import { revalidatePath } from 'next/cache';
import * as z from 'zod';
import { ingredientSchema, preparationSchema } from '@/core/composition/pantrySchema';
import { pantryChanges, type PantryChange } from '@/core/plan/questions/pantryChanges';
import { pantryWith } from '@/core/composition/pantry';
import { check } from '../check';
import { database } from '../database';
import { acting } from '../acting';
import type { Outcome } from '../outcome';
import { ownRows, removeRow, saveRows } from '../repositories/pantry';
import { listPlans } from '../repositories/plans';

/** As many rows as one file may bring. */
const MOST_ROWS = 5000;

const saveSchema = z.discriminatedUnion('table', [
  z.object({
    table: z.literal('ingredients'),
    rows: z.array(ingredientSchema).max(MOST_ROWS, `Rows must be at most ${MOST_ROWS}`),
  }),
  z.object({
    table: z.literal('preparations'),
    rows: z.array(preparationSchema).max(MOST_ROWS, `Rows must be at most ${MOST_ROWS}`),
  }),
]);
const removeSchema = z.object({
  table: z.enum(['ingredients', 'preparations']),
  id: z.string().min(1).max(80),
});

/** Writes pantry rows, all or none. */
export async function writePantryRows(input: unknown): Promise<Outcome> {
  const result = await acting('plan', () => {
    const { table, rows } = check(saveSchema, input);
    saveRows(database(), table, rows, { now: new Date() });
  });
  revalidatePath('/', 'layout');
  return result;
}

/** Takes a row of the cook's own out. */
export async function takeOutPantryRow(input: unknown): Promise<Outcome> {
  const result = await acting('plan', () => {
    const { table, id } = check(removeSchema, input);
    removeRow(database(), table, id);
  });
  revalidatePath('/', 'layout');
  return result;
}

const previewSchema = z.discriminatedUnion('table', [
  z.object({ table: z.literal('ingredients'), row: ingredientSchema }),
  z.object({ table: z.literal('preparations'), row: preparationSchema }),
]);

/** Which plans a changed row would change, and how. Nothing is written. */
export async function previewRow(input: unknown): Promise<Outcome<PantryChange[]>> {
  return acting('plan', () => {
    const change = check(previewSchema, input);
    const db = database();
    const own = ownRows(db);
    return pantryChanges(
      listPlans(db, 'current').plans.map(({ id, plan }) => ({ id, plan })),
      change,
      pantryWith(own),
    );
  });
}

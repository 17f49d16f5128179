'use server';

import { revalidatePath } from 'next/cache';
import * as z from 'zod';
import { logEntrySchema } from '@/core/log/logEntry';
import { firstIssue } from '@/core/plan/document/parsePlan';
import { PlanError } from '@/core/plan/document/planError';
import { database } from '../database';
import { acting } from '../acting';
import type { Outcome } from '../outcome';
import { addLogEntry, changeLogEntry, removeLogEntry } from '../repositories/log';

const addSchema = z.object({
  planId: z.string().min(1).max(60),
  revision: z.number().int().min(1),
  /** It is there already, and is put right. */
  again: z.boolean().default(false),
  entry: logEntrySchema,
});

/** Writes a log entry down. Safe to repeat: the entry's id is the client's own. */
export async function writeLogEntry(input: unknown): Promise<Outcome> {
  const result = await acting('bench', () => {
    const parsed = addSchema.safeParse(input);
    if (!parsed.success) {
      const { path, message } = firstIssue(parsed.error);
      throw new PlanError(message, path.replace(/^entry\./, ''));
    }
    const { again, ...entry } = parsed.data;
    if (again) changeLogEntry(database(), entry.planId, entry.entry);
    else addLogEntry(database(), { ...entry, now: new Date() });
  });
  revalidatePath('/plans', 'layout');
  return result;
}

/** Takes a log entry out. */
export async function takeOutLogEntry(planId: unknown, id: unknown): Promise<Outcome> {
  const result = await acting('bench', () => {
    const parsed = z.tuple([z.string().min(1), z.uuid()]).safeParse([planId, id]);
    if (!parsed.success) throw new PlanError('Entry id must be a UUID', 'id');
    removeLogEntry(database(), ...parsed.data);
  });
  revalidatePath('/plans', 'layout');
  return result;
}

'use server';

import { revalidatePath } from 'next/cache';
import * as z from 'zod';
import { acting } from '../acting';
import { check } from '../check';
import { database } from '../database';
import { hashPassphrase } from '../door/passphrase';
import { ROLES } from '../door/roles';
import type { Outcome } from '../outcome';
import { putKey, removeKey, shareRun, signOutEverywhere, unshareRun } from '../repositories/door';

const keySchema = z.strictObject({
  name: z.string().trim().max(60, 'Name must be at most 60 characters'),
  role: z.enum(ROLES, { error: `Role must be one of: ${ROLES.join(', ')}` }),
  passphrase: z.string().max(400),
});
const idSchema = z.string().min(1).max(80);

/** Gives somebody a key, or another in place of theirs. */
export async function giveKey(input: unknown): Promise<Outcome> {
  const result = await acting('plan', async () => {
    const { name, role, passphrase } = check(keySchema, input);
    const hash = await hashPassphrase(passphrase);
    putKey(database(), { name, role, hash, now: new Date() });
  });
  revalidatePath('/kitchen/door');
  return result;
}

/** Takes a key away; whoever is in with it is out. */
export async function takeKey(id: unknown): Promise<Outcome> {
  const result = await acting('plan', () => removeKey(database(), check(idSchema, id)));
  revalidatePath('/kitchen/door');
  return result;
}

/** Signs everybody out, everywhere. */
export async function endEverySession(): Promise<Outcome> {
  return acting('plan', () => signOutEverywhere(database()));
}

/** A link that lets anyone who has it look at one batch. Gives its path. */
export async function linkToRun(runId: unknown): Promise<Outcome<string>> {
  const result = await acting(
    'bench',
    () => `/shared/${shareRun(database(), check(idSchema, runId), new Date())}`,
  );
  revalidatePath('/logbook', 'layout');
  return result;
}

/** Takes every link to a batch back. */
export async function takeLinksBack(runId: unknown): Promise<Outcome> {
  const result = await acting('bench', () => unshareRun(database(), check(idSchema, runId)));
  revalidatePath('/logbook', 'layout');
  return result;
}

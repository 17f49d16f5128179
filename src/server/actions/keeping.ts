'use server';

import { revalidatePath } from 'next/cache';
import * as z from 'zod';
import { check } from '../check';
import { database, openKitchenFile } from '../database';
import { acting } from '../acting';
import type { Outcome } from '../outcome';
import { mendDocument, removeDocument } from '../repositories/keeping';
import { DOCUMENT_KINDS } from '../repositories/unreadable';
import { copyPath, makeCopy, restoreFrom } from '../vault/copies';
import { checkAside } from '../vault/inVault';

const documentSchema = z.strictObject({
  kind: z.enum(DOCUMENT_KINDS),
  id: z.string().min(1).max(200),
});

/** So long a document may be. */
const MOST_LETTERS = 1_000_000;

/** Puts a mended text in the place of a document that cannot be read. */
export async function mend(which: unknown, text: unknown): Promise<Outcome> {
  const result = await acting('plan', () =>
    mendDocument(database(), {
      ...check(documentSchema, which),
      text: check(z.string().max(MOST_LETTERS), text),
      now: new Date(),
    }),
  );
  revalidatePath('/', 'layout');
  return result;
}

/** Takes a document away that cannot be read. */
export async function removeUnreadable(which: unknown): Promise<Outcome> {
  const result = await acting('plan', () =>
    removeDocument(database(), { ...check(documentSchema, which), now: new Date() }),
  );
  revalidatePath('/', 'layout');
  return result;
}

/** Copies the kitchen now, beside its file. Gives the copy's name. */
export async function copyNow(): Promise<Outcome<string>> {
  const result = await acting('plan', () =>
    makeCopy(database(), 'by-hand', { now: new Date(), check: checkAside }),
  );
  revalidatePath('/kitchen/keeping');
  return result;
}

/** Puts one of the copies in the kitchen's place. Gives the name of the copy of what stood there. */
export async function restoreCopy(name: unknown): Promise<Outcome<string>> {
  const result = await acting('plan', () => {
    const db = database();
    const copy = copyPath(db, check(z.string().min(1).max(80), name));
    return restoreFrom(db, copy, {
      now: new Date(),
      bringForward: openKitchenFile,
      check: checkAside,
    });
  });
  revalidatePath('/', 'layout');
  return result;
}

import { existsSync, renameSync } from 'node:fs';
import { openToRead, type Database } from '../db/database';
import { openKitchenFile } from '../database';
import { checkCopy, restoreFrom, setAside } from './copies';
import { vaultProblem } from './problem';

/** What restoring left behind. */
export interface Restored {
  /** Where what stood there is now; null when nothing did. */
  readonly before: string | null;
}

/**
 * Restores a copy into a kitchen's file, from the command line. A file that cannot be opened at all is set
 * aside first, under a name of its own.
 * @throws VaultProblem when the copy is no whole kitchen; nothing is changed then
 */
export async function restoreFile(file: string, copy: string, now: Date): Promise<Restored> {
  checkCopy(copy);
  const stood = existsSync(file);
  let db: Database;
  let aside: string | null = null;
  try {
    db = openKitchenFile(file);
  } catch (error) {
    if (!stood || !vaultProblem(error)) throw error;
    aside = setAside(file, { now, by: renameSync });
    db = openKitchenFile(file);
  }
  const access = aside === null ? db : readable(aside);
  try {
    const before = await restoreFrom(db, copy, {
      now,
      bringForward: openKitchenFile,
      check: checkCopy,
      access,
    });
    return { before: aside ?? (stood ? before : null) };
  } finally {
    if (access !== db) access?.$client.close();
    db.$client.close();
  }
}

/** A file that was set aside, as far as it can still be read. */
function readable(file: string): Database | null {
  try {
    return openToRead(file);
  } catch {
    return null;
  }
}

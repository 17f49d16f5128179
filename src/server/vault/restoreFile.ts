import { existsSync, renameSync } from 'node:fs';
import type { Database } from '../db/database';
import { openKitchenFile } from '../database';
import { checkCopy, restoreFrom } from './copies';
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
    aside = `${file}.set-aside-${now.toISOString().replaceAll(/[:.]/g, '')}`;
    for (const end of ['', '-wal', '-shm']) {
      if (existsSync(`${file}${end}`)) renameSync(`${file}${end}`, `${aside}${end}`);
    }
    db = openKitchenFile(file);
  }
  try {
    const before = await restoreFrom(db, copy, { now, bringForward: openKitchenFile });
    return { before: aside ?? (stood ? before : null) };
  } finally {
    db.$client.close();
  }
}

import { openDatabase, type Database } from './db/database';
import { bringCorrectionsForward } from './repositories/corrections';
import { bringLogForward } from './repositories/log';
import { refreshSummaries } from './repositories/runs';
import { databaseProblem } from './vault/problem';

const held = globalThis as { mortarDatabase?: Database };

/**
 * Opens a kitchen's file, brought to the newest schema, what older products wrote read anew.
 * @throws VaultProblem when the file is no kitchen, is of a newer product, or cannot be reached
 */
export function openKitchenFile(file: string): Database {
  const db = openDatabase(file);
  if (isReadOnly(db)) return db;
  try {
    bringLogForward(db);
    bringCorrectionsForward(db);
    refreshSummaries(db);
  } catch (error) {
    // Damaged in part, it is opened all the same: what can be read is read, and a copy is restored from there.
    if (databaseProblem(error)?.trouble !== 'damaged') throw error;
  }
  return db;
}

/** Whether a kitchen may only be looked at. */
export const isReadOnly = (db: Database): boolean =>
  db.$client.pragma('query_only', { simple: true }) === 1;

/** The kitchen's file: the one named in MORTAR_DB, else data/mortar.db. */
export const kitchenFile = (): string => process.env.MORTAR_DB ?? 'data/mortar.db';

/** The server's own database. Opened once. @throws VaultProblem */
export function database(): Database {
  if (!held.mortarDatabase) {
    const opened = openKitchenFile(kitchenFile());
    held.mortarDatabase = opened;
    // Closed, its log is written back: the one file then holds everything, and may be copied.
    process.once('exit', () => opened.$client.close());
  }
  return held.mortarDatabase;
}

import { openDatabase, type Database } from './db/database';
import { bringCorrectionsForward } from './repositories/corrections';
import { bringLogForward } from './repositories/log';
import { refreshSummaries } from './repositories/runs';

const held = globalThis as { mortarDatabase?: Database };

/**
 * Opens a kitchen's file, brought to the newest schema, what older products wrote read anew.
 * @param file path, or `:memory:` for tests
 */
export function openKitchenFile(file: string): Database {
  const db = openDatabase(file);
  bringLogForward(db);
  bringCorrectionsForward(db);
  refreshSummaries(db);
  return db;
}

/** The server's own database: the file in MORTAR_DB, else data/mortar.db. Opened once. */
export function database(): Database {
  if (!held.mortarDatabase) {
    const opened = openKitchenFile(process.env.MORTAR_DB ?? 'data/mortar.db');
    held.mortarDatabase = opened;
    // Closed, its log is written back: the one file then holds everything, and may be copied.
    process.once('exit', () => opened.$client.close());
  }
  return held.mortarDatabase;
}

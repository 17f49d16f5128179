import { chmodSync, existsSync, mkdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import Sqlite from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import type { BaseSQLiteDatabase } from 'drizzle-orm/sqlite-core';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { databaseProblem, VaultProblem, vaultProblem } from '../vault/problem';
import * as schema from './schema';
import { checkVersion, MIGRATIONS } from './version';

export type Database = BetterSQLite3Database<typeof schema> & { $client: Sqlite.Database };

/** A database or a transaction on it: enough to read and write with. */
export type Connection = BaseSQLiteDatabase<'sync', Sqlite.RunResult, typeof schema>;

/** How long one writer waits for another. */
const PATIENCE_MS = 3000;

/** So often an opening that met another's is tried. */
const TRIES = 5;

/**
 * Opens a database file, made when missing, and brings it to the newest schema. One that may only be read is
 * opened for reading.
 * @throws VaultProblem when it is no kitchen, is of a newer product, or cannot be reached
 */
export function openDatabase(file: string): Database {
  for (let left = TRIES - 1; ; left--) {
    try {
      return open(file);
    } catch (error) {
      const problem = vaultProblem(error);
      if (problem?.trouble === 'readOnly' && existsSync(file)) return openToRead(file);
      // Two that open a new file at once make the same tables: the second finds them there.
      const met = problem?.trouble === 'busy' || String(error).includes('already exists');
      if (left === 0 || !met) throw problem ?? error;
    }
  }
}

function open(file: string): Database {
  const kept = file !== ':memory:';
  const fresh = kept && !existsSync(file);
  // What a kitchen writes down is its own: no other user of the machine reads it.
  if (kept) mkdirSync(dirname(resolve(file)), { recursive: true, mode: 0o700 });
  if (kept && !fresh) look(file);
  const client = new Sqlite(file, { timeout: PATIENCE_MS });
  try {
    if (fresh) chmodSync(file, 0o600);
    client.pragma('journal_mode = WAL');
    // A save that was answered is on the disk, whatever becomes of the power.
    client.pragma('synchronous = FULL');
    client.pragma('foreign_keys = ON');
    const database = over(client);
    migrate(database, { migrationsFolder: MIGRATIONS });
    return database;
  } catch (error) {
    client.close();
    throw error;
  }
}

const over = (client: Sqlite.Database): Database =>
  drizzle({ client, schema, casing: 'snake_case' });

/** Looks at a file before anything of it is touched. @throws VaultProblem */
function look(file: string): void {
  const found = statSync(file);
  if (found.isDirectory()) throw new VaultProblem('notAKitchen', 'it is a folder');
  if (found.size === 0) return;
  const client = new Sqlite(file, { readonly: true, timeout: PATIENCE_MS });
  try {
    checkVersion(client);
  } finally {
    client.close();
  }
}

/** Where a file's header says how it is journalled: 1 for alone, 2 for with a log beside it. */
const JOURNAL_BYTES = [18, 19];

/**
 * Opens a file that may only be read: as it stands, or, where even the log beside it cannot be made, from
 * memory. Every write is refused.
 * @throws VaultProblem when it is no kitchen, or of another version
 */
export function openToRead(file: string): Database {
  let client: Sqlite.Database;
  let version: ReturnType<typeof checkVersion>;
  try {
    client = new Sqlite(file, { readonly: true, timeout: PATIENCE_MS });
    version = checkVersion(client);
  } catch (error) {
    if (vaultProblem(error)?.trouble !== 'noFolder') throw error;
    const bytes = readFileSync(file);
    for (const at of JOURNAL_BYTES) bytes[at] = 1;
    client = new Sqlite(bytes);
    version = checkVersion(client);
  }
  if (version === 'older') {
    throw new VaultProblem('readOnly', 'it is of an older version and must be brought forward');
  }
  client.pragma('query_only = ON');
  return over(client);
}

/** Files that take no write just now, and why. Pages and routes are bundled apart, and run in one process. */
const held = ((globalThis as { mortarHeld?: Map<string, string> }).mortarHeld ??= new Map<
  string,
  string
>());

/** @throws VaultProblem while a kitchen's file is held */
function checkFree(file: string): void {
  const why = held.get(file);
  if (why !== undefined) throw new VaultProblem('busy', why);
}

/**
 * Takes no write of a kitchen while something is done: one that were answered meanwhile would be lost, or would
 * stop everybody until it is over.
 * @param why what those are told who would write meanwhile
 */
export async function whileHeld<T>(db: Database, why: string, run: () => Promise<T>): Promise<T> {
  const file = resolve(db.$client.name);
  checkFree(file);
  held.set(file, why);
  try {
    return await run();
  } finally {
    held.delete(file);
  }
}

/**
 * Writes in one transaction, all of it or nothing. The file is claimed at once, so that of two writers
 * the second waits for the first instead of failing half way.
 * @throws VaultProblem while the kitchen is held
 */
export function write<T>(db: Database, run: (tx: Connection) => T): T {
  checkFree(resolve(db.$client.name));
  return db.transaction((tx) => run(tx), { behavior: 'immediate' });
}

/**
 * Writes what a page that is only read keeps to save time. Where the file cannot be written to at once, it goes
 * without: nobody who looks waits for who writes.
 */
export function writeIfFree(db: Database, run: (tx: Connection) => void): void {
  db.$client.pragma('busy_timeout = 0');
  try {
    write(db, run);
  } catch (error) {
    if (!databaseProblem(error)) throw error;
  } finally {
    db.$client.pragma(`busy_timeout = ${PATIENCE_MS}`);
  }
}

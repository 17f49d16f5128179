import { chmodSync, existsSync, mkdirSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import Sqlite from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import type { BaseSQLiteDatabase } from 'drizzle-orm/sqlite-core';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import * as schema from './schema';

export type Database = BetterSQLite3Database<typeof schema> & { $client: Sqlite.Database };

/** A database or a transaction on it: enough to read and write with. */
export type Connection = BaseSQLiteDatabase<'sync', Sqlite.RunResult, typeof schema>;

/**
 * Opens a database file, made when missing, and brings it to the newest schema.
 * @param file path, or `:memory:` for tests
 */
export function openDatabase(file: string): Database {
  const fresh = file !== ':memory:' && !existsSync(file);
  // What a kitchen writes down is its own: no other user of the machine reads it.
  if (file !== ':memory:') mkdirSync(dirname(resolve(file)), { recursive: true, mode: 0o700 });
  const client = new Sqlite(file);
  if (fresh) chmodSync(file, 0o600);
  client.pragma('journal_mode = WAL');
  // A save that was answered is on the disk, whatever becomes of the power.
  client.pragma('synchronous = FULL');
  client.pragma('foreign_keys = ON');
  client.pragma('busy_timeout = 3000');
  const database = drizzle({ client, schema, casing: 'snake_case' });
  migrate(database, { migrationsFolder: join(process.cwd(), 'src/server/db/migrations') });
  return database;
}

/**
 * Writes in one transaction, all of it or nothing. The file is claimed at once, so that of two writers
 * the second waits for the first instead of failing half way.
 */
export const write = <T>(db: Database, run: (tx: Connection) => T): T =>
  db.transaction((tx) => run(tx), { behavior: 'immediate' });

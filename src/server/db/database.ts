import { mkdirSync } from 'node:fs';
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
  if (file !== ':memory:') mkdirSync(dirname(resolve(file)), { recursive: true });
  const client = new Sqlite(file);
  client.pragma('journal_mode = WAL');
  client.pragma('foreign_keys = ON');
  client.pragma('busy_timeout = 3000');
  const database = drizzle({ client, schema, casing: 'snake_case' });
  migrate(database, { migrationsFolder: join(process.cwd(), 'src/server/db/migrations') });
  return database;
}

const held = globalThis as { mortarDatabase?: Database };

/** The server's own database: the file in MORTAR_DB, else data/mortar.db. Opened once. */
export function database(): Database {
  held.mortarDatabase ??= openDatabase(process.env.MORTAR_DB ?? 'data/mortar.db');
  return held.mortarDatabase;
}

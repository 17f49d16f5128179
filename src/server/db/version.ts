import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type Sqlite from 'better-sqlite3';
import { VaultProblem } from '../vault/problem';

/** Where the steps from one version of the schema to the next are. */
export const MIGRATIONS = join(process.cwd(), 'src/server/db/migrations');

/** Versions this product knows: how many steps there are, and when the last was written. */
function known(): { readonly version: number; readonly last: number } {
  const journal = JSON.parse(readFileSync(join(MIGRATIONS, 'meta/_journal.json'), 'utf8')) as {
    entries: { when: number }[];
  };
  return {
    version: journal.entries.length,
    last: Math.max(...journal.entries.map(({ when }) => when)),
  };
}

/** Tables of the schema's own that every kitchen has had from the first version on. */
const FIRST_TABLES = ['plans', 'plan_revisions', 'kitchens'];

/**
 * Looks whether a file is a kitchen this product can read, and changes nothing in it. An empty file is one
 * that is yet to be made.
 * @returns whether it is of this product's own version, or must be brought forward first
 * @throws VaultProblem `newer` with both versions, or `notAKitchen`
 */
export function checkVersion(client: Sqlite.Database): 'own' | 'older' {
  const names = client
    .prepare<[], { name: string }>("select name from sqlite_master where type = 'table'")
    .all()
    .map(({ name }) => name);
  if (names.length === 0) return 'older';
  if (!names.includes('__drizzle_migrations')) {
    throw new VaultProblem('notAKitchen', 'its tables are those of something else');
  }
  const found = client
    .prepare<[], { version: number; last: number | null }>(
      'select count(*) as version, max(created_at) as last from __drizzle_migrations',
    )
    .get();
  const ours = known();
  if (found?.last && found.last > ours.last) {
    throw new VaultProblem(
      'newer',
      `its version is ${found.version}, this product reads up to ${ours.version}`,
    );
  }
  if (found?.last && !FIRST_TABLES.every((table) => names.includes(table))) {
    throw new VaultProblem('notAKitchen', 'some of its tables are missing');
  }
  return found?.last === ours.last ? 'own' : 'older';
}

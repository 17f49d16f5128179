import {
  chmodSync,
  closeSync,
  copyFileSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs';
import { basename, dirname, join, resolve } from 'node:path';
import Sqlite from 'better-sqlite3';
import { whileHeld, type Database } from '../db/database';
import { checkVersion } from '../db/version';
import { carryAccess } from '../repositories/door';
import { NotFoundError } from '../repositories/notFound';
import { copiesToRemove, copyName, newestFirst, readCopyName, type Copy } from './copyNames';
import { VaultProblem, vaultProblem } from './problem';

/** The folder of a kitchen's copies: beside its file. */
export const copiesFolder = (file: string): string =>
  join(dirname(resolve(file)), `${basename(file).replace(/\.db$/, '')}-copies`);

/** The file a database stands in. */
export const fileOf = (db: Database): string => resolve(db.$client.name);

/** The copies beside a kitchen's file, the newest first; what else lies there is passed over. */
export function listCopies(file: string, now = new Date()): (Copy & { readonly bytes: number })[] {
  const folder = copiesFolder(file);
  if (!existsSync(folder)) return [];
  const found = readdirSync(folder).flatMap((name) => {
    const copy = readCopyName(name);
    return copy ? [{ ...copy, bytes: statSync(join(folder, name)).size }] : [];
  });
  return newestFirst(found, now);
}

/**
 * Where one of a kitchen's copies is.
 * @param name as it is listed: nothing else is looked for
 * @throws NotFoundError
 */
export function copyPath(db: Database, name: string): string {
  const file = fileOf(db);
  if (!listCopies(file).some((copy) => copy.name === name)) throw new NotFoundError('copy', name);
  return join(copiesFolder(file), name);
}

/**
 * Looks whether a file is a whole kitchen that can be restored, and changes nothing in it. Of a large one it
 * takes long: a server does it in a thread of its own.
 * @throws VaultProblem
 */
export function checkCopy(file: string): void {
  try {
    const client = new Sqlite(file, { readonly: true, fileMustExist: true });
    try {
      checkVersion(client);
      const found = client.pragma('integrity_check', { simple: true });
      if (found !== 'ok') throw new VaultProblem('damaged', String(found).split('\n')[0]);
      if (client.prepare("select 1 from sqlite_master where name = 'plans'").get() === undefined) {
        throw new VaultProblem('notAKitchen', 'it is empty');
      }
    } finally {
      client.close();
    }
  } catch (error) {
    throw vaultProblem(error) ?? error;
  }
}

/** `checkCopy`, wherever it is done. */
export type Check = (file: string) => void | Promise<void>;

/**
 * Copies a kitchen as it stands to a file of its own, while it is in use. The copy is one file without a log,
 * read back whole before it takes its name; what stood under that name is then replaced.
 * @throws VaultProblem when the disk will not have it, or what was written does not read back
 */
export async function copyTo(db: Database, file: string, check: Check): Promise<void> {
  const part = `${file}.part`;
  try {
    mkdirSync(dirname(resolve(file)), { recursive: true, mode: 0o700 });
    rmSync(part, { force: true });
  } catch (error) {
    throw vaultProblem(error) ?? error;
  }
  try {
    await db.$client.backup(part);
    chmodSync(part, 0o600);
    standAlone(part);
    await check(part);
    onDisk(part);
    renameSync(part, file);
    onDisk(dirname(resolve(file)));
  } catch (error) {
    rmSync(part, { force: true });
    throw vaultProblem(error) ?? error;
  }
}

/** Makes a file hold everything by itself, with no log beside it. */
function standAlone(file: string): void {
  const client = new Sqlite(file);
  client.pragma('journal_mode = DELETE');
  client.close();
}

/** Waits until a file, or a folder's list of names, is on the disk. */
function onDisk(path: string): void {
  const handle = openSync(path, 'r');
  fsyncSync(handle);
  closeSync(handle);
}

/** Makes a copy beside the kitchen's file, of a kind and a time. Gives its name. */
export async function makeCopy(
  db: Database,
  kind: Copy['kind'],
  { now, check }: { now: Date; check: Check },
): Promise<string> {
  const name = copyName(kind, now);
  await copyTo(db, join(copiesFolder(fileOf(db)), name), check);
  return name;
}

/**
 * The day's copy, once a day, and those that are too old taken away.
 * @returns the name of a copy made now; null when the day has one
 */
export async function keepCopies(
  db: Database,
  { now, check }: { now: Date; check: Check },
): Promise<string | null> {
  const file = fileOf(db);
  const today = now.toISOString().slice(0, 10);
  const has = listCopies(file).some(({ kind, at }) => kind === 'daily' && at.startsWith(today));
  const made = has ? null : await makeCopy(db, 'daily', { now, check });
  for (const name of copiesToRemove(listCopies(file, now), now))
    rmSync(join(copiesFolder(file), name));
  return made;
}

/**
 * Puts a copy in a kitchen's place. What stands there is copied first, so that it can be put back, or set aside
 * as it is where it is damaged; a copy of an older product is brought forward, before anything is changed. Other
 * programs that hold the file open see it change in one step. Who may come in is not restored: that stays as it
 * is now, and every session ends.
 * @param bringForward what is done to an older file as it is opened
 * @param access the kitchen that knows who may come in, where it is another; null where none does
 * @returns the name of the copy of what stood there, or of the file that was set aside
 * @throws VaultProblem when the copy is no whole kitchen; nothing is changed then
 */
export async function restoreFrom(
  db: Database,
  copy: string,
  {
    now,
    bringForward,
    check,
    access = db,
  }: {
    now: Date;
    bringForward: (file: string) => Database;
    check: Check;
    access?: Database | null;
  },
): Promise<string> {
  await check(copy);
  const file = fileOf(db);
  const part = `${file}.restored`;
  rmSync(part, { force: true });
  try {
    const source = openDatabaseAlone(copy);
    await source.backup(part).finally(() => source.close());
    chmodSync(part, 0o600);
    const forward = bringForward(part);
    // A write between the copy of what stands there and the new one would be in neither.
    return await whileHeld(db, 'a copy is being restored', async () => {
      try {
        carryAccess(access, forward);
      } finally {
        forward.$client.close();
      }
      standAlone(part);
      const before = await makeCopy(db, 'before-restoring', { now, check }).catch(
        (error: unknown) => {
          if (vaultProblem(error)?.trouble !== 'damaged') throw error;
          return basename(setAside(file, { now, by: copyFileSync }));
        },
      );
      const ready = openDatabaseAlone(part);
      await ready.backup(file, { progress: () => 0x7fffffff }).finally(() => ready.close());
      return before;
    });
  } catch (error) {
    throw vaultProblem(error) ?? error;
  } finally {
    for (const end of ['', '-wal', '-shm']) rmSync(`${part}${end}`, { force: true });
  }
}

/**
 * Sets a kitchen's file, with the log beside it, aside under a name of its own.
 * @param by whether it is moved or copied, where programs hold it open
 * @returns where it is now
 */
export function setAside(
  file: string,
  { now, by }: { now: Date; by: (from: string, to: string) => void },
): string {
  const aside = `${file}.set-aside-${now.toISOString().replaceAll(/[:.]/g, '')}`;
  for (const end of ['', '-wal', '-shm']) {
    if (existsSync(`${file}${end}`)) by(`${file}${end}`, `${aside}${end}`);
  }
  return aside;
}

const openDatabaseAlone = (file: string): Sqlite.Database =>
  new Sqlite(file, { readonly: true, fileMustExist: true });

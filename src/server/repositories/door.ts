import { createHash, randomBytes } from 'node:crypto';
import { desc, eq, isNotNull, lt, notInArray } from 'drizzle-orm';
import { v4 as newId } from 'uuid';
import { readRole, type Role } from '../door/roles';
import { MOST_TRIED, type TriesKept } from '../door/tries';
import { write, type Connection, type Database } from '../db/database';
import { doorEnded, doorKeys, doors, doorTries, runs, sharedLinks } from '../db/schema';
import { databaseProblem } from '../vault/problem';
import { NotFoundError } from './notFound';

const ONLY = 1;

/** The house's own key has no name. */
export const HOUSE = '';

/** Somebody who may come in. */
export interface DoorKey {
  readonly id: string;
  /** As it was typed; empty for the house's own. */
  readonly name: string;
  readonly role: Role;
  readonly hash: string;
  readonly updatedAt: string;
}

/** A secret of its own: what was signed with another is no session. */
const newSecret = (): string => randomBytes(32).toString('base64');

/** What signs the sessions, made at the first asking. */
export function getDoor(db: Database): { readonly secret: string; readonly generation: number } {
  const known = db.select().from(doors).where(eq(doors.id, ONLY)).get();
  if (known) return known;
  return write(db, (tx) => {
    tx.insert(doors)
      .values({ id: ONLY, secret: newSecret(), generation: 1 })
      .onConflictDoNothing()
      .run();
    return tx.select().from(doors).where(eq(doors.id, ONLY)).get()!;
  });
}

/** Ends every session there is. */
export function signOutEverywhere(db: Database): void {
  const { generation } = getDoor(db);
  write(db, (tx) =>
    tx
      .update(doors)
      .set({ generation: generation + 1 })
      .where(eq(doors.id, ONLY))
      .run(),
  );
}

/** Names that differ in case or spaces alone are one. */
const asFound = (name: string): string => name.trim().normalize('NFKC').toLowerCase();

const readKey = ({ role, ...row }: typeof doorKeys.$inferSelect): DoorKey => ({
  ...row,
  role: readRole(role) ?? 'look',
});

/** Everybody who may come in, by name. */
export const listKeys = (db: Connection): DoorKey[] =>
  db.select().from(doorKeys).orderBy(doorKeys.name).all().map(readKey);

export function findKey(
  db: Connection,
  by: { readonly name: string } | { readonly id: string },
): DoorKey | null {
  const where = 'id' in by ? eq(doorKeys.id, by.id) : eq(doorKeys.name, asFound(by.name));
  const row = db.select().from(doorKeys).where(where).get();
  return row ? readKey(row) : null;
}

/** Gives somebody a key, or another passphrase and role in place of the one they have. */
export function putKey(
  db: Database,
  { name, role, hash, now }: { name: string; role: Role; hash: string; now: Date },
): void {
  const at = now.toISOString();
  const values = { role, hash, updatedAt: at };
  write(db, (tx) =>
    tx
      .insert(doorKeys)
      .values({ id: newId(), name: asFound(name), createdAt: at, ...values })
      .onConflictDoUpdate({ target: doorKeys.name, set: values })
      .run(),
  );
}

/** Takes a key away; its sessions are over. @throws NotFoundError */
export function removeKey(db: Database, id: string): void {
  const { changes } = write(db, (tx) => tx.delete(doorKeys).where(eq(doorKeys.id, id)).run());
  if (changes === 0) throw new NotFoundError('key', id);
}

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** A link to look at one run. @returns its secret part, which is kept nowhere. @throws NotFoundError */
export function shareRun(db: Database, runId: string, now: Date): string {
  const token = randomBytes(18).toString('base64url');
  write(db, (tx) => {
    if (!tx.select({ id: runs.id }).from(runs).where(eq(runs.id, runId)).get()) {
      throw new NotFoundError('run', runId);
    }
    tx.insert(sharedLinks)
      .values({ tokenHash: hashOf(token), runId, createdAt: now.toISOString() })
      .run();
  });
  return token;
}

/** The run a link leads to; null when it was taken back, or never was. */
export const sharedRun = (db: Connection, token: string): string | null =>
  db
    .select({ runId: sharedLinks.runId })
    .from(sharedLinks)
    .where(eq(sharedLinks.tokenHash, hashOf(token)))
    .get()?.runId ?? null;

/** How many links lead to a run. */
export const linksTo = (db: Connection, runId: string): number =>
  db.select().from(sharedLinks).where(eq(sharedLinks.runId, runId)).all().length;

/** Takes every link to a run back. */
export function unshareRun(db: Database, runId: string): void {
  write(db, (tx) => tx.delete(sharedLinks).where(eq(sharedLinks.runId, runId)).run());
}

/** Remembers tries at the door in the kitchen's file: several processes stand at one. */
export const triesKept = (db: Database): TriesKept => ({
  read: (address) =>
    db.select().from(doorTries).where(eq(doorTries.address, address)).get() ?? null,
  write: (address, tried) =>
    write(db, (tx) => {
      const set = { failures: tried.failures, until: tried.until, rightAt: tried.rightAt };
      tx.insert(doorTries)
        .values({ address, ...set })
        .onConflictDoUpdate({ target: doorTries.address, set })
        .run();
      // Strangers that were quiet longest go: no crowd of them pushes out where somebody came in.
      tx.delete(doorTries)
        .where(
          notInArray(
            doorTries.address,
            tx
              .select({ address: doorTries.address })
              .from(doorTries)
              .orderBy(desc(isNotNull(doorTries.rightAt)), desc(doorTries.until))
              .limit(MOST_TRIED),
          ),
        )
        .run();
    }),
});

/** Ends one session before its time. */
export function endSession(
  db: Database,
  { cookie, until, now }: { cookie: string; until: number; now: Date },
): void {
  write(db, (tx) => {
    tx.delete(doorEnded)
      .where(lt(doorEnded.until, now.getTime() / 1000))
      .run();
    tx.insert(doorEnded)
      .values({ cookieHash: hashOf(cookie), until })
      .onConflictDoNothing()
      .run();
  });
}

/** Whether a session was signed out. */
export const isEnded = (db: Connection, cookie: string): boolean =>
  db
    .select({ until: doorEnded.until })
    .from(doorEnded)
    .where(eq(doorEnded.cookieHash, hashOf(cookie)))
    .get() !== undefined;

/**
 * Gives a kitchen that is about to be restored the access of the one whose place it takes: a key or a link that was
 * taken away does not come back with old data, and none that was given goes. Every session ends. Where the damage
 * is in who may come in, the house's own key is all that comes with the copy.
 */
export function carryAccess(from: Database | null, to: Database): void {
  const { keys, links } = (from && accessOf(from)) ?? {
    keys: to.select().from(doorKeys).where(eq(doorKeys.name, HOUSE)).all(),
    links: [],
  };
  write(to, (tx) => {
    tx.delete(sharedLinks).run();
    tx.delete(doorKeys).run();
    tx.delete(doors).run();
    tx.delete(doorTries).run();
    tx.delete(doorEnded).run();
    tx.insert(doors).values({ id: ONLY, secret: newSecret(), generation: 1 }).run();
    if (keys.length > 0) tx.insert(doorKeys).values(keys).run();
    for (const link of links) {
      const there = tx.select({ id: runs.id }).from(runs).where(eq(runs.id, link.runId)).get();
      if (there) tx.insert(sharedLinks).values(link).run();
    }
  });
}

/** Who may come in, and which links lead in; null where the file is damaged just there. */
function accessOf(db: Database) {
  try {
    return {
      keys: db.select().from(doorKeys).all(),
      links: db.select().from(sharedLinks).all(),
    };
  } catch (error) {
    if (databaseProblem(error)?.trouble === 'damaged') return null;
    throw error;
  }
}

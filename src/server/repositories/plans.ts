import { and, count, desc, eq, inArray, isNotNull, isNull, sql, type SQL } from 'drizzle-orm';
import type { Pantry } from '@/core/composition/pantry';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { PlanError } from '@/core/plan/document/planError';
import type { Plan } from '@/core/plan/document/schema';
import { write, type Connection, type Database } from '../db/database';
import {
  dayRuns,
  logEntries,
  planRevisions,
  plans,
  runEvents,
  runs,
  sharedLinks,
} from '../db/schema';
import { VaultProblem } from '../vault/problem';
import { NotFoundError } from './notFound';
import { getPantry } from './pantry';
import { addRevision } from './revisions';
import { readDocument, readEach, type Unreadable } from './unreadable';

/** A plan with its newest document. */
export interface StoredPlan {
  readonly id: string;
  readonly plan: Plan;
  readonly revision: number;
  readonly edition: number;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly archivedAt: string | null;
  readonly deletedAt: string | null;
}

/** Which drawer to look in. */
export type PlanShelf = 'current' | 'archived' | 'deleted';

export type SaveOutcome =
  | { readonly kind: 'saved'; readonly edition: number; readonly revision: number }
  | { readonly kind: 'conflict'; readonly theirs: StoredPlan };

/** A sitting's saves fall into one revision for at most this long. */
const SITTING_MS = 30 * 60 * 1000;

type Row = typeof plans.$inferSelect;

/** A row with its document, read. @throws UnreadableError */
export const storedPlan = (row: Row, document: string, pantry: Pantry): StoredPlan => ({
  id: row.id,
  plan: readDocument(document, (value) => parsePlan(value, pantry), { kind: 'plan', id: row.id }),
  revision: row.revision,
  edition: row.edition,
  createdAt: row.createdAt,
  updatedAt: row.updatedAt,
  archivedAt: row.archivedAt,
  deletedAt: row.deletedAt,
});

/** What stands on a shelf. */
export const onShelf = (shelf: PlanShelf) => {
  if (shelf === 'deleted') return isNotNull(plans.deletedAt);
  return and(
    isNull(plans.deletedAt),
    shelf === 'archived' ? isNotNull(plans.archivedAt) : isNull(plans.archivedAt),
  );
};

/** A plan with its newest revision. */
export const newest = and(
  eq(planRevisions.planId, plans.id),
  eq(planRevisions.number, plans.revision),
);

/** The plans on a shelf, the latest changed first, and those that cannot be read. */
export function listPlans(
  db: Database,
  shelf: PlanShelf,
): { readonly plans: StoredPlan[]; readonly unreadable: Unreadable[] } {
  const pantry = getPantry(db);
  const rows = db
    .select({ row: plans, document: planRevisions.document })
    .from(plans)
    .innerJoin(planRevisions, newest)
    .where(onShelf(shelf))
    .orderBy(desc(plans.updatedAt), plans.id)
    .all();
  const { read, unreadable } = readEach(rows, ({ row, document }) =>
    storedPlan(row, document, pantry),
  );
  return { plans: read, unreadable };
}

/** Plans by their ids, those of them that can be read. */
function byId(db: Database, ids: readonly string[], which: SQL | undefined): StoredPlan[] {
  if (ids.length === 0) return [];
  const pantry = getPantry(db);
  const rows = db
    .select({ row: plans, document: planRevisions.document })
    .from(plans)
    .innerJoin(planRevisions, newest)
    .where(and(which, inArray(plans.id, [...ids])))
    .all();
  return readEach(rows, ({ row, document }) => storedPlan(row, document, pantry)).read;
}

/** Current plans by their ids, those of them that are there and can be read. */
export const plansById = (db: Database, ids: readonly string[]): StoredPlan[] =>
  byId(db, ids, onShelf('current'));

/** Plans by their ids, archived ones too but none that was deleted: what a day is made of stays there. */
export const plansKept = (db: Database, ids: readonly string[]): StoredPlan[] =>
  byId(db, ids, isNull(plans.deletedAt));

/** Destroys runs, with every tap of them and every link to them. */
export function destroyRuns(tx: Connection, which: SQL): void {
  const made = tx.select({ id: runs.id }).from(runs).where(which);
  tx.delete(sharedLinks).where(inArray(sharedLinks.runId, made)).run();
  tx.delete(dayRuns).where(inArray(dayRuns.runId, made)).run();
  tx.delete(runEvents).where(inArray(runEvents.runId, made)).run();
  tx.delete(runs).where(which).run();
}

/** Destroys a plan with its revisions and its log. There is no way back. @throws NotFoundError */
export function destroyPlan(db: Database, id: string): void {
  write(db, (tx) => {
    if (!tx.select({ id: plans.id }).from(plans).where(eq(plans.id, id)).get()) {
      throw new NotFoundError('plan', id);
    }
    destroyRuns(tx, eq(runs.planId, id));
    tx.delete(logEntries).where(eq(logEntries.planId, id)).run();
    tx.delete(planRevisions).where(eq(planRevisions.planId, id)).run();
    tx.delete(plans).where(eq(plans.id, id)).run();
  });
}

/** How many plans each shelf holds. */
export function countShelves(db: Database): Record<PlanShelf, number> {
  const on = (shelf: PlanShelf) =>
    db.select({ n: count() }).from(plans).where(onShelf(shelf)).get()?.n ?? 0;
  return { current: on('current'), archived: on('archived'), deleted: on('deleted') };
}

/** @throws NotFoundError, UnreadableError */
export function getPlan(db: Connection, id: string): StoredPlan {
  const found = db
    .select({ row: plans, document: planRevisions.document })
    .from(plans)
    .innerJoin(planRevisions, newest)
    .where(eq(plans.id, id))
    .get();
  if (!found) throw new NotFoundError('plan', id);
  return storedPlan(found.row, found.document, getPantry(db));
}

/**
 * Puts a new plan away under an id of its own. The same again makes one.
 * @throws PlanError when the id is that of another plan
 */
export function createPlan(db: Database, plan: NewPlan): StoredPlan {
  return createPlans(db, [plan])[0]!;
}

/** A plan that is not stored yet, under the id it is to have. */
export interface NewPlan {
  readonly id: string;
  readonly plan: Plan;
  readonly now: Date;
  readonly sitting?: string;
}

/** Stores several new plans, all of them or none. */
export function createPlans(db: Database, plans: readonly NewPlan[]): StoredPlan[] {
  write(db, (tx) => plans.forEach((each) => insertPlan(tx, each)));
  return plans.map(({ id }) => getPlan(db, id));
}

function insertPlan(tx: Connection, { id, plan, now, sitting = '' }: NewPlan): void {
  const at = now.toISOString();
  if (tx.select({ id: plans.id }).from(plans).where(eq(plans.id, id)).get()) {
    const first = and(eq(planRevisions.planId, id), eq(planRevisions.number, 1));
    const kept = tx.select().from(planRevisions).where(first).get();
    if (kept?.document === JSON.stringify(plan)) return;
    throw new PlanError('id: is that of another plan', 'id');
  }
  tx.insert(plans).values({ id, revision: 1, edition: 1, createdAt: at, updatedAt: at }).run();
  tx.insert(planRevisions)
    .values({
      planId: id,
      number: 1,
      document: JSON.stringify(plan),
      sitting,
      createdAt: at,
      updatedAt: at,
    })
    .run();
}

/**
 * Saves a plan as the cook works. The saves of one sitting fall into one revision, unless the log
 * already points at it. A save that does not follow the newest edition is a conflict and changes nothing.
 * @throws NotFoundError
 */
export function savePlan(
  db: Database,
  {
    id,
    plan,
    baseEdition,
    sitting,
    now,
  }: { id: string; plan: Plan; baseEdition: number; sitting: string; now: Date },
): SaveOutcome {
  return write(db, (tx) => {
    const current = getPlan(tx, id);
    const document = JSON.stringify(plan);
    if (JSON.stringify(current.plan) === document) {
      return { kind: 'saved', edition: current.edition, revision: current.revision };
    }
    if (current.edition !== baseEdition) return { kind: 'conflict', theirs: current };
    const at = now.toISOString();
    const revision = tx
      .select()
      .from(planRevisions)
      .where(and(eq(planRevisions.planId, id), eq(planRevisions.number, current.revision)))
      .get();
    const logged = tx
      .select({ n: count() })
      .from(runs)
      .where(and(eq(runs.planId, id), eq(runs.revision, current.revision)))
      .get();
    const sameSitting =
      revision !== undefined &&
      sitting !== '' &&
      revision.sitting === sitting &&
      !logged?.n &&
      // A named one is kept as it was when it was named.
      !revision.name &&
      now.getTime() - Date.parse(revision.createdAt) < SITTING_MS;
    const edition = current.edition + 1;
    if (!sameSitting) {
      addRevision(tx, { planId: id, document, sitting, now });
      return { kind: 'saved', edition, revision: current.revision + 1 };
    }
    tx.update(planRevisions)
      .set({ document, updatedAt: at })
      .where(eq(planRevisions.id, revision.id))
      .run();
    tx.update(plans).set({ edition, updatedAt: at }).where(eq(plans.id, id)).run();
    return { kind: 'saved', edition, revision: current.revision };
  });
}

/** So often a change meets another's save before it is given up. */
const TRIES = 20;

/**
 * Changes a plan as it now stands, in a revision of its own. Where somebody saved between the reading and the saving,
 * the change is made on what they saved: neither is lost.
 * @throws NotFoundError, VaultProblem where others never stop saving, and what `change` throws
 */
export function changePlan(
  db: Database,
  { id, change, now }: { id: string; change(plan: Plan): Plan; now: Date },
): void {
  for (let left = TRIES; left > 0; left -= 1) {
    const { plan, edition } = getPlan(db, id);
    const save = { id, plan: change(plan), baseEdition: edition, sitting: '', now };
    if (savePlan(db, save).kind === 'saved') return;
  }
  throw new VaultProblem('busy');
}

/** Puts a plan on another shelf; any move can be taken back. @throws NotFoundError */
export function movePlan(
  db: Database,
  { id, to, now }: { id: string; to: PlanShelf; now: Date },
): void {
  const at = now.toISOString();
  const set = {
    current: { archivedAt: null, deletedAt: null },
    archived: { archivedAt: at, deletedAt: null },
    // An archived plan that is deleted comes back archived.
    deleted: { deletedAt: at },
  }[to];
  const { changes } = write(db, (tx) => tx.update(plans).set(set).where(eq(plans.id, id)).run());
  if (changes === 0) throw new NotFoundError('plan', id);
}

/** When each plan was last made and how often, by plan id. */
export function lastMade(
  db: Database,
  ids: readonly string[],
): Map<string, { times: number; madeOn: string }> {
  const rows = db
    .select({
      planId: runs.planId,
      times: count(),
      madeOn: sql<string>`max(${runs.madeOn})`,
    })
    .from(runs)
    .where(and(eq(runs.status, 'finished'), inArray(runs.planId, [...ids])))
    .groupBy(runs.planId)
    .all();
  return new Map(rows.map(({ planId, times, madeOn }) => [planId, { times, madeOn }]));
}

import { and, desc, eq, sql } from 'drizzle-orm';
import type { Pantry } from '@/core/composition/pantry';
import { parsePlan } from '@/core/plan/document/parsePlan';
import type { Plan } from '@/core/plan/document/schema';
import { write, type Connection, type Database } from '../db/database';
import { planRevisions, plans } from '../db/schema';
import { NotFoundError } from './notFound';
import { getPantry } from './pantry';
import { readDocument, readEach, type Unreadable } from './unreadable';

/** What a plan was at one time. */
export interface PlanRevision {
  readonly number: number;
  /** What the cook calls it; null for none. */
  readonly name: string | null;
  readonly plan: Plan;
  readonly createdAt: string;
  readonly updatedAt: string;
}

/** Makes a document a plan's newest revision, whatever stood there. */
export function addRevision(
  tx: Connection,
  {
    planId,
    document,
    sitting,
    now,
  }: { planId: string; document: string; sitting: string; now: Date },
): void {
  const at = now.toISOString();
  const number = sql<number>`${plans.revision} + 1`;
  const row = tx
    .update(plans)
    .set({ revision: number, edition: sql`${plans.edition} + 1`, updatedAt: at })
    .where(eq(plans.id, planId))
    .returning({ number: plans.revision })
    .get();
  if (!row) throw new NotFoundError('plan', planId);
  tx.insert(planRevisions)
    .values({ planId, number: row.number, document, sitting, createdAt: at, updatedAt: at })
    .run();
}

/** Gives a revision a name, or takes it away. @throws NotFoundError */
export function nameRevision(
  db: Database,
  { planId, number, name }: { planId: string; number: number; name: string | null },
): void {
  const { changes } = write(db, (tx) =>
    tx
      .update(planRevisions)
      .set({ name })
      .where(and(eq(planRevisions.planId, planId), eq(planRevisions.number, number)))
      .run(),
  );
  if (changes === 0) throw new NotFoundError('revision', `${planId} / ${number}`);
}

/** Every revision of a plan, the newest first, and those that cannot be read. @throws NotFoundError */
export function listRevisions(
  db: Database,
  planId: string,
): { readonly revisions: PlanRevision[]; readonly unreadable: Unreadable[] } {
  const rows = db
    .select()
    .from(planRevisions)
    .where(eq(planRevisions.planId, planId))
    .orderBy(desc(planRevisions.number))
    .all();
  if (rows.length === 0) throw new NotFoundError('plan', planId);
  const pantry = getPantry(db);
  const { read, unreadable } = readEach(rows, (row) => readRevision(row, pantry));
  return { revisions: read, unreadable };
}

/** One revision. @throws NotFoundError, UnreadableError */
export function getRevision(db: Connection, planId: string, number: number): PlanRevision {
  const row = db
    .select()
    .from(planRevisions)
    .where(and(eq(planRevisions.planId, planId), eq(planRevisions.number, number)))
    .get();
  if (!row) throw new NotFoundError('revision', `${planId} / ${number}`);
  return readRevision(row, getPantry(db));
}

const readRevision = (row: typeof planRevisions.$inferSelect, pantry: Pantry): PlanRevision => ({
  number: row.number,
  name: row.name,
  plan: readDocument(row.document, (value) => parsePlan(value, pantry), {
    kind: 'revision',
    id: `${row.planId}/${row.number}`,
  }),
  createdAt: row.createdAt,
  updatedAt: row.updatedAt,
});

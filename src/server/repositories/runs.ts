import { isDeepStrictEqual } from 'node:util';
import * as z from 'zod';
import { and, asc, count, desc, eq, gt, inArray, sql } from 'drizzle-orm';
import { ALLERGENS } from '@/core/composition/allergens';
import { basisFrom, basisWith, type BasisParts } from '@/core/basis/basis';
import { learntSchema } from '@/core/calibrate/learntSchema';
import { type Learnt } from '@/core/basis/learnt';
import type { Ingredient, Preparation } from '@/core/composition/ingredient';
import { PlanError } from '@/core/plan/document/planError';
import type { Plan } from '@/core/plan/document/schema';
import { basisPartsFor } from '@/core/plan/model/withLearnt';
import { runEventSchema, type RunEvent } from '@/core/run/events';
import { foldRun, madeOnOf } from '@/core/run/fold';
import { SUMMARY_VERSION, summaryOf, type RunSummary } from '@/core/run/summary';
import { write, type Connection, type Database } from '../db/database';
import { runEvents, runs } from '../db/schema';
import { getKitchen, kitchenDay, kitchenZone } from './kitchen';
import { NotFoundError } from './notFound';
import { getPantry } from './pantry';
import { getRevision } from './revisions';
import { readDocument, readEach, type Unreadable } from './unreadable';

/** A run as it is read: what it is made from, and what has happened. */
export interface StoredRun extends BasisParts {
  readonly id: string;
  readonly planId: string;
  readonly revision: number;
  readonly plan: Plan;
  readonly events: readonly RunEvent[];
  /** Number of the newest event. */
  readonly last: number;
}

/** A run as lists show it. */
export interface RunRow {
  readonly id: string;
  readonly planId: string;
  readonly revision: number;
  readonly madeOn: string;
  readonly updatedAt: string;
  readonly summary: RunSummary;
}

/** A run holds no more events than this. */
const MOST_EVENTS = 20_000;

/** Rows of the pantry as they were that day: whatever an older product called a row. */
const rowsOf = <T extends { readonly id: string }>() =>
  z.array(z.custom<T>((row) => typeof (row as T | null)?.id === 'string', 'a row has no id'));

/** What a run was planned on, as it is kept. */
export const basisSchema = z.object({
  pantry: z.object({ ingredients: rowsOf<Ingredient>(), preparations: rowsOf<Preparation>() }),
  learnt: z.array(learntSchema).catch([]),
  alsoHandles: z.array(z.enum(ALLERGENS)).catch([]),
});

/** What a run was planned on. @throws UnreadableError */
const readBasis = (text: string, id: string): BasisParts =>
  readDocument(text, (value) => basisSchema.parse(value), { kind: 'run', id });

/**
 * Opens a run of a plan's revision. The same id again opens nothing twice.
 * @param learnt what this kitchen's runs have taught by now
 * @throws NotFoundError when the plan has no such revision
 */
export function openRun(
  db: Database | Connection,
  {
    id,
    planId,
    revision,
    learnt,
    now,
  }: { id: string; planId: string; revision: number; learnt: readonly Learnt[]; now: Date },
): void {
  inOne(db, (tx) => {
    const known = tx.select().from(runs).where(eq(runs.id, id)).get();
    if (known) {
      if (known.planId === planId && known.revision === revision) return;
      throw new PlanError('id: is that of a batch made from something else', 'id');
    }
    const { plan } = getRevision(tx, planId, revision);
    const basis = basisPartsFor(plan, basisWith(getPantry(tx), learnt, getKitchen(tx).alsoHandles));
    const summary = summaryOf(plan, foldRun([]), basisFrom(basis));
    tx.insert(runs)
      .values({
        id,
        planId,
        revision,
        basis: JSON.stringify(basis),
        summary: JSON.stringify(summary),
        madeOn: kitchenDay(tx, now),
        status: summary.status,
        createdAt: now.toISOString(),
        updatedAt: now.toISOString(),
      })
      .run();
  });
}

/** What a run is told after events were written down. */
export interface Written {
  readonly last: number;
}

/**
 * Adds what happened. An event that is there already changes nothing; the order they come in does not
 * matter.
 * @throws NotFoundError when there is no such run; PlanError when one has the id of another that says
 * something else: nothing is added then
 */
export function addEvents(
  db: Database | Connection,
  runId: string,
  events: readonly RunEvent[],
  now: Date,
): Written {
  return inOne(db, (tx) => {
    const row = tx.select().from(runs).where(eq(runs.id, runId)).get();
    if (!row) throw new NotFoundError('run', runId);
    const held = tx.select({ n: count() }).from(runEvents).where(eq(runEvents.runId, runId)).get();
    if ((held?.n ?? 0) + events.length > MOST_EVENTS) {
      throw new PlanError(`events: a run holds at most ${MOST_EVENTS}`, 'events');
    }
    const arrivedAt = now.toISOString();
    let added = 0;
    for (const event of events) {
      const { changes } = tx
        .insert(runEvents)
        .values({ id: event.id, runId, at: event.at, arrivedAt, document: JSON.stringify(event) })
        .onConflictDoNothing()
        .run();
      if (changes === 0) checkSame(tx, runId, event);
      added += changes;
    }
    if (added > 0) summarise(tx, row, now);
    return { last: lastSeq(tx, runId) };
  });
}

/** @throws PlanError when what is kept under an event's id is not that event */
function checkSame(tx: Connection, runId: string, event: RunEvent): void {
  const kept = tx
    .select({ document: runEvents.document })
    .from(runEvents)
    .where(and(eq(runEvents.runId, runId), eq(runEvents.id, event.id)))
    .get();
  const [known] = kept ? readEvent(kept.document) : [];
  // One that cannot be read is mended where such things are, not written over here.
  if (!known || isDeepStrictEqual(known, runEventSchema.parse(event))) return;
  throw new PlanError(`events: ${event.id} is there already and says something else`, 'events');
}

/** Works out again what a run comes to, and keeps it. */
function summarise(tx: Connection, row: typeof runs.$inferSelect, now: Date): RunSummary {
  const { plan } = getRevision(tx, row.planId, row.revision);
  const state = foldRun(eventsOf(tx, row.id));
  const summary = summaryOf(plan, state, basisFrom(readBasis(row.basis, row.id)));
  tx.update(runs)
    .set({
      summary: JSON.stringify(summary),
      madeOn: madeOnOf(state, kitchenZone(tx)) ?? row.madeOn,
      status: state.struck ? 'struck' : state.status,
      updatedAt: now.toISOString(),
    })
    .where(eq(runs.id, row.id))
    .run();
  return summary;
}

/** Works out again what a run comes to, after something of it was mended. @throws NotFoundError */
export function refreshSummary(tx: Connection, id: string, now: Date): void {
  const row = tx.select().from(runs).where(eq(runs.id, id)).get();
  if (!row) throw new NotFoundError('run', id);
  summarise(tx, row, now);
}

const lastSeq = (db: Connection, runId: string): number =>
  db
    .select({ last: sql<number>`coalesce(max(${runEvents.seq}), 0)` })
    .from(runEvents)
    .where(eq(runEvents.runId, runId))
    .get()?.last ?? 0;

/** Events of a run; one that cannot be read is left aside, not let stand in the way of the others. */
const eventsOf = (db: Connection, runId: string, after = 0): RunEvent[] =>
  db
    .select({ document: runEvents.document })
    .from(runEvents)
    .where(and(eq(runEvents.runId, runId), gt(runEvents.seq, after)))
    .orderBy(asc(runEvents.seq))
    .limit(MOST_EVENTS)
    .all()
    .flatMap(({ document }) => readEvent(document));

function readEvent(document: string): RunEvent[] {
  const { read } = readEach([document], (text) =>
    readDocument(text, (value) => runEventSchema.parse(value), { kind: 'event', id: '' }),
  );
  return read;
}

/**
 * What has arrived since an event's number.
 * @throws NotFoundError when there is no such run
 */
export function eventsAfter(
  db: Database,
  runId: string,
  after: number,
): { events: RunEvent[]; last: number } {
  const last = lastSeq(db, runId);
  if (last === 0 && !db.select({ id: runs.id }).from(runs).where(eq(runs.id, runId)).get()) {
    throw new NotFoundError('run', runId);
  }
  return { events: last > after ? eventsOf(db, runId, after) : [], last };
}

/** A run with everything that happened in it. @throws NotFoundError, UnreadableError */
export function getRun(db: Database | Connection, id: string): StoredRun {
  const row = db.select().from(runs).where(eq(runs.id, id)).get();
  if (!row) throw new NotFoundError('run', id);
  const { plan } = getRevision(db, row.planId, row.revision);
  return {
    id,
    planId: row.planId,
    revision: row.revision,
    plan,
    ...readBasis(row.basis, id),
    events: eventsOf(db, id),
    last: lastSeq(db, id),
  };
}

/** Which runs a list wants. */
export interface RunsWanted {
  readonly planId?: string;
  readonly status?: readonly ('open' | 'finished' | 'abandoned')[];
}

/** Runs that can be read, the latest day first; those struck out are not among them. */
export const listRuns = (db: Database | Connection, wanted: RunsWanted = {}): RunRow[] =>
  readRuns(db, wanted).runs;

/** The same, and those that cannot be read. */
export function readRuns(
  db: Database | Connection,
  wanted: RunsWanted = {},
): { readonly runs: RunRow[]; readonly unreadable: Unreadable[] } {
  const status = wanted.status ?? ['open', 'finished', 'abandoned'];
  const rows = db
    .select({
      id: runs.id,
      planId: runs.planId,
      revision: runs.revision,
      madeOn: runs.madeOn,
      updatedAt: runs.updatedAt,
      summary: runs.summary,
    })
    .from(runs)
    .where(
      and(
        inArray(runs.status, [...status]),
        wanted.planId === undefined ? undefined : eq(runs.planId, wanted.planId),
      ),
    )
    .orderBy(desc(runs.madeOn), desc(runs.createdAt))
    .all();
  const { read, unreadable } = readEach(rows, (row) => ({
    ...row,
    summary: summaryKept(row.summary, row.id),
  }));
  return { runs: read, unreadable };
}

/** Summaries read before, by their batch: those of a long logbook stand as they stood. */
const summaries = new Map<string, { readonly text: string; readonly summary: RunSummary }>();

/** So many are remembered. */
const MOST_SUMMARIES = 10_000;

function summaryKept(text: string, id: string): RunSummary {
  const known = summaries.get(id);
  if (known?.text === text) return known.summary;
  const summary = readSummary(text, id);
  if (summaries.size >= MOST_SUMMARIES) summaries.clear();
  summaries.set(id, { text, summary });
  return summary;
}

/** What a run comes to, as it is kept. @throws UnreadableError */
export const readSummary = (text: string, id: string): RunSummary =>
  readDocument(
    text,
    (value) => {
      if (!isSummary(value))
        throw new PlanError(`its summary is not of version ${SUMMARY_VERSION}`);
      return value;
    },
    { kind: 'run', id },
  );

/** Summaries are this product's own work: their version says that they are whole. */
const isSummary = (value: unknown): value is RunSummary =>
  typeof value === 'object' &&
  value !== null &&
  'version' in value &&
  value.version === SUMMARY_VERSION;

/** Makes summaries again that an older product wrote, or that cannot be read; called as a file is opened. */
export function refreshSummaries(db: Database): void {
  const old = db
    .select()
    .from(runs)
    .where(
      sql`coalesce(iif(json_valid(${runs.summary}), json_extract(${runs.summary}, '$.version'), 0), 0) <> ${SUMMARY_VERSION}`,
    )
    .all();
  if (old.length === 0) return;
  write(db, (tx) => {
    // One whose plan or basis cannot be read waits until that is mended.
    readEach(old, (row) => summarise(tx, row, new Date(row.updatedAt)));
  });
}

/** In a transaction of its own, or in the one that is open. */
const inOne = <T>(db: Database | Connection, run: (tx: Connection) => T): T =>
  '$client' in db ? write(db, run) : run(db);

import { isDeepStrictEqual } from 'node:util';
import { eq } from 'drizzle-orm';
import { v4, v5 } from 'uuid';
import { basisFrom, type Basis } from '@/core/basis/basis';
import { logEntrySchema, type LogEntry } from '@/core/log/logEntry';
import { PlanError } from '@/core/plan/document/planError';
import { runEventSchema, type RunEvent } from '@/core/run/events';
import { foldRun, type RunState } from '@/core/run/fold';
import { entryOfRun, eventsOfEntry } from '@/core/run/writtenDown';
import { write, type Database } from '../db/database';
import { logEntries, runs } from '../db/schema';
import { kitchenZone } from './kitchen';
import { getLearnt } from './learnt';
import { NotFoundError } from './notFound';
import { readEach } from './unreadable';
import { addEvents, getRun, listRuns, openRun } from './runs';

export interface StoredLogEntry {
  readonly entry: LogEntry;
  /** The plan's revision it was made from. */
  readonly revision: number;
  /** What the run was planned on that day. */
  readonly basis: Basis;
  readonly state: RunState;
}

/** What came of a plan, the latest day first. */
export const listLog = (db: Database, planId: string): StoredLogEntry[] =>
  readEach(listRuns(db, { planId, status: ['finished'] }), ({ id, revision }) => {
    const run = getRun(db, id);
    const state = foldRun(run.events);
    return {
      entry: entryOfRun(id, state, kitchenZone(db)),
      revision,
      basis: basisFrom(run),
      state,
    };
  }).read;

/** Noon of a day: where a batch written down afterwards lies in time. */
const noon = (day: string): string => `${day}T12:00:00.000Z`;

/**
 * Writes a batch down as a finished run. The same id again changes nothing twice: the first one stands;
 * one that was taken out is back in.
 * @throws NotFoundError when the plan has no such revision
 */
export function addLogEntry(
  db: Database,
  {
    planId,
    revision,
    entry,
    now,
  }: { planId: string; revision: number; entry: LogEntry; now: Date },
): void {
  const learnt = getLearnt(db, now);
  write(db, (tx) => {
    const known = tx.select().from(runs).where(eq(runs.id, entry.id)).get();
    if (known) {
      if (known.status !== 'struck') {
        const kept = new Map(getRun(db, entry.id).events.map((event) => [event.id, event]));
        const written = eventsOf(entry);
        if (
          known.planId === planId &&
          written.every((each) => isDeepStrictEqual(kept.get(each.id), each))
        )
          return;
        throw new PlanError('entry: is written down already, and says something else', 'id');
      }
      const struck = foldRun(getRun(db, entry.id).events).events.filter(
        ({ kind }) => kind === 'struck',
      );
      const back = struck.map(({ id }) => ({
        id: v4(),
        at: now.toISOString(),
        kind: 'takenBack' as const,
        event: id,
      }));
      addEvents(tx, entry.id, back, now);
      return;
    }
    openRun(tx, { id: entry.id, planId, revision, learnt, now });
    addEvents(tx, entry.id, eventsOf(entry), now);
  });
}

/** What an entry says happened: the same each time it is asked. */
const eventsOf = (entry: LogEntry): RunEvent[] =>
  eventsOfEntry(entry, { at: noon(entry.madeOn), idOf: (part) => v5(part, entry.id) }).map(
    (event) => runEventSchema.parse(event),
  );

/**
 * Puts right what was written down: what stood is taken back, what is right is added. The revision and the
 * basis of that day stay.
 * @throws NotFoundError
 */
export function changeLogEntry(
  db: Database,
  planId: string,
  entry: LogEntry,
  now = new Date(),
): void {
  const run = getRun(db, entry.id);
  if (run.planId !== planId) throw new NotFoundError('log entry', entry.id);
  const replaced = new Set(
    eventsOfEntry(entry, { at: '', idOf: () => '' }).map(({ kind }) => kind),
  );
  const backs = foldRun(run.events)
    .events.filter(({ kind }) => replaced.has(kind) || kind === 'sheetDone' || kind === 'noted')
    .map(({ id }) => ({
      id: v4(),
      at: now.toISOString(),
      kind: 'takenBack' as const,
      event: id,
    }));
  const right = eventsOfEntry(entry, { at: noon(entry.madeOn), idOf: () => v4() });
  addEvents(db, entry.id, [...backs, ...right], now);
}

/** Takes a batch out of the logbook. Taking out one that is not there is no error: the wish is met. */
export function removeLogEntry(db: Database, planId: string, id: string, now = new Date()): void {
  const row = db.select().from(runs).where(eq(runs.id, id)).get();
  if (!row || row.planId !== planId || row.status === 'struck') return;
  addEvents(db, id, [{ id: v4(), at: now.toISOString(), kind: 'struck' }], now);
}

/** Turns batches of the old log into runs, each whole or not at all; one that cannot be read stays where it is. */
export function bringLogForward(db: Database): void {
  const old = db.select().from(logEntries).all();
  if (old.length === 0) return;
  write(db, (tx) => {
    for (const row of old) {
      const read = logEntrySchema.safeParse(safeJson(row.document));
      if (!read.success) continue;
      const entry = { ...read.data, id: row.id };
      const now = new Date(row.createdAt);
      openRun(tx, { id: row.id, planId: row.planId, revision: row.revision, learnt: [], now });
      if (row.pantry) {
        const basis = { pantry: safeJson(row.pantry), learnt: [], alsoHandles: [] };
        tx.update(runs)
          .set({ basis: JSON.stringify(basis) })
          .where(eq(runs.id, row.id))
          .run();
      }
      const idOf = (part: string) => v5(part, row.id);
      addEvents(tx, row.id, eventsOfEntry(entry, { at: noon(entry.madeOn), idOf }), now);
      tx.delete(logEntries).where(eq(logEntries.id, row.id)).run();
    }
  });
}

function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

import { isDeepStrictEqual } from 'node:util';
import { and, asc, count, desc, eq, gt, isNotNull, isNull, sql } from 'drizzle-orm';
import { PlanError } from '@/core/plan/document/planError';
import { runEventSchema, type RunEvent } from '@/core/run/events';
import { parseDay, type Day } from '@/core/schedule/document/day';
import { dayMarkSchema, type DayMark } from '@/core/schedule/document/marks';
import { write, type Connection, type Database } from '../db/database';
import { dayMarks, dayRuns, days, runEvents } from '../db/schema';
import { NotFoundError } from './notFound';
import { readDocument, readEach, type Unreadable } from './unreadable';

/** A day with its document. */
export interface StoredDay {
  readonly id: string;
  readonly day: Day;
  readonly edition: number;
  readonly updatedAt: string;
  readonly deletedAt: string | null;
}

export type DayShelf = 'current' | 'deleted';

type Row = typeof days.$inferSelect;

const storedDay = ({ id, document, edition, updatedAt, deletedAt }: Row): StoredDay => ({
  id,
  day: readDocument(document, parseDay, { kind: 'day', id }),
  edition,
  updatedAt,
  deletedAt,
});

const onShelf = (shelf: DayShelf) =>
  shelf === 'deleted' ? isNotNull(days.deletedAt) : isNull(days.deletedAt);

/** Days on one page of the list. */
export const DAYS_A_PAGE = 30;

/** One page of the days on a shelf, the latest first, and those of it that cannot be read. */
export function listDays(
  db: Database,
  shelf: DayShelf = 'current',
  page = 1,
): { readonly days: StoredDay[]; readonly unreadable: Unreadable[] } {
  const rows = db
    .select()
    .from(days)
    .where(onShelf(shelf))
    .orderBy(desc(days.date), desc(days.createdAt))
    .limit(DAYS_A_PAGE)
    .offset((page - 1) * DAYS_A_PAGE)
    .all();
  const { read, unreadable } = readEach(rows, storedDay);
  return { days: read, unreadable };
}

export const countDays = (db: Database, shelf: DayShelf): number =>
  db.select({ n: count() }).from(days).where(onShelf(shelf)).get()?.n ?? 0;

/** @throws NotFoundError, UnreadableError */
export function getDay(db: Connection, id: string): StoredDay {
  const row = db.select().from(days).where(eq(days.id, id)).get();
  if (!row) throw new NotFoundError('day', id);
  return storedDay(row);
}

/** Puts a new day away under an id of its own. The same again makes one. @throws PlanError when it is another’s */
export function createDay(
  db: Database,
  { id, day, now }: { id: string; day: Day; now: Date },
): StoredDay {
  return write(db, (tx) => {
    const known = tx.select().from(days).where(eq(days.id, id)).get();
    if (known) {
      if (known.document === JSON.stringify(day)) return storedDay(known);
      throw new PlanError('id: is that of another day', 'id');
    }
    const at = now.toISOString();
    const row = {
      id,
      document: JSON.stringify(day),
      edition: 1,
      date: day.date,
      createdAt: at,
      updatedAt: at,
      deletedAt: null,
    };
    tx.insert(days).values(row).run();
    return storedDay(row);
  });
}

/** What came of a save of a day. */
export type DaySave =
  | { readonly kind: 'saved'; readonly edition: number }
  | { readonly kind: 'conflict'; readonly theirs: Day; readonly edition: number };

/**
 * Saves a day.
 * @param baseEdition the edition it was made from: another one is a conflict, and changes nothing
 * @throws NotFoundError; UnreadableError while what is kept cannot be read: it is not written over
 */
export function saveDay(
  db: Database,
  { id, day, baseEdition, now }: { id: string; day: Day; baseEdition: number; now: Date },
): DaySave {
  return write(db, (tx) => {
    const { day: theirs, edition } = getDay(tx, id);
    if (isDeepStrictEqual(theirs, day)) return { kind: 'saved', edition };
    if (baseEdition !== edition) return { kind: 'conflict', theirs, edition };
    tx.update(days)
      .set({
        document: JSON.stringify(day),
        edition: edition + 1,
        date: day.date,
        updatedAt: now.toISOString(),
      })
      .where(eq(days.id, id))
      .run();
    return { kind: 'saved', edition: edition + 1 };
  });
}

/** Deletes a day or brings it back. @throws NotFoundError */
export function moveDay(
  db: Database,
  { id, to, now }: { id: string; to: DayShelf; now: Date },
): void {
  write(db, (tx) => {
    const { changes } = tx
      .update(days)
      .set({ deletedAt: to === 'deleted' ? now.toISOString() : null })
      .where(eq(days.id, id))
      .run();
    if (changes === 0) throw new NotFoundError('day', id);
  });
}

/** Destroys a day with its marks. Runs at the bench stay. There is no way back. @throws NotFoundError */
export function destroyDay(db: Database, id: string): void {
  write(db, (tx) => {
    tx.delete(dayMarks).where(eq(dayMarks.dayId, id)).run();
    tx.delete(dayRuns).where(eq(dayRuns.dayId, id)).run();
    const { changes } = tx.delete(days).where(eq(days.id, id)).run();
    if (changes === 0) throw new NotFoundError('day', id);
  });
}

/** A day holds no more marks than this. */
const MOST_MARKS = 5000;

/**
 * Adds what happened. A mark that is there already changes nothing.
 * @throws NotFoundError; PlanError when one has the id of another that says something else: nothing is added then
 */
export function addMarks(
  db: Database,
  dayId: string,
  marks: readonly DayMark[],
  now: Date,
): { readonly last: number } {
  return write(db, (tx) => {
    if (!tx.select({ id: days.id }).from(days).where(eq(days.id, dayId)).get()) {
      throw new NotFoundError('day', dayId);
    }
    const held = tx.select({ n: count() }).from(dayMarks).where(eq(dayMarks.dayId, dayId)).get();
    if ((held?.n ?? 0) + marks.length > MOST_MARKS) {
      throw new PlanError(`marks: a day holds at most ${MOST_MARKS}`, 'marks');
    }
    const arrivedAt = now.toISOString();
    for (const mark of marks) {
      const { changes } = tx
        .insert(dayMarks)
        .values({ id: mark.id, dayId, arrivedAt, document: JSON.stringify(mark) })
        .onConflictDoNothing()
        .run();
      if (changes > 0) continue;
      const kept = tx
        .select({ document: dayMarks.document })
        .from(dayMarks)
        .where(and(eq(dayMarks.dayId, dayId), eq(dayMarks.id, mark.id)))
        .get();
      const [known] = kept ? readMark(kept.document) : [];
      if (known && !isDeepStrictEqual(known, dayMarkSchema.parse(mark))) {
        throw new PlanError(`marks: ${mark.id} is there already and says something else`, 'marks');
      }
    }
    return { last: lastMark(tx, dayId) };
  });
}

const lastMark = (db: Connection, dayId: string): number =>
  db
    .select({ last: sql<number>`coalesce(max(${dayMarks.seq}), 0)` })
    .from(dayMarks)
    .where(eq(dayMarks.dayId, dayId))
    .get()?.last ?? 0;

/** A mark that cannot be read is left aside, not let stand in the way of the others. */
const readMark = (document: string): DayMark[] =>
  readEach([document], (text) =>
    readDocument(text, (value) => dayMarkSchema.parse(value), { kind: 'day', id: '' }),
  ).read;

/** A run of one of the day's services, with what happened in it. */
export interface DayRun {
  readonly service: string;
  readonly runId: string;
  readonly events: readonly RunEvent[];
}

/** How far a day has come: its marks, the runs that make it, and a number that changes whenever either does. */
export interface DayProgress {
  readonly marks: readonly DayMark[];
  readonly runs: readonly DayRun[];
  readonly edition: number;
  readonly version: string;
}

/** What of a run a day's clock reads. */
const READ_KINDS = ['stepBegun', 'stepDone', 'sheetDone', 'roundDone', 'finished', 'takenBack'];

/**
 * How far a day has come.
 * @param known the version the asker has: nothing more is read when it is the same
 * @throws NotFoundError
 */
export function dayProgress(
  db: Database,
  dayId: string,
  known = '',
): DayProgress | { readonly same: true } {
  const row = db.select({ edition: days.edition }).from(days).where(eq(days.id, dayId)).get();
  if (!row) throw new NotFoundError('day', dayId);
  const links = db
    .select()
    .from(dayRuns)
    .where(eq(dayRuns.dayId, dayId))
    .orderBy(asc(dayRuns.id))
    .all();
  const lasts = links.map(
    ({ runId }) =>
      db
        .select({ last: sql<number>`coalesce(max(${runEvents.seq}), 0)` })
        .from(runEvents)
        .where(eq(runEvents.runId, runId))
        .get()?.last ?? 0,
  );
  const version = [row.edition, lastMark(db, dayId), ...lasts].join('-');
  if (version === known) return { same: true };
  return {
    edition: row.edition,
    version,
    marks: db
      .select({ document: dayMarks.document })
      .from(dayMarks)
      .where(and(eq(dayMarks.dayId, dayId), gt(dayMarks.seq, 0)))
      .orderBy(asc(dayMarks.seq))
      .all()
      .flatMap(({ document }) => readMark(document)),
    runs: links.map(({ service, runId }) => ({
      service,
      runId,
      events: db
        .select({ document: runEvents.document })
        .from(runEvents)
        .where(eq(runEvents.runId, runId))
        .orderBy(asc(runEvents.seq))
        .all()
        .flatMap(({ document }) => readRunEvent(document)),
    })),
  };
}

function readRunEvent(document: string): RunEvent[] {
  try {
    const event = runEventSchema.safeParse(JSON.parse(document));
    return event.success && READ_KINDS.includes(event.data.kind) ? [event.data] : [];
  } catch {
    return [];
  }
}

/** A run makes a day's service. The same again changes nothing. */
export function linkRun(
  tx: Connection,
  { dayId, service, runId }: { dayId: string; service: string; runId: string },
): void {
  tx.insert(dayRuns).values({ dayId, service, runId }).onConflictDoNothing().run();
}

/** The run of a day's service that was linked last; null when there is none. */
export const runOfService = (db: Connection, dayId: string, service: string): string | null =>
  db
    .select({ runId: dayRuns.runId })
    .from(dayRuns)
    .where(and(eq(dayRuns.dayId, dayId), eq(dayRuns.service, service)))
    .orderBy(desc(dayRuns.id))
    .get()?.runId ?? null;

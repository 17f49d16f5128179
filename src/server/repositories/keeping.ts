import { and, desc, eq, isNotNull, sql } from 'drizzle-orm';
import { ingredientSchema, preparationSchema } from '@/core/composition/pantrySchema';
import type { Pantry } from '@/core/composition/pantry';
import { kitchenSchema } from '@/core/kitchen/kitchen';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { FieldError } from '@/core/range';
import { runEventSchema } from '@/core/run/events';
import { parseDay } from '@/core/schedule/document/day';
import { write, type Connection, type Database } from '../db/database';
import {
  days,
  kitchens,
  pantryIngredients,
  pantryPreparations,
  planRevisions,
  plans,
  runEvents,
  runs,
} from '../db/schema';
import { databaseProblem } from '../vault/problem';
import { destroyDay, moveDay } from './days';
import { NotFoundError } from './notFound';
import { getPantry, nextPantryEdition, removeRow } from './pantry';
import { destroyPlan, destroyRuns, movePlan, newest } from './plans';
import { addRevision } from './revisions';
import { basisSchema, refreshSummary } from './runs';
import {
  readDocument,
  readEach,
  UnreadableError,
  type DocumentKind,
  type Unreadable,
} from './unreadable';

/** Where one kind of document is kept, how it is read, mended and taken away. */
interface Keeping {
  /** Every document of the kind that may be unreadable. */
  all(db: Connection): readonly { readonly id: string; readonly document: string }[];
  one(db: Connection, id: string): { readonly document: string } | undefined;
  /** @throws when the document is none */
  parse(value: unknown, pantry: () => Pantry): unknown;
  /** Puts a document that was read in its place. */
  put(tx: Connection, id: string, document: string, now: Date): void;
  remove(db: Database, id: string, now: Date): void;
}

/** An id that is made of two: what holds it, and its own. */
const inTwo = (id: string): readonly [string, string] => {
  const at = id.lastIndexOf('/');
  return [id.slice(0, at), id.slice(at + 1)];
};

const revisionAt = (id: string) => {
  const [planId, number] = inTwo(id);
  return and(eq(planRevisions.planId, planId), eq(planRevisions.number, Number(number)));
};

const eventAt = (id: string) => {
  const [runId, eventId] = inTwo(id);
  return and(eq(runEvents.runId, runId), eq(runEvents.id, eventId));
};

const broken = (column: typeof planRevisions.document | typeof runEvents.document) =>
  sql`not json_valid(${column})`;

const rows = (
  table: typeof pantryIngredients | typeof pantryPreparations,
  name: 'ingredients' | 'preparations',
  parse: Keeping['parse'],
): Keeping => ({
  all: (db) => db.select({ id: table.id, document: table.document }).from(table).all(),
  one: (db, id) =>
    db.select({ document: table.document }).from(table).where(eq(table.id, id)).get(),
  parse,
  put(tx, id, document, now) {
    tx.update(table)
      .set({ document, edition: nextPantryEdition(tx), updatedAt: now.toISOString() })
      .where(eq(table.id, id))
      .run();
  },
  remove: (db, id) => removeRow(db, name, id),
});

const KEEPING: Readonly<Record<DocumentKind, Keeping>> = {
  plan: {
    all: (db) =>
      db
        .select({ id: plans.id, document: planRevisions.document })
        .from(plans)
        .innerJoin(planRevisions, newest)
        .all(),
    one: (db, id) =>
      db
        .select({ document: planRevisions.document })
        .from(plans)
        .innerJoin(planRevisions, newest)
        .where(eq(plans.id, id))
        .get(),
    parse: (value, pantry) => parsePlan(value, pantry()),
    // The one that cannot be read stays behind it, as every revision does.
    put: (tx, id, document, now) => addRevision(tx, { planId: id, document, sitting: '', now }),
    remove(db, id, now) {
      const gone = and(eq(plans.id, id), isNotNull(plans.deletedAt));
      if (db.select({ id: plans.id }).from(plans).where(gone).get()) destroyPlan(db, id);
      else movePlan(db, { id, to: 'deleted', now });
    },
  },
  revision: {
    // Looking through every old revision takes long; what is no JSON at all is found at once.
    all: (db) =>
      db
        .select({
          id: sql<string>`${planRevisions.planId} || '/' || ${planRevisions.number}`,
          document: planRevisions.document,
        })
        .from(planRevisions)
        .innerJoin(plans, eq(planRevisions.planId, plans.id))
        .where(
          and(broken(planRevisions.document), sql`${planRevisions.number} <> ${plans.revision}`),
        )
        .all(),
    one: (db, id) =>
      db
        .select({ document: planRevisions.document })
        .from(planRevisions)
        .where(revisionAt(id))
        .get(),
    parse: (value, pantry) => parsePlan(value, pantry()),
    put(tx, id, document) {
      tx.update(planRevisions).set({ document }).where(revisionAt(id)).run();
    },
    remove(db, id) {
      const [planId, number] = inTwo(id);
      const made = and(eq(runs.planId, planId), eq(runs.revision, Number(number)));
      write(db, (tx) => {
        if (tx.select({ id: runs.id }).from(runs).where(made).get()) {
          throw new FieldError(
            'revision',
            'was made at the bench: its runs point at it, so it stays',
          );
        }
        tx.delete(planRevisions).where(revisionAt(id)).run();
      });
    },
  },
  kitchen: {
    all: (db) =>
      db
        .select({ id: sql<string>`'1'`, document: kitchens.document })
        .from(kitchens)
        .all(),
    one: (db) => db.select({ document: kitchens.document }).from(kitchens).get(),
    parse: (value) => kitchenSchema.parse(value),
    put(tx, _id, document, now) {
      tx.update(kitchens)
        .set({ document, edition: sql`${kitchens.edition} + 1`, updatedAt: now.toISOString() })
        .run();
    },
    remove(db) {
      write(db, (tx) => tx.delete(kitchens).run());
    },
  },
  ingredient: rows(pantryIngredients, 'ingredients', (row) => ingredientSchema.parse(row)),
  preparation: rows(pantryPreparations, 'preparations', (row) => preparationSchema.parse(row)),
  run: {
    all: (db) => db.select({ id: runs.id, document: runs.basis }).from(runs).all(),
    one: (db, id) => db.select({ document: runs.basis }).from(runs).where(eq(runs.id, id)).get(),
    parse: (value) => basisSchema.parse(value),
    put(tx, id, document, now) {
      tx.update(runs).set({ basis: document }).where(eq(runs.id, id)).run();
      refreshSummary(tx, id, now);
    },
    remove(db, id) {
      write(db, (tx) => destroyRuns(tx, eq(runs.id, id)));
    },
  },
  day: {
    all: (db) => db.select({ id: days.id, document: days.document }).from(days).all(),
    one: (db, id) => db.select({ document: days.document }).from(days).where(eq(days.id, id)).get(),
    parse: (value) => parseDay(value),
    put(tx, id, document, now) {
      tx.update(days)
        .set({
          document,
          edition: sql`${days.edition} + 1`,
          date: parseDay(JSON.parse(document)).date,
          updatedAt: now.toISOString(),
        })
        .where(eq(days.id, id))
        .run();
    },
    remove(db, id, now) {
      const gone = and(eq(days.id, id), isNotNull(days.deletedAt));
      if (db.select({ id: days.id }).from(days).where(gone).get()) destroyDay(db, id);
      else moveDay(db, { id, to: 'deleted', now });
    },
  },
  event: {
    all: (db) =>
      db
        .select({
          id: sql<string>`${runEvents.runId} || '/' || ${runEvents.id}`,
          document: runEvents.document,
        })
        .from(runEvents)
        .where(broken(runEvents.document))
        .all(),
    one: (db, id) =>
      db.select({ document: runEvents.document }).from(runEvents).where(eventAt(id)).get(),
    parse: (value) => runEventSchema.parse(value),
    put(tx, id, document, now) {
      tx.update(runEvents).set({ document }).where(eventAt(id)).run();
      refreshSummary(tx, inTwo(id)[0], now);
    },
    remove(db, id) {
      write(db, (tx) => tx.delete(runEvents).where(eventAt(id)).run());
    },
  },
};

/** Reads documents with the pantry of a kitchen, which is read once, when it is needed. */
function readerOf(db: Connection) {
  let pantry: Pantry | undefined;
  const pantryOf = () => (pantry ??= getPantry(db));
  return (kind: DocumentKind, id: string, text: string): unknown =>
    readDocument(text, (value) => KEEPING[kind].parse(value, pantryOf), { kind, id });
}

/** What of a kitchen cannot be read. */
export interface Unread {
  readonly documents: readonly Unreadable[];
  /** Kinds of which some, or all, lie in a part of the file that is damaged: none of them was looked at. */
  readonly damaged: readonly DocumentKind[];
}

/**
 * Every kept document that cannot be read. Of older revisions and of events only what is no JSON is found
 * here; the rest is told where it is looked at.
 */
export function findUnreadable(db: Database): Unread {
  const read = readerOf(db);
  const damaged: DocumentKind[] = [];
  const documents = (Object.keys(KEEPING) as DocumentKind[]).flatMap((kind) => {
    try {
      return readEach(KEEPING[kind].all(db), ({ id, document }) => read(kind, id, document))
        .unreadable;
    } catch (error) {
      if (databaseProblem(error)?.trouble !== 'damaged') throw error;
      damaged.push(kind);
      return [];
    }
  });
  return { documents, damaged };
}

/** A kept document as it stands, and why it cannot be read; null where it can. */
export interface RawDocument {
  readonly text: string;
  readonly why: Unreadable | null;
}

/** @throws NotFoundError */
export function rawDocument(db: Database, kind: DocumentKind, id: string): RawDocument {
  const found = KEEPING[kind].one(db, id);
  if (!found) throw new NotFoundError(kind, id);
  const [why = null] = readEach([found.document], (text) =>
    readerOf(db)(kind, id, text),
  ).unreadable;
  return { text: found.document, why };
}

/**
 * Puts a mended document in the place of one that cannot be read.
 * @throws FieldError when the new one cannot be read either, or the old one can; NotFoundError
 */
export function mendDocument(
  db: Database,
  { kind, id, text, now }: { kind: DocumentKind; id: string; text: string; now: Date },
): void {
  if (!rawDocument(db, kind, id).why) throw new FieldError('document', 'can be read as it is');
  write(db, (tx) => {
    try {
      readerOf(tx)(kind, id, text);
    } catch (error) {
      if (!(error instanceof UnreadableError)) throw error;
      throw new FieldError('document', `cannot be read yet: ${error.document.reason}`);
    }
    KEEPING[kind].put(tx, id, JSON.stringify(JSON.parse(text)), now);
  });
}

/**
 * Takes a document away that cannot be read. A plan goes among the deleted ones first; the kitchen is the
 * starting one again.
 * @throws FieldError when it can be read, or others point at it; NotFoundError
 */
export function removeDocument(
  db: Database,
  { kind, id, now }: { kind: DocumentKind; id: string; now: Date },
): void {
  if (!rawDocument(db, kind, id).why) throw new FieldError('document', 'can be read as it is');
  KEEPING[kind].remove(db, id, now);
}

/** The newest revision of a plan that can be read; null when there is none. */
export function lastReadable(db: Database, planId: string): number | null {
  const read = readerOf(db);
  const found = db
    .select({ number: planRevisions.number, document: planRevisions.document })
    .from(planRevisions)
    .where(eq(planRevisions.planId, planId))
    .orderBy(desc(planRevisions.number))
    .all()
    .find(
      ({ number, document }) =>
        readEach([document], (text) => read('revision', `${planId}/${number}`, text)).read.length >
        0,
    );
  return found?.number ?? null;
}

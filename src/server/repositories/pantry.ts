import { isDeepStrictEqual } from 'node:util';
import { eq, or, sql } from 'drizzle-orm';
import type { Ingredient, Preparation } from '@/core/composition/ingredient';
import {
  pantryWith,
  startingPantry,
  type Pantry,
  type PantryRows,
} from '@/core/composition/pantry';
import { ingredientSchema, preparationSchema } from '@/core/composition/pantrySchema';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { FieldError } from '@/core/range';
import { write, type Connection, type Database } from '../db/database';
import { pantries, pantryIngredients, pantryPreparations, planRevisions } from '../db/schema';
import { readDocument, readEach, type DocumentKind, type Unreadable } from './unreadable';

/** Which of the two tables. */
export type PantryTable = 'ingredients' | 'preparations';

const TABLES = { ingredients: pantryIngredients, preparations: pantryPreparations } as const;

/** The cook's own rows that can be read, by id. */
export const ownRows = (db: Connection): PantryRows => pantryKept(db).rows;

/** What is remembered of the pantry of a mark. */
interface Kept {
  readonly rows: PantryRows;
  readonly pantry: Pantry;
}

/** Pantries read before, by their mark: every page and every plan needs one, and it is seldom written to. */
const marked = new Map<string, Kept>();

/** A server looks after one kitchen; a command line may open two. */
const MOST_MARKED = 3;

function pantryKept(db: Connection): Kept {
  const mark = pantryMark(db);
  const known = mark === null ? undefined : marked.get(mark);
  if (known) return known;
  const { rows } = readRows(db);
  const kept = { rows, pantry: pantryWith(rows) };
  if (mark === null) return kept;
  if (marked.size >= MOST_MARKED) marked.clear();
  marked.set(mark, kept);
  return kept;
}

/** What tells one state of the pantry from every other; null where it was never given. */
export const pantryMark = (db: Connection): string | null =>
  db.select({ mark: pantries.mark }).from(pantries).get()?.mark ?? null;

/** Rows as they were read, by their text: most of a large pantry stands as it stood a moment ago. */
const readAlready = new Map<string, Ingredient | Preparation>();

/** As many of them are remembered, both tables of two large kitchens and more. */
const MOST_REMEMBERED = 20_000;

function remembered<T extends Ingredient | Preparation>(key: string, read: () => T): T {
  const known = readAlready.get(key);
  if (known) return known as T;
  const row = read();
  if (readAlready.size >= MOST_REMEMBERED) readAlready.clear();
  readAlready.set(key, row);
  return row;
}

/** The edition of each of the cook's own rows, by id. One that is not the cook's own is of edition 0. */
export type RowEditions = Readonly<Record<PantryTable, Readonly<Record<string, number>>>>;

/** The same, their editions, and those that cannot be read. */
export function readRows(db: Connection): {
  readonly rows: PantryRows;
  readonly editions: RowEditions;
  readonly unreadable: Unreadable[];
} {
  const read = <T extends Ingredient | Preparation>(
    table: PantryTable,
    kind: DocumentKind,
    parse: (value: unknown) => T,
  ) => {
    const from = TABLES[table];
    const rows = db
      .select({ id: from.id, document: from.document, edition: from.edition })
      .from(from)
      .orderBy(from.id)
      .all();
    return {
      ...readEach(rows, ({ id, document }) =>
        remembered(kind + document, () => readDocument(document, parse, { kind, id })),
      ),
      editions: Object.fromEntries(rows.map(({ id, edition }) => [id, edition])),
    };
  };
  const ingredients = read('ingredients', 'ingredient', (row) => ingredientSchema.parse(row));
  const preparations = read('preparations', 'preparation', (row) => preparationSchema.parse(row));
  return {
    rows: { ingredients: ingredients.read, preparations: preparations.read },
    editions: { ingredients: ingredients.editions, preparations: preparations.editions },
    unreadable: [...ingredients.unreadable, ...preparations.unreadable],
  };
}

/** The pantry as it now stands: shipped rows, the cook's own over them. */
export const getPantry = (db: Connection): Pantry => pantryKept(db).pantry;

/** Kitchens of before editions hold rows of edition 1: the first that is given is past it. */
const FIRST_EDITION = 2;

/** The edition of what is about to be written. */
export const nextPantryEdition = (tx: Connection): number =>
  tx
    .insert(pantries)
    .values({ id: 1, edition: FIRST_EDITION })
    .onConflictDoUpdate({ target: pantries.id, set: { edition: sql`${pantries.edition} + 1` } })
    .returning({ edition: pantries.edition })
    .get().edition;

/**
 * Writes rows, each new or over the one with its id; all of them or, when one cannot be written, none.
 * A row that is the shipped one again is no longer the cook's own.
 * @throws FieldError naming the plan that would become unreadable
 */
export function saveRows(
  db: Database,
  table: PantryTable,
  rows: readonly (Ingredient | Preparation)[],
  { now }: { now: Date },
): void {
  write(db, (tx) => putRows(tx, table, rows, now));
}

/** @returns the edition the rows now have */
function putRows(
  tx: Connection,
  table: PantryTable,
  rows: readonly (Ingredient | Preparation)[],
  now: Date,
): number {
  const from = TABLES[table];
  const shipped: ReadonlyMap<string, unknown> = startingPantry[table];
  const before = getPantry(tx);
  const edition = nextPantryEdition(tx);
  for (const row of rows) {
    const document = JSON.stringify(row);
    if (JSON.stringify(shipped.get(row.id)) === document) {
      tx.delete(from).where(eq(from.id, row.id)).run();
      continue;
    }
    const values = { document, edition, updatedAt: now.toISOString() };
    tx.insert(from)
      .values({ id: row.id, ...values })
      .onConflictDoUpdate({ target: from.id, set: values })
      .run();
  }
  checkPlansStillRead(
    tx,
    before,
    table,
    rows.map(({ id }) => id),
  );
  return edition;
}

/** What came of a save of one row. */
export type RowSave =
  | { readonly kind: 'saved'; readonly edition: number }
  | {
      readonly kind: 'conflict';
      /** The row as it now stands; null where there is none any more. */
      readonly theirs: Ingredient | Preparation | null;
      readonly edition: number;
    };

const editionOf = (db: Connection, table: PantryTable, id: string): number => {
  const from = TABLES[table];
  return db.select({ edition: from.edition }).from(from).where(eq(from.id, id)).get()?.edition ?? 0;
};

/**
 * Saves one row as the cook works on it. What is stored already is saved, whatever it was made from.
 * @param baseEdition the row's when its change began, 0 for a new one or a shipped one: another one is a
 * conflict, and changes nothing
 * @throws FieldError naming the plan that would become unreadable
 */
export function saveRow(
  db: Database,
  table: PantryTable,
  row: Ingredient | Preparation,
  { now, baseEdition }: { now: Date; baseEdition: number },
): RowSave {
  return write(db, (tx) => {
    const edition = editionOf(tx, table, row.id);
    const theirs = getPantry(tx)[table].get(row.id) ?? null;
    if (isDeepStrictEqual(theirs, row)) return { kind: 'saved', edition };
    if (edition !== baseEdition) return { kind: 'conflict', theirs, edition };
    putRows(tx, table, [row], now);
    return { kind: 'saved', edition: editionOf(tx, table, row.id) };
  });
}

/** Revisions whose document names a row. */
const usesRow = (table: PantryTable, id: string) =>
  sql`instr(${planRevisions.document}, ${`"${table === 'ingredients' ? 'id' : 'preparation'}":"${id}"`}) > 0`;

/**
 * A pantry row may not make a kept plan unreadable: a weighed result lighter than its new solids, a
 * preparation no longer done to an ingredient. Run inside the transaction that changes the rows.
 * @throws FieldError naming the plan and what stands in the way
 */
function checkPlansStillRead(
  tx: Connection,
  before: Pantry,
  table: PantryTable,
  ids: readonly string[],
): void {
  const uses = ids.map((id) => usesRow(table, id));
  const kept = tx
    .select({ document: planRevisions.document })
    .from(planRevisions)
    // A whole table at once: looking through every plan is quicker than a thousand questions.
    .where(ids.length <= 20 ? or(...uses) : undefined)
    .all();
  const reading = (pantry: Pantry) => (document: string) =>
    readDocument(document, (value) => parsePlan(value, pantry), { kind: 'revision', id: '' });
  const now = reading(getPantry(tx));
  // One that could not be read before either is no reason to keep the pantry as it is.
  const then = reading(before);
  const readable = kept.filter(({ document }) => readEach([document], then).read.length > 0);
  const [first] = readEach(readable, ({ document }) => now(document)).unreadable;
  if (first)
    throw new FieldError('pantry', `would make “${first.name}” unreadable: ${first.reason}`);
}

/**
 * Takes a row of the cook's own out: a changed one is the shipped one again, a new one is gone.
 * @throws FieldError when it is new and any revision of a plan uses it
 */
export function removeRow(db: Database, table: PantryTable, id: string): void {
  const from = TABLES[table];
  write(db, (tx) => {
    if (!startingPantry[table].has(id)) {
      const used = tx
        .select({ n: sql<number>`count(distinct ${planRevisions.planId})` })
        .from(planRevisions)
        .where(usesRow(table, id))
        .get();
      if (used?.n) {
        throw new FieldError(
          'id',
          `“${id}” is used by ${used.n} ${used.n === 1 ? 'plan' : 'plans'}, older revisions counted: it stays, so that they can be read`,
        );
      }
    }
    const before = getPantry(tx);
    nextPantryEdition(tx);
    tx.delete(from).where(eq(from.id, id)).run();
    checkPlansStillRead(tx, before, table, [id]);
  });
}

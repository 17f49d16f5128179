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
import { CHANGED_ELSEWHERE } from '../changedElsewhere';
import { write, type Connection, type Database } from '../db/database';
import { pantryIngredients, pantryPreparations, planRevisions } from '../db/schema';
import { readDocument, readEach, type DocumentKind, type Unreadable } from './unreadable';

/** Which of the two tables. */
export type PantryTable = 'ingredients' | 'preparations';

const TABLES = { ingredients: pantryIngredients, preparations: pantryPreparations } as const;

/** The cook's own rows that can be read, by id. */
export const ownRows = (db: Connection): PantryRows => readRows(db).rows;

/** The same, and those that cannot be read. */
export function readRows(db: Connection): {
  readonly rows: PantryRows;
  readonly unreadable: Unreadable[];
} {
  const read = <T>(table: PantryTable, kind: DocumentKind, parse: (value: unknown) => T) => {
    const from = TABLES[table];
    const rows = db
      .select({ id: from.id, document: from.document })
      .from(from)
      .orderBy(from.id)
      .all();
    return readEach(rows, ({ id, document }) => readDocument(document, parse, { kind, id }));
  };
  const ingredients = read('ingredients', 'ingredient', (row) => ingredientSchema.parse(row));
  const preparations = read('preparations', 'preparation', (row) => preparationSchema.parse(row));
  return {
    rows: { ingredients: ingredients.read, preparations: preparations.read },
    unreadable: [...ingredients.unreadable, ...preparations.unreadable],
  };
}

/** The pantry as it now stands: shipped rows, the cook's own over them. */
export const getPantry = (db: Connection): Pantry => pantryWith(ownRows(db));

/**
 * Writes rows, each new or over the one with its id; all of them or, when one cannot be written, none.
 * A row that is the shipped one again is no longer the cook's own.
 * @param before the one row as it was when its change began, null for a new one: should it be another by
 * now, nothing is written; whatever stands there when left out
 * @throws FieldError naming `before` when the row was changed meanwhile
 */
export function saveRows(
  db: Database,
  table: PantryTable,
  rows: readonly (Ingredient | Preparation)[],
  { now, before: expected }: { now: Date; before?: Ingredient | Preparation | null },
): void {
  const from = TABLES[table];
  const shipped: ReadonlyMap<string, unknown> = startingPantry[table];
  write(db, (tx) => {
    const before = getPantry(tx);
    const [only] = rows;
    if (expected !== undefined && only) checkUnchanged(before[table].get(only.id), expected, only);
    for (const row of rows) {
      const document = JSON.stringify(row);
      if (JSON.stringify(shipped.get(row.id)) === document) {
        tx.delete(from).where(eq(from.id, row.id)).run();
        continue;
      }
      const values = { document, updatedAt: now.toISOString() };
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
  });
}

/** A row that another window changed is not written over unseen; the same save twice is one. */
function checkUnchanged(
  now: Ingredient | Preparation | undefined,
  before: Ingredient | Preparation | null,
  row: Ingredient | Preparation,
): void {
  if (isDeepStrictEqual(now ?? null, before) || isDeepStrictEqual(now, row)) return;
  throw new FieldError(
    CHANGED_ELSEWHERE,
    now
      ? `“${now.name}” was changed in another window meanwhile`
      : `“${row.name}” was removed in another window meanwhile`,
  );
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
    tx.delete(from).where(eq(from.id, id)).run();
    checkPlansStillRead(tx, before, table, [id]);
  });
}

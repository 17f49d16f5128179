import { eq, or, sql } from 'drizzle-orm';
import type { Ingredient, Preparation } from '@/core/composition/ingredient';
import {
  pantryWith,
  startingPantry,
  type Pantry,
  type PantryRows,
} from '@/core/composition/pantry';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { PlanError } from '@/core/plan/document/planError';
import { FieldError } from '@/core/range';
import { write, type Connection, type Database } from '../db/database';
import { pantryIngredients, pantryPreparations, planRevisions } from '../db/schema';

/** Which of the two tables. */
export type PantryTable = 'ingredients' | 'preparations';

const TABLES = { ingredients: pantryIngredients, preparations: pantryPreparations } as const;

/** The cook's own rows, by id. */
export function ownRows(db: Connection): PantryRows {
  const read = <T>(table: PantryTable): T[] => {
    const from = TABLES[table];
    return db
      .select({ document: from.document })
      .from(from)
      .orderBy(from.id)
      .all()
      .map(({ document }) => JSON.parse(document) as T);
  };
  return {
    ingredients: read<Ingredient>('ingredients'),
    preparations: read<Preparation>('preparations'),
  };
}

/** The pantry as it now stands: shipped rows, the cook's own over them. */
export const getPantry = (db: Connection): Pantry => pantryWith(ownRows(db));

/**
 * Writes rows, each new or over the one with its id; all of them or, when one cannot be written, none.
 * A row that is the shipped one again is no longer the cook's own.
 */
export function saveRows(
  db: Database,
  table: PantryTable,
  rows: readonly (Ingredient | Preparation)[],
  now: Date,
): void {
  const from = TABLES[table];
  const shipped: ReadonlyMap<string, unknown> = startingPantry[table];
  write(db, (tx) => {
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
      table,
      rows.map(({ id }) => id),
    );
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
function checkPlansStillRead(tx: Connection, table: PantryTable, ids: readonly string[]): void {
  const pantry = getPantry(tx);
  const uses = ids.map((id) => usesRow(table, id));
  const kept = tx
    .select({ document: planRevisions.document })
    .from(planRevisions)
    // A whole table at once: looking through every plan is quicker than a thousand questions.
    .where(ids.length <= 20 ? or(...uses) : undefined)
    .all();
  for (const { document } of kept) {
    try {
      parsePlan(JSON.parse(document), pantry);
    } catch (error) {
      if (!(error instanceof PlanError)) throw error;
      const { name } = JSON.parse(document) as { name: string };
      throw new FieldError('pantry', `would make “${name}” unreadable: ${error.message}`);
    }
  }
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
    tx.delete(from).where(eq(from.id, id)).run();
    checkPlansStillRead(tx, table, [id]);
  });
}

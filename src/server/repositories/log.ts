import { and, desc, eq } from 'drizzle-orm';
import { pantryWith, rowsUsed, type Pantry, type PantryRows } from '@/core/composition/pantry';
import { logEntrySchema, type LogEntry } from '@/core/log/logEntry';
import { write, type Database } from '../db/database';
import { logEntries } from '../db/schema';
import { getPantry } from './pantry';
import { NotFoundError } from './notFound';
import { getRevision } from './plans';

export interface StoredLogEntry {
  readonly entry: LogEntry;
  /** The plan's revision it was made from. */
  readonly revision: number;
  /** The pantry as it stood for this plan that day. */
  readonly pantry: Pantry;
}

const NO_ROWS: PantryRows = { ingredients: [], preparations: [] };

/** The log of a plan, the latest day first. */
export const listLog = (db: Database, planId: string): StoredLogEntry[] =>
  db
    .select()
    .from(logEntries)
    .where(eq(logEntries.planId, planId))
    .orderBy(desc(logEntries.madeOn), desc(logEntries.createdAt))
    .all()
    .map((row) => ({
      entry: logEntrySchema.parse(JSON.parse(row.document)),
      revision: row.revision,
      pantry: pantryWith((JSON.parse(row.pantry ?? 'null') as PantryRows | null) ?? NO_ROWS),
    }));

/**
 * Writes an entry down. The same id again changes nothing twice: the first one stands.
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
  write(db, (tx) => {
    const { plan } = getRevision(tx, planId, revision);
    const used = rowsUsed([...plan.dough.parts, ...plan.filling.parts], getPantry(tx));
    tx.insert(logEntries)
      .values({
        id: entry.id,
        planId,
        revision,
        madeOn: entry.madeOn,
        document: JSON.stringify(entry),
        pantry: JSON.stringify(used),
        createdAt: now.toISOString(),
      })
      .onConflictDoNothing()
      .run();
  });
}

/** Puts right what was written down; the revision and the pantry of that day stay. @throws NotFoundError */
export function changeLogEntry(db: Database, planId: string, entry: LogEntry): void {
  const { changes } = write(db, (tx) =>
    tx
      .update(logEntries)
      .set({ madeOn: entry.madeOn, document: JSON.stringify(entry) })
      .where(and(eq(logEntries.id, entry.id), eq(logEntries.planId, planId)))
      .run(),
  );
  if (changes === 0) throw new NotFoundError('log entry', entry.id);
}

/** Takes an entry out. Taking out one that is not there is no error: the wish is met. */
export function removeLogEntry(db: Database, planId: string, id: string): void {
  write(db, (tx) => {
    tx.delete(logEntries)
      .where(and(eq(logEntries.id, id), eq(logEntries.planId, planId)))
      .run();
  });
}

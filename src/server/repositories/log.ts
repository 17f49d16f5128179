import { and, desc, eq } from 'drizzle-orm';
import { logEntrySchema, type LogEntry } from '@/core/log/logEntry';
import type { Database } from '../db/database';
import { logEntries } from '../db/schema';
import { getRevision } from './plans';

export interface StoredLogEntry {
  readonly entry: LogEntry;
  /** The plan's revision it was made from. */
  readonly revision: number;
}

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
  db.transaction((tx) => {
    getRevision(tx, planId, revision);
    tx.insert(logEntries)
      .values({
        id: entry.id,
        planId,
        revision,
        madeOn: entry.madeOn,
        document: JSON.stringify(entry),
        createdAt: now.toISOString(),
      })
      .onConflictDoNothing()
      .run();
  });
}

/** Takes an entry out. Taking out one that is not there is no error: the wish is met. */
export function removeLogEntry(db: Database, planId: string, id: string): void {
  db.transaction((tx) => {
    tx.delete(logEntries)
      .where(and(eq(logEntries.id, id), eq(logEntries.planId, planId)))
      .run();
  });
}

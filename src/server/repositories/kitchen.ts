import { eq } from 'drizzle-orm';
import { kitchenSchema, startingKitchen, type Kitchen } from '@/core/kitchen/kitchen';
import { write, type Connection, type Database } from '../db/database';
import { kitchens } from '../db/schema';
import { readDocument, readEach, type Unreadable } from './unreadable';

const ONLY = 1;

/** The kitchen, or the starting one when none was saved yet. @throws UnreadableError */
function readKitchen(db: Connection): Kitchen {
  const row = db.select().from(kitchens).where(eq(kitchens.id, ONLY)).get();
  if (!row) return startingKitchen;
  return readDocument(row.document, (value) => kitchenSchema.parse(value), {
    kind: 'kitchen',
    id: String(ONLY),
  });
}

/** The kitchen; the starting one too while what is kept cannot be read. */
export function getKitchen(db: Connection): Kitchen {
  const [kitchen] = readEach([db], readKitchen).read;
  return kitchen ?? startingKitchen;
}

/** What stands in the way of reading the kitchen; nothing when it can be read. */
export const kitchenUnreadable = (db: Connection): Unreadable[] =>
  readEach([db], readKitchen).unreadable;

/** Saves the whole kitchen. @throws UnreadableError while what is kept cannot be read: it is not written over */
export function saveKitchen(db: Database, kitchen: Kitchen, now: Date): void {
  const values = { document: JSON.stringify(kitchen), updatedAt: now.toISOString() };
  write(db, (tx) => {
    readKitchen(tx);
    tx.insert(kitchens)
      .values({ id: ONLY, ...values })
      .onConflictDoUpdate({ target: kitchens.id, set: values })
      .run();
  });
}

import { eq } from 'drizzle-orm';
import { kitchenSchema, startingKitchen, type Kitchen } from '@/core/kitchen/kitchen';
import { write, type Database } from '../db/database';
import { kitchens } from '../db/schema';

const ONLY = 1;

/** The kitchen, or the starting one when none was saved yet. */
export function getKitchen(db: Database): Kitchen {
  const row = db.select().from(kitchens).where(eq(kitchens.id, ONLY)).get();
  return row ? kitchenSchema.parse(JSON.parse(row.document)) : startingKitchen;
}

/** Saves the whole kitchen. */
export function saveKitchen(db: Database, kitchen: Kitchen, now: Date): void {
  const values = { document: JSON.stringify(kitchen), updatedAt: now.toISOString() };
  write(db, (tx) => {
    tx.insert(kitchens)
      .values({ id: ONLY, ...values })
      .onConflictDoUpdate({ target: kitchens.id, set: values })
      .run();
  });
}

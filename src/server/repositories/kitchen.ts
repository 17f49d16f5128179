import { isDeepStrictEqual } from 'node:util';
import { eq } from 'drizzle-orm';
import { dayIn, systemZone } from '@/core/kitchen/localTime';
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

/** The zone that the kitchen's days are counted in. */
export const kitchenZone = (db: Connection): string => getKitchen(db).timeZone ?? systemZone();

/** The day it is in the kitchen, as 2026-11-24. */
export const kitchenDay = (db: Connection, now: Date): string => dayIn(now, kitchenZone(db));

/** What stands in the way of reading the kitchen; nothing when it can be read. */
export const kitchenUnreadable = (db: Connection): Unreadable[] =>
  readEach([db], readKitchen).unreadable;

/** The number of the kitchen's last save; 0 while it is the starting one. */
export const kitchenEdition = (db: Connection): number =>
  db.select({ edition: kitchens.edition }).from(kitchens).where(eq(kitchens.id, ONLY)).get()
    ?.edition ?? 0;

/** What came of a save of the kitchen. */
export type KitchenSave =
  | { readonly kind: 'saved'; readonly edition: number }
  | { readonly kind: 'conflict'; readonly theirs: Kitchen; readonly edition: number };

/**
 * Saves the whole kitchen.
 * @param baseEdition the edition it was made from: another one is a conflict, and changes nothing; whatever
 * stands there when left out
 * @throws UnreadableError while what is kept cannot be read: it is not written over
 */
export function saveKitchen(
  db: Database,
  kitchen: Kitchen,
  { now, baseEdition }: { now: Date; baseEdition?: number },
): KitchenSave {
  return write(db, (tx) => {
    const theirs = readKitchen(tx);
    const current = kitchenEdition(tx);
    if (current > 0 && isDeepStrictEqual(theirs, kitchen)) {
      return { kind: 'saved', edition: current };
    }
    if (baseEdition !== undefined && baseEdition !== current) {
      return { kind: 'conflict', theirs, edition: current };
    }
    const values = {
      document: JSON.stringify(kitchen),
      edition: current + 1,
      updatedAt: now.toISOString(),
    };
    tx.insert(kitchens)
      .values({ id: ONLY, ...values })
      .onConflictDoUpdate({ target: kitchens.id, set: values })
      .run();
    return { kind: 'saved', edition: values.edition };
  });
}

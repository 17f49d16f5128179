import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { RunEvent } from '@/core/run/events';

/** An event as this device keeps it. */
export interface Kept {
  /** In the order they were tapped. */
  readonly n?: number;
  readonly run: string;
  readonly event: RunEvent;
  /** 1 once the server has it; 2 where it will not take it: kept here alone. */
  readonly sent: 0 | 1 | 2;
  /** Tapped at another device, and seen here. */
  readonly elsewhere?: true;
}

interface Shelves extends DBSchema {
  events: {
    key: number;
    value: Kept;
    indexes: { run: string; waiting: [string, number]; id: string };
  };
}

/** What a bench keeps on its own device until the server has it, and after. */
export interface Outbox {
  /** Puts down what one tap says, all of it or nothing; it is kept when this resolves. */
  add(run: string, events: readonly RunEvent[]): Promise<void>;
  /** Puts down what was tapped elsewhere, so that it is not forgotten over a reload without a line. */
  seen(run: string, events: readonly RunEvent[]): Promise<void>;
  /** Everything tapped here of a run, or seen here. */
  of(run: string): Promise<readonly Kept[]>;
  /** What still waits, in the order it was tapped. */
  waiting(run: string): Promise<readonly Kept[]>;
  sent(kept: readonly Kept[]): Promise<void>;
  /** The server will never take it: it is kept, and no longer sent. */
  refuse(kept: Kept): Promise<void>;
  /** What the server would not take. */
  refused(run: string): Promise<readonly Kept[]>;
  /** Batches of which something waits. */
  runsWaiting(): Promise<readonly string[]>;
}

let opened: Promise<IDBPDatabase<Shelves>> | null = null;

/** What the server has had for so long is no longer kept here, ms. */
const KEPT_MS = 30 * 24 * 3600_000;

async function tidied(db: IDBPDatabase<Shelves>): Promise<IDBPDatabase<Shelves>> {
  const tx = db.transaction('events', 'readwrite');
  for (let at = await tx.store.openCursor(); at; at = await at.continue()) {
    const { sent, event } = at.value;
    if (sent === 1 && Date.now() - Date.parse(event.at) > KEPT_MS) await at.delete();
  }
  await tx.done;
  return db;
}

const shelves = () =>
  (opened ??= openDB<Shelves>('mortar-bench', 1, {
    upgrade(db) {
      const events = db.createObjectStore('events', { keyPath: 'n', autoIncrement: true });
      events.createIndex('run', 'run');
      events.createIndex('waiting', ['run', 'sent']);
      events.createIndex('id', 'event.id', { unique: true });
    },
  })
    .then(tidied)
    .catch((error: unknown) => {
      opened = null;
      throw error;
    }));

/** What stands at one of the three in a run, in the order it was tapped. */
const ofState = async (run: string, sent: Kept['sent']): Promise<readonly Kept[]> =>
  (await shelves()).getAllFromIndex('events', 'waiting', IDBKeyRange.only([run, sent]));

async function mark(kept: readonly Kept[], sent: Kept['sent']): Promise<void> {
  const tx = (await shelves()).transaction('events', 'readwrite');
  await Promise.all(kept.map((each) => tx.store.put({ ...each, sent })));
  await tx.done;
}

/** The outbox of this browser, in its own database. */
export const outbox: Outbox = {
  async add(run, events) {
    const tx = (await shelves()).transaction('events', 'readwrite');
    await Promise.all(events.map((event) => tx.store.add({ run, event, sent: 0 })));
    await tx.done;
  },
  async seen(run, events) {
    const tx = (await shelves()).transaction('events', 'readwrite');
    const ids = tx.store.index('id');
    for (const event of events) {
      if ((await ids.getKey(event.id)) === undefined) {
        await tx.store.add({ run, event, sent: 1, elsewhere: true });
      }
    }
    await tx.done;
  },
  async of(run) {
    return (await shelves()).getAllFromIndex('events', 'run', run);
  },
  waiting: (run) => ofState(run, 0),
  sent: (kept) => mark(kept, 1),
  refuse: (kept) => mark([kept], 2),
  refused: (run) => ofState(run, 2),
  async runsWaiting() {
    const keys = await (await shelves()).getAll('events');
    return [...new Set(keys.filter(({ sent }) => sent === 0).map(({ run }) => run))];
  },
};

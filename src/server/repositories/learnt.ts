import { count, eq, inArray, max } from 'drizzle-orm';
import type { Learnt } from '@/core/basis/learnt';
import { learn, type RunEvidence } from '@/core/calibrate/learn';
import type { Database } from '../db/database';
import { runs } from '../db/schema';
import { getKitchen, kitchenDay } from './kitchen';
import { readSummary } from './runs';
import { readEach } from './unreadable';

/** What is known of a database's runs, so that only what changed is read anew. */
interface Known {
  readonly evidence: Map<string, RunEvidence & { readonly updatedAt: string }>;
  key: string;
  learnt: readonly Learnt[];
}

const known = new WeakMap<Database, Known>();

/** So many ids are asked for at once. */
const AT_ONCE = 500;

/**
 * What this kitchen's runs have taught it, those held at typical marked so. A run is read again only when it
 * was added to, and all is worked out again only when one was, the day turned, or one was held or freed.
 */
export function getLearnt(db: Database, now: Date = new Date()): readonly Learnt[] {
  const today = kitchenDay(db, now);
  const { held } = getKitchen(db);
  const at: Known = known.get(db) ?? { evidence: new Map(), key: '', learnt: [] };
  known.set(db, at);
  // Read from an index alone: most askings learn nothing new.
  const stands = db
    .select({ n: count(), changed: max(runs.updatedAt) })
    .from(runs)
    .where(eq(runs.status, 'finished'))
    .get();
  const key = JSON.stringify([today, held, stands]);
  if (at.key === key) return at.learnt;
  const rows = db
    .select({ id: runs.id, updatedAt: runs.updatedAt, madeOn: runs.madeOn })
    .from(runs)
    .where(eq(runs.status, 'finished'))
    .orderBy(runs.madeOn, runs.id)
    .all();
  const fresh = rows.filter(({ id, updatedAt }) => at.evidence.get(id)?.updatedAt !== updatedAt);
  for (let i = 0; i < fresh.length; i += AT_ONCE) {
    const ids = fresh.slice(i, i + AT_ONCE).map(({ id }) => id);
    const read = db
      .select({
        id: runs.id,
        summary: runs.summary,
        madeOn: runs.madeOn,
        updatedAt: runs.updatedAt,
      })
      .from(runs)
      .where(inArray(runs.id, ids))
      .all();
    for (const { id, summary, madeOn, updatedAt } of read) {
      const [kept] = readEach([summary], (text) => readSummary(text, id)).read;
      at.evidence.set(id, { run: id, madeOn, evidence: kept?.evidence ?? [], updatedAt });
    }
  }
  at.learnt = learn(
    rows.flatMap(({ id }) => at.evidence.get(id) ?? []),
    { today, held },
  );
  at.key = key;
  return at.learnt;
}

import { eq, sql } from 'drizzle-orm';
import type { Archive, ArchivedDay, ArchivedPlan, ArchivedRun } from '@/core/formats/archive';
import { write, type Connection, type Database } from '../../db/database';
import {
  dayMarks,
  dayRuns,
  days,
  kitchens,
  planRevisions,
  plans,
  practiceAnswers,
  runEvents,
  runs,
} from '../../db/schema';
import { nextPantryEdition } from '../../repositories/pantry';
import { addRevision } from '../../repositories/revisions';
import { refreshSummary } from '../../repositories/runs';
import { readEach } from '../../repositories/unreadable';
import { checkWhole } from './comingIn';
import { archivedPlan, PANTRY } from './readAll';

/** What is to happen where both have something, and it differs. */
export const WHERE_DIFFERENT = ['keep', 'take'] as const;

export type WhereDifferent = (typeof WHERE_DIFFERENT)[number];

/** How an archive is taken in. */
export interface TakeInTerms {
  readonly different: WhereDifferent;
  readonly now: Date;
  /** Told the share that is done, from time to time. */
  readonly onProgress?: (share: number) => void;
}

/**
 * Takes an archive in, in one transaction. What is new is added; where both have something and it differs,
 * the kitchen's own stays or the archive's takes its place: of a plan as a new revision before which the own
 * ones stay; of a batch its further taps are added either way, for taps are never changed.
 * @throws FieldError when a batch has no plan; nothing is changed then
 */
export function takeIn(
  db: Database,
  archive: Archive,
  { different, now, onProgress }: TakeInTerms,
): void {
  const at = now.toISOString();
  const take = different === 'take';
  write(db, (tx) => {
    checkWhole(tx, archive);
    if (archive.kitchen !== null && (take || !tx.select().from(kitchens).get())) {
      const values = { document: archive.kitchen, updatedAt: at };
      tx.insert(kitchens)
        .values({ id: 1, ...values })
        // An open page follows the one before: its next save asks.
        .onConflictDoUpdate({
          target: kitchens.id,
          set: { ...values, edition: sql`${kitchens.edition} + 1` },
        })
        .run();
    }
    const edition = nextPantryEdition(tx);
    for (const table of ['ingredients', 'preparations'] as const) {
      const into = PANTRY[table];
      for (const { id, document } of archive[table]) {
        const values = { document, edition, updatedAt: at };
        const row = tx.insert(into).values({ id, ...values });
        (take
          ? row.onConflictDoUpdate({ target: into.id, set: values })
          : row.onConflictDoNothing()
        ).run();
      }
    }
    const fresh = archive.runs.filter(
      ({ id }) => !tx.select({ id: runs.id }).from(runs).where(eq(runs.id, id)).get(),
    );
    const ofPlan = new Map<string, ArchivedRun[]>();
    for (const run of fresh) ofPlan.set(run.planId, [...(ofPlan.get(run.planId) ?? []), run]);
    let done = 0;
    const step = () => onProgress?.((done += 1) / (archive.plans.length + archive.runs.length));
    for (const plan of archive.plans) {
      const made = ofPlan.get(plan.id) ?? [];
      const numbers = takePlan(tx, plan, {
        made: new Set(made.map(({ revision }) => revision)),
        take,
        now,
      });
      for (const run of made) {
        insertRun(tx, { ...run, revision: numbers.get(run.revision) ?? run.revision });
      }
      ofPlan.delete(plan.id);
      step();
    }
    for (const run of [...ofPlan.values()].flat()) insertRun(tx, run);
    const added = new Set(fresh.map(({ id }) => id));
    for (const run of archive.runs) {
      takeEvents(tx, run, added.has(run.id) ? null : now);
      step();
    }
    for (const day of archive.days) takeDay(tx, day, { take, now });
    for (const answer of archive.practice) {
      tx.insert(practiceAnswers).values(answer).onConflictDoNothing().run();
    }
  });
}

/**
 * Takes one plan in. Of a plan that is here already the revisions come along that batches were made from, and
 * the newest when it is to take the place of the own; what was here stays.
 * @returns the number here of each of the archive's revisions that is here now
 */
function takePlan(
  tx: Connection,
  { revisions, ...row }: ArchivedPlan,
  { made, take, now }: { made: ReadonlySet<number>; take: boolean; now: Date },
): ReadonlyMap<number, number> {
  const newest = revisions.at(-1)!;
  const own = archivedPlan(tx, row.id);
  if (!own) {
    tx.insert(plans)
      .values({ ...row, revision: newest.number, edition: newest.number })
      .run();
    for (const revision of revisions) {
      tx.insert(planRevisions)
        .values({ planId: row.id, ...revision })
        .run();
    }
    return new Map();
  }
  const here = new Map(own.revisions.map(({ number, document }) => [document, number]));
  let last = own.revisions.at(-1)!.number;
  const add = (document: string) => {
    addRevision(tx, { planId: row.id, document, sitting: '', now });
    last += 1;
    here.set(document, last);
  };
  for (const { number, document } of revisions) {
    if (made.has(number) && !here.has(document)) add(document);
  }
  const { document } = take ? newest : own.revisions.at(-1)!;
  if (here.get(document) !== last) add(document);
  return new Map(
    revisions.flatMap((each) => {
      const number = here.get(each.document);
      return number === undefined ? [] : [[each.number, number] as const];
    }),
  );
}

/** A day: a new one as it is; of one that is here its further marks, and the document where it is to take its place. */
function takeDay(
  tx: Connection,
  { id, document, createdAt, updatedAt, deletedAt, marks, runs: made }: ArchivedDay,
  { take, now }: { take: boolean; now: Date },
): void {
  const date = dateIn(document);
  const own = tx.select().from(days).where(eq(days.id, id)).get();
  if (!own) {
    tx.insert(days)
      .values({ id, document, edition: 1, date, createdAt, updatedAt, deletedAt })
      .run();
  } else if (take && own.document !== document) {
    tx.update(days)
      .set({ document, date, edition: own.edition + 1, updatedAt: now.toISOString() })
      .where(eq(days.id, id))
      .run();
  }
  for (const mark of marks) {
    tx.insert(dayMarks)
      .values({ dayId: id, ...mark })
      .onConflictDoNothing()
      .run();
  }
  for (const { service, runId } of made) {
    // A batch that is in neither is no part of it any more.
    if (!tx.select({ id: runs.id }).from(runs).where(eq(runs.id, runId)).get()) continue;
    tx.insert(dayRuns).values({ dayId: id, service, runId }).onConflictDoNothing().run();
  }
}

/** The first day of a day document, as far as it tells. */
function dateIn(document: string): string {
  try {
    const { date } = JSON.parse(document) as { date?: unknown };
    return typeof date === 'string' ? date.slice(0, 10) : '';
  } catch {
    return '';
  }
}

/** A batch that is not here yet, without its taps. */
function insertRun(tx: Connection, { events: _, ...run }: ArchivedRun): void {
  tx.insert(runs)
    .values({ ...run, summary: '{}', madeOn: run.createdAt.slice(0, 10), status: 'open' })
    .run();
}

/**
 * A batch's taps, those that are not here yet.
 * @param now when the batch is counted as changed; null for a new one, which keeps its own time
 */
function takeEvents(tx: Connection, { events, ...run }: ArchivedRun, now: Date | null): void {
  let added = 0;
  for (const event of events) {
    const { changes } = tx
      .insert(runEvents)
      .values({ runId: run.id, ...event })
      .onConflictDoNothing()
      .run();
    added += changes;
  }
  if (now && added === 0) return;
  // One whose plan cannot be read comes in all the same, and is told where such things are.
  readEach([run.id], (id) => refreshSummary(tx, id, now ?? new Date(run.updatedAt)));
}

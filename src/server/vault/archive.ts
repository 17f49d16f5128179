import { and, asc, eq } from 'drizzle-orm';
import type {
  Archive,
  ArchivedDay,
  ArchivedPlan,
  ArchivedRow,
  ArchivedRun,
} from '@/core/formats/archive';
import { FieldError } from '@/core/range';
import { write, type Connection, type Database } from '../db/database';
import {
  dayMarks,
  dayRuns,
  days,
  kitchens,
  pantryIngredients,
  pantryPreparations,
  planRevisions,
  plans,
  runEvents,
  runs,
} from '../db/schema';
import { addRevision } from '../repositories/revisions';
import { refreshSummary } from '../repositories/runs';
import { readEach } from '../repositories/unreadable';

const PANTRY = { ingredients: pantryIngredients, preparations: pantryPreparations } as const;

/** Everything a kitchen keeps, documents to the letter. */
export function readAll(db: Connection): Archive {
  const rows = (table: keyof typeof PANTRY): ArchivedRow[] => {
    const from = PANTRY[table];
    return db.select({ id: from.id, document: from.document }).from(from).orderBy(from.id).all();
  };
  return {
    kitchen: db.select().from(kitchens).get()?.document ?? null,
    ingredients: rows('ingredients'),
    preparations: rows('preparations'),
    plans: db
      .select()
      .from(plans)
      .orderBy(plans.id)
      .all()
      .map(({ id }) => archivedPlan(db, id)!),
    runs: db
      .select({ id: runs.id })
      .from(runs)
      .orderBy(runs.id)
      .all()
      .map(({ id }) => archivedRun(db, id)!),
    days: db
      .select({ id: days.id })
      .from(days)
      .orderBy(days.id)
      .all()
      .map(({ id }) => archivedDay(db, id)!),
  };
}

function archivedPlan(db: Connection, id: string): ArchivedPlan | null {
  const row = db.select().from(plans).where(eq(plans.id, id)).get();
  if (!row) return null;
  const { createdAt, updatedAt, archivedAt, deletedAt } = row;
  const revisions = db
    .select({
      number: planRevisions.number,
      name: planRevisions.name,
      sitting: planRevisions.sitting,
      createdAt: planRevisions.createdAt,
      updatedAt: planRevisions.updatedAt,
      document: planRevisions.document,
    })
    .from(planRevisions)
    .where(eq(planRevisions.planId, id))
    .orderBy(asc(planRevisions.number))
    .all();
  return { id, createdAt, updatedAt, archivedAt, deletedAt, revisions };
}

function archivedRun(db: Connection, id: string): ArchivedRun | null {
  const row = db.select().from(runs).where(eq(runs.id, id)).get();
  if (!row) return null;
  const { planId, revision, basis, createdAt, updatedAt } = row;
  const events = db
    .select({
      id: runEvents.id,
      at: runEvents.at,
      arrivedAt: runEvents.arrivedAt,
      document: runEvents.document,
    })
    .from(runEvents)
    .where(eq(runEvents.runId, id))
    .orderBy(asc(runEvents.seq))
    .all();
  return { id, planId, revision, createdAt, updatedAt, basis, events };
}

function archivedDay(db: Connection, id: string): ArchivedDay | null {
  const row = db.select().from(days).where(eq(days.id, id)).get();
  if (!row) return null;
  const { document, createdAt, updatedAt, deletedAt } = row;
  const marks = db
    .select({ id: dayMarks.id, arrivedAt: dayMarks.arrivedAt, document: dayMarks.document })
    .from(dayMarks)
    .where(eq(dayMarks.dayId, id))
    .orderBy(asc(dayMarks.seq))
    .all();
  const made = db
    .select({ service: dayRuns.service, runId: dayRuns.runId })
    .from(dayRuns)
    .where(eq(dayRuns.dayId, id))
    .orderBy(asc(dayRuns.id))
    .all();
  return { id, createdAt, updatedAt, deletedAt, document, marks, runs: made };
}

/** What is to happen where both have something, and it differs. */
export const WHERE_DIFFERENT = ['keep', 'take'] as const;

export type WhereDifferent = (typeof WHERE_DIFFERENT)[number];

/** What taking an archive in would do with one kind of thing. */
export interface Coming {
  readonly fresh: number;
  readonly same: number;
  /** What both have and is not the same, by name. */
  readonly different: readonly string[];
}

/** What taking an archive in would change. */
export interface ComingIn {
  readonly kitchen: Coming;
  readonly ingredients: Coming;
  readonly preparations: Coming;
  readonly plans: Coming;
  readonly batches: Coming;
  readonly days: Coming;
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

function compare<T>(
  theirs: readonly T[],
  { ours, name }: { ours: (their: T) => unknown; name: (their: T) => string },
): Coming {
  let [fresh, alike] = [0, 0];
  const different: string[] = [];
  for (const their of theirs) {
    const own = ours(their);
    if (own === null || own === undefined) fresh += 1;
    else if (same(own, their)) alike += 1;
    else different.push(name(their));
  }
  return { fresh, same: alike, different };
}

/** A plan's name, as far as its newest document tells. */
const planName = ({ id, revisions }: ArchivedPlan): string =>
  nameIn(revisions.at(-1)!.document, id);

function nameIn(document: string, id: string): string {
  try {
    const { name } = JSON.parse(document) as { name?: unknown };
    return typeof name === 'string' && name ? name : id;
  } catch {
    return id;
  }
}

/** Says what taking an archive in would change. Nothing is changed. @throws FieldError as `takeIn` would */
export function comingIn(db: Connection, archive: Archive): ComingIn {
  checkWhole(db, archive);
  const row = (table: keyof typeof PANTRY) => ({
    ours: ({ id }: ArchivedRow) => {
      const from = PANTRY[table];
      return db
        .select({ id: from.id, document: from.document })
        .from(from)
        .where(eq(from.id, id))
        .get();
    },
    name: ({ id }: ArchivedRow) => id,
  });
  return {
    kitchen: compare(archive.kitchen === null ? [] : [archive.kitchen], {
      ours: () => db.select().from(kitchens).get()?.document,
      name: () => 'The kitchen',
    }),
    ingredients: compare(archive.ingredients, row('ingredients')),
    preparations: compare(archive.preparations, row('preparations')),
    plans: compare(archive.plans, { ours: ({ id }) => archivedPlan(db, id), name: planName }),
    batches: compare(archive.runs, {
      ours: ({ id }) => archivedRun(db, id),
      name: ({ id, createdAt }) => `${createdAt.slice(0, 10)} (${id})`,
    }),
    days: compare(archive.days, {
      ours: ({ id }) => archivedDay(db, id),
      name: ({ id, document }) => nameIn(document, id),
    }),
  };
}

/** Every batch must find the revision it was made from. @throws FieldError */
function checkWhole(db: Connection, archive: Archive): void {
  const theirs = new Set(
    archive.plans.flatMap(({ id, revisions }) => revisions.map(({ number }) => `${id} ${number}`)),
  );
  for (const { id, planId, revision } of archive.runs) {
    if (theirs.has(`${planId} ${revision}`)) continue;
    const ours = and(eq(planRevisions.planId, planId), eq(planRevisions.number, revision));
    if (db.select({ id: planRevisions.id }).from(planRevisions).where(ours).get()) continue;
    throw new FieldError(
      `runs/${id}`,
      `was made from revision ${revision} of “${planId}”, which is missing`,
    );
  }
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
  { different, now }: { different: WhereDifferent; now: Date },
): void {
  const at = now.toISOString();
  const take = different === 'take';
  write(db, (tx) => {
    checkWhole(tx, archive);
    if (archive.kitchen !== null && (take || !tx.select().from(kitchens).get())) {
      const values = { document: archive.kitchen, updatedAt: at };
      tx.insert(kitchens)
        .values({ id: 1, ...values })
        .onConflictDoUpdate({ target: kitchens.id, set: values })
        .run();
    }
    for (const table of ['ingredients', 'preparations'] as const) {
      const into = PANTRY[table];
      for (const { id, document } of archive[table]) {
        const values = { document, updatedAt: at };
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
    for (const plan of archive.plans) {
      const made = fresh.filter(({ planId }) => planId === plan.id).map(({ revision }) => revision);
      const numbers = takePlan(tx, plan, { made: new Set(made), take, now });
      for (const run of fresh.filter(({ planId }) => planId === plan.id)) {
        insertRun(tx, { ...run, revision: numbers.get(run.revision) ?? run.revision });
      }
    }
    const planned = new Set(archive.plans.map(({ id }) => id));
    for (const run of fresh) if (!planned.has(run.planId)) insertRun(tx, run);
    const added = new Set(fresh.map(({ id }) => id));
    for (const run of archive.runs) takeEvents(tx, run, added.has(run.id) ? null : now);
    for (const day of archive.days) takeDay(tx, day, { take, now });
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

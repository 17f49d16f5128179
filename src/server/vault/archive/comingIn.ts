import { and, eq } from 'drizzle-orm';
import type { Archive, ArchivedAnswer, ArchivedPlan, ArchivedRow } from '@/core/formats/archive';
import { FieldError } from '@/core/range';
import type { Connection } from '../../db/database';
import { kitchens, planRevisions, practiceAnswers } from '../../db/schema';
import { archivedDay, archivedPlan, archivedRun, PANTRY } from './readAll';

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
  readonly practice: Coming;
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
    practice: compare(archive.practice, {
      // An answer is never changed: that it is here is enough.
      ours: (answer) => (isAnswered(db, answer) ? answer : null),
      name: ({ id }) => id,
    }),
  };
}

const isAnswered = (db: Connection, { cook, id }: ArchivedAnswer): boolean =>
  db
    .select({ seq: practiceAnswers.seq })
    .from(practiceAnswers)
    .where(and(eq(practiceAnswers.cook, cook), eq(practiceAnswers.id, id)))
    .get() !== undefined;

/** Every batch must find the revision it was made from. @throws FieldError */
export function checkWhole(db: Connection, archive: Archive): void {
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

import { asc, eq } from 'drizzle-orm';
import type {
  Archive,
  ArchivedAnswer,
  ArchivedDay,
  ArchivedPlan,
  ArchivedRow,
  ArchivedRun,
} from '@/core/formats/archive';
import type { Connection } from '../../db/database';
import {
  dayMarks,
  dayRuns,
  days,
  kitchens,
  pantryIngredients,
  pantryPreparations,
  planRevisions,
  plans,
  practiceAnswers,
  runEvents,
  runs,
} from '../../db/schema';

/** Tables of the cook's own rows. */
export const PANTRY = { ingredients: pantryIngredients, preparations: pantryPreparations } as const;

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
    practice: archivedPractice(db),
  };
}

/** What every cook answered at practice, in the order it arrived. */
export const archivedPractice = (db: Connection): ArchivedAnswer[] =>
  db
    .select({
      id: practiceAnswers.id,
      cook: practiceAnswers.cook,
      arrivedAt: practiceAnswers.arrivedAt,
      document: practiceAnswers.document,
    })
    .from(practiceAnswers)
    .orderBy(asc(practiceAnswers.seq))
    .all();

/** One plan with all its revisions; null where it is none. */
export function archivedPlan(db: Connection, id: string): ArchivedPlan | null {
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

/** One batch with all its events; null where it is none. */
export function archivedRun(db: Connection, id: string): ArchivedRun | null {
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

/** One day with what happened in it; null where it is none. */
export function archivedDay(db: Connection, id: string): ArchivedDay | null {
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

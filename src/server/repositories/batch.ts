import { eq } from 'drizzle-orm';
import { basisFrom, basisWith } from '@/core/basis/basis';
import type { Learnt } from '@/core/basis/learnt';
import type { Plan } from '@/core/plan/document/schema';
import { basisPartsFor } from '@/core/plan/model/withLearnt';
import { onlyTested, STILL_MADE_H, testsOf, type BatchTests } from '@/core/run/batchTests';
import type { RunEvent } from '@/core/run/events';
import { foldRun } from '@/core/run/fold';
import { summaryOf } from '@/core/run/summary';
import { write, type Connection, type Database } from '../db/database';
import { runs } from '../db/schema';
import { getKitchen } from './kitchen';
import { getPantry } from './pantry';
import { getPlan } from './plans';
import { addEvents, getRun, listRuns, openRun, type StoredRun } from './runs';

/** The batch of a plan that is being made now; null where none is. */
export function batchNow(db: Database | Connection, planId: string, now: Date): StoredRun | null {
  const open = listRuns(db, { planId, status: ['open'] }).find(
    ({ updatedAt }) => now.getTime() - Date.parse(updatedAt) < STILL_MADE_H * 3600_000,
  );
  return open ? getRun(db, open.id) : null;
}

/** What the batch on the bench was tested to be, and in which run that stands. */
export interface TestedBatch {
  readonly run: string;
  readonly tests: BatchTests;
  /** Dough and filling as they were tested. */
  readonly of: Pick<Plan, 'dough' | 'filling'>;
  /** The tests that stand, so that one can be taken back. */
  readonly events: readonly RunEvent[];
}

/** The tests of the batch that is being made; null where none is. */
export function testedBatch(db: Database, planId: string, now: Date): TestedBatch | null {
  const run = batchNow(db, planId, now);
  if (!run) return null;
  const state = foldRun(run.events);
  return {
    run: run.id,
    tests: testsOf(state),
    of: { dough: run.plan.dough, filling: run.plan.filling },
    events: state.events.filter(({ kind }) => kind === 'measured'),
  };
}

/** Which batch is meant, and what it would be opened on. */
export interface ToBatch {
  /** The client's own, so that opening one twice opens one. */
  readonly id: string;
  readonly planId: string;
  readonly learnt: readonly Learnt[];
  readonly now: Date;
  /** Another one, even where one of this plan is open. */
  readonly anew?: boolean;
}

/**
 * The batch that is being made of a plan, or a new one of the plan as it stands. One that was only tested so
 * far is made from the plan as it stands too: nothing of an older one has been made.
 * @returns its id
 * @throws NotFoundError when there is no such plan
 */
export const toBatch = (db: Database, wanted: ToBatch): string =>
  write(db, (tx) => batchIn(tx, wanted));

/**
 * Notes tests in the batch that is being made of a plan, or in a new one. All of it or nothing; what is there
 * already changes nothing.
 * @returns the id of the run
 * @throws NotFoundError when there is no such plan; PlanError when an event says something else than before
 */
export const noteTests = (db: Database, wanted: ToBatch, events: readonly RunEvent[]): string =>
  write(db, (tx) => {
    const id = batchIn(tx, wanted);
    addEvents(tx, id, events, wanted.now);
    return id;
  });

function batchIn(tx: Connection, { id, planId, learnt, now, anew = false }: ToBatch): string {
  const { revision } = getPlan(tx, planId);
  const open = anew ? null : batchNow(tx, planId, now);
  if (!open) {
    openRun(tx, { id, planId, revision, learnt, now });
    return id;
  }
  if (open.revision !== revision && onlyTested(open.events)) {
    const { plan } = getPlan(tx, planId);
    const basis = basisPartsFor(plan, basisWith(getPantry(tx), learnt, getKitchen(tx).alsoHandles));
    const summary = summaryOf(plan, foldRun(open.events), basisFrom(basis));
    tx.update(runs)
      .set({
        revision,
        basis: JSON.stringify(basis),
        summary: JSON.stringify(summary),
        updatedAt: now.toISOString(),
      })
      .where(eq(runs.id, open.id))
      .run();
  }
  return open.id;
}

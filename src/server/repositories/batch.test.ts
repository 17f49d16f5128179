import type { Plan } from '@/core/plan/document/schema';
import { happeningsOf, type BatchTests } from '@/core/run/batchTests';
import type { Happening, RunEvent } from '@/core/run/events';
import { foldRun } from '@/core/run/fold';
import { eventsFrom } from '@/core/testing/kitchens';
import { planWith } from '@/core/testing/plans';
import { openDatabase, type Database } from '../db/database';
import { noteTests, testedBatch, toBatch } from './batch';
import { NotFoundError } from './notFound';
import { createPlan, getPlan, savePlan } from './plans';
import { addEvents, getRun, listRuns } from './runs';

const HOUR = 3600_000;
const at = (hours: number) => new Date(Date.UTC(2026, 10, 24, 9) + hours * HOUR);
const ID = (n: number) => `5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d000${n}`;
const dosed = (doseG: number): Plan => planWith({ shape: { doseG } });
const SPOON: BatchTests = { spoon: { volumeMl: 10, diameterMm: 44 } };
const eventsOf = (...happenings: Happening[]): RunEvent[] => eventsFrom(happenings);

let db: Database;
beforeEach(() => {
  db = openDatabase(':memory:');
  createPlan(db, { id: 'a', plan: dosed(8), now: at(0), sitting: 's1' });
});
afterEach(() => db.$client.close());

const to = (n: number, hours = 1, more: { anew?: boolean } = {}) => ({
  id: ID(n),
  planId: 'a',
  learnt: [],
  now: at(hours),
  ...more,
});
const note = (n: number, hours = 1) =>
  noteTests(db, to(n, hours), eventsOf(...happeningsOf(SPOON)));
const savedAs = (plan: Plan, hours: number) =>
  savePlan(db, {
    id: 'a',
    plan,
    baseEdition: getPlan(db, 'a').edition,
    sitting: '',
    now: at(hours),
  });

describe('tests noted from a plan', () => {
  it('open its batch and stand there; the plan is as it was', () => {
    const before = getPlan(db, 'a');
    expect(testedBatch(db, 'a', at(1))).toBeNull();
    expect(note(1)).toBe(ID(1));
    expect(testedBatch(db, 'a', at(1))).toMatchObject({ run: ID(1), tests: SPOON });
    expect(getPlan(db, 'a')).toEqual(before);
  });

  it('sent twice, or from another page, are one batch', () => {
    note(1);
    note(1);
    expect(note(2)).toBe(ID(1));
    expect(listRuns(db)).toHaveLength(1);
    expect(testedBatch(db, 'a', at(1))?.events).toHaveLength(1);
  });

  it('come along when the plan is changed before anything is made of it', () => {
    note(1);
    savedAs(dosed(9), 2);
    expect(toBatch(db, to(2, 2))).toBe(ID(1));
    const run = getRun(db, ID(1));
    expect([run.revision, run.plan.shape.doseG]).toEqual([2, 9]);
    expect(listRuns(db)[0]?.summary.planned.doseG).toBe(9);
    expect(foldRun(run.events).measured.spoonMm).toBe(44);
  });

  it('leave a batch that is being made on what it is made from', () => {
    note(1);
    addEvents(db, ID(1), eventsFrom([{ kind: 'begun' }], 2), at(1));
    savedAs(dosed(9), 2);
    expect(note(2, 2)).toBe(ID(1));
    expect(getRun(db, ID(1)).revision).toBe(1);
  });

  it('are of that batch alone: a closed one, and one of another day, are not the next one', () => {
    note(1);
    expect(testedBatch(db, 'a', at(30))).toBeNull();
    addEvents(db, ID(1), eventsFrom([{ kind: 'finished' }], 2), at(2));
    expect(testedBatch(db, 'a', at(2))).toBeNull();
    expect(toBatch(db, to(2, 2))).toBe(ID(2));
    expect(testedBatch(db, 'a', at(2))?.tests).toEqual({});
  });

  it('can be begun anew beside one that is open', () => {
    note(1);
    expect(toBatch(db, to(2, 1, { anew: true }))).toBe(ID(2));
    expect(listRuns(db)).toHaveLength(2);
  });

  it('of a plan that is not there write nothing', () => {
    expect(() => noteTests(db, { ...to(1), planId: 'b' }, eventsOf())).toThrow(NotFoundError);
    expect(listRuns(db)).toEqual([]);
  });
});

import { startingKitchen } from '@/core/kitchen/kitchen';
import { newDay, parseDay, type Service } from '@/core/schedule/document/day';
import { spareOfClass } from '@/core/schedule/classShares';
import { planWith } from '@/core/testing/plans';
import { FieldError } from '@/core/range';
import { openDatabase, type Database } from '../db/database';
import { createDay } from './days';
import { createPlan, getPlan } from './plans';
import { getRun } from './runs';
import { openServiceRun } from './serviceRuns';

const now = new Date(Date.UTC(2026, 10, 27, 9));
const run = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
const plan = planWith({ batch: { portions: 6 } });

let db: Database;
beforeEach(() => {
  db = openDatabase(':memory:');
  createPlan(db, { id: 'p', plan, now });
});
afterEach(() => db.$client.close());

function opened(service: Partial<Service>, n = 1) {
  const day = parseDay({
    ...newDay(startingKitchen, { name: 'A day', date: '2026-11-27' }),
    services: [{ id: 's', planId: 'p', at: '2026-11-27T19:00', portions: 20, ...service }],
  });
  createDay(db, { id: `d${n}`, day, now });
  const id = openServiceRun(db, { dayId: `d${n}`, serviceId: 's', runId: run(n), now });
  return getRun(db, id).plan;
}

describe('a batch of a day’s service', () => {
  it('is for the day’s portions, and the plan keeps them', () => {
    expect(opened({}).batch.portions).toBe(20);
    expect(getPlan(db, 'p').plan.batch.portions).toBe(20);
  });

  it('is frozen at the bench where the day freezes it; the plan holds as it did', () => {
    const made = opened({ kind: 'handOver', ahead: 'frozen' });
    expect(made.hold.phases.at(-1)!.place).toBe('freezer');
    expect(getPlan(db, 'p').plan.hold).toEqual(plan.hold);
    // The next one, served fresh, is fresh.
    expect(opened({}, 2).hold).toEqual(plan.hold);
  });

  it('of a class makes a share to spare, which the plan itself does not', () => {
    expect(opened({ kind: 'class', pairs: 10 }).batch.breakageShare).toBe(spareOfClass(10));
    expect(getPlan(db, 'p').plan.batch.breakageShare).toBeUndefined();
  });

  it('is opened once, and only for a service of the day', () => {
    opened({});
    const again = openServiceRun(db, { dayId: 'd1', serviceId: 's', runId: run(9), now });
    expect(again).toBe(run(1));
    expect(() => openServiceRun(db, { dayId: 'd1', serviceId: 'x', runId: run(9), now })).toThrow(
      FieldError,
    );
  });
});

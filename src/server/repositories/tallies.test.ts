import { startingBasis } from '@/core/basis/basis';
import { startingPantry } from '@/core/composition/pantry';
import * as evaluate from '@/core/plan/evaluatePlan';
import { planWith } from '@/core/testing/plans';
import type { Database } from '../db/database';
import { openDatabase, openToRead } from '../db/database';
import { filledKitchen, freshFile, minute } from '../testing/kitchenFile';
import { saveRows } from './pantry';
import { getPlan, listPlans, savePlan } from './plans';
import { talliesOf } from './tallies';

jest.mock('@/core/plan/evaluatePlan', () => {
  const whole = jest.requireActual<typeof evaluate>('@/core/plan/evaluatePlan');
  return { ...whole, planTally: jest.fn(whole.planTally) };
});

const worked = jest.mocked(evaluate.planTally);
const built = 'one';
let db: Database;
let file: string;
beforeEach(() => {
  file = freshFile();
  db = filledKitchen(file);
  worked.mockClear();
});
afterEach(() => db.$client.close());

const list = (stamp: string | undefined = built) =>
  talliesOf(db, listPlans(db, 'current').plans, { built: stamp });
/** How many plans the next list works out. */
const workedOut = (stamp?: string) => {
  worked.mockClear();
  list(stamp);
  return worked.mock.calls.length;
};

describe('what plans come to', () => {
  it('is kept with their revisions, and is then what they come to', () => {
    const first = list();
    expect(worked).toHaveBeenCalledTimes(2);
    expect(workedOut()).toBe(0);
    expect(list()).toEqual(first);
    const { plan } = getPlan(db, 'a');
    const own = listPlans(db, 'current').plans.findIndex(({ id }) => id === 'a');
    expect(list()[own]).toMatchObject({ pieces: evaluate.planTally(plan, startingBasis).pieces });
  });

  it('is worked out anew for a plan that was changed, and for that alone', () => {
    list();
    const { edition: baseEdition } = getPlan(db, 'a');
    const plan = planWith({ name: 'First', shape: { doseG: 5 } });
    savePlan(db, { id: 'a', plan, baseEdition, sitting: '', now: minute(50) });
    expect(workedOut()).toBe(1);
    expect(workedOut()).toBe(0);
  });

  it('is worked out anew on another pantry, and by another build', () => {
    list();
    const ricotta = startingPantry.ingredients.get('ricotta-fresh')!;
    saveRows(db, 'ingredients', [{ ...ricotta, water: 0.77 }], { now: minute(50) });
    expect(workedOut()).toBe(2);
    expect(workedOut('two')).toBe(2);
    expect(workedOut()).toBe(2);
  });

  it('is not kept where the build is not known, nor read where it was spoilt', () => {
    expect(talliesOf(db, listPlans(db, 'current').plans, { built: undefined })).toHaveLength(2);
    const kept = () =>
      db.$client.prepare('select count(tally) n from plan_revisions').get() as { n: number };
    expect(kept().n).toBe(0);
    const first = list();
    db.$client.exec(
      `update plan_revisions set tally = '{"pieces":"many"}' where tally is not null`,
    );
    expect(list()).toEqual(first);
  });

  it('waits for no other program that writes, and is kept once it is done', () => {
    const other = openDatabase(file);
    other.$client.exec('begin immediate');
    const from = performance.now();
    expect(list()).toHaveLength(2);
    expect(performance.now() - from).toBeLessThan(1500);
    expect(workedOut()).toBe(2);
    other.$client.exec('rollback');
    other.$client.close();
    expect([workedOut(), workedOut()]).toEqual([2, 0]);
    // Who saves waits its turn as before.
    expect(db.$client.pragma('busy_timeout', { simple: true })).toBe(3000);
  });

  it('is told from a file that can only be read', () => {
    const own = openToRead(file);
    expect(talliesOf(own, listPlans(own, 'current').plans, { built })).toEqual(list());
    own.$client.close();
  });
});

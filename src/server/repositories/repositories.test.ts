import { startingKitchen } from '@/core/kitchen/kitchen';
import type { LogEntry } from '@/core/log/logEntry';
import type { Plan } from '@/core/plan/document/schema';
import { planWith } from '@/core/testing/plans';
import { openDatabase, type Database } from '../db/database';
import { PLANS_A_PAGE, queryPlans, tagsInUse } from './findPlans';
import { getKitchen, saveKitchen } from './kitchen';
import { addLogEntry, changeLogEntry, listLog, removeLogEntry } from './log';
import { NotFoundError } from './notFound';
import {
  countShelves,
  createPlan,
  createPlans,
  changePlan,
  destroyPlan,
  getPlan,
  lastMade,
  listPlans,
  movePlan,
  savePlan,
} from './plans';
import { getRevision, listRevisions, nameRevision } from './revisions';

const at = (minutes: number) => new Date(Date.UTC(2026, 10, 24, 9, minutes));
const dosed = (doseG: number): Plan => planWith({ shape: { doseG } });
const entry = (id: number): LogEntry => ({
  id: `5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d000${id}`,
  madeOn: `2026-11-2${id}`,
  pieces: 40,
  burst: 1,
  doughLeftG: 0,
  fillingLeftG: 5,
  note: '',
});

let db: Database;
beforeEach(() => {
  db = openDatabase(':memory:');
  createPlan(db, { id: 'a', plan: dosed(8), now: at(0), sitting: 's1' });
});
afterEach(() => db.$client.close());

const save = (doseG: number, baseEdition: number, minutes: number, sitting = 's1') =>
  savePlan(db, { id: 'a', plan: dosed(doseG), baseEdition, sitting, now: at(minutes) });

describe('a change of a plan as it stands', () => {
  it('is made on what another saved between its reading and its saving', () => {
    let met = 0;
    changePlan(db, {
      id: 'a',
      now: at(5),
      change: (plan) => {
        met += 1;
        if (met === 1) {
          savePlan(db, { id: 'a', plan: dosed(12), baseEdition: 1, sitting: 's2', now: at(4) });
        }
        return { ...plan, name: 'Renamed' };
      },
    });
    const { plan } = getPlan(db, 'a');
    expect([met, plan.name, plan.shape.doseG]).toEqual([2, 'Renamed', 12]);
  });

  it('is given up, and said, where others never stop saving', () => {
    let dose = 5;
    const change = (plan: Plan) => {
      const { edition } = getPlan(db, 'a');
      dose += 0.1;
      savePlan(db, { id: 'a', plan: dosed(dose), baseEdition: edition, sitting: '', now: at(4) });
      return plan;
    };
    expect(() => changePlan(db, { id: 'a', change, now: at(5) })).toThrow(/Try again in a moment/);
  });
});

describe('several new plans', () => {
  it('are stored together, or not at all', () => {
    const one = (id: string, doseG: number) => ({ id, plan: dosed(doseG), now: at(1) });
    expect(createPlans(db, [one('b', 7), one('c', 9)]).map(({ id }) => id)).toEqual(['b', 'c']);
    expect(() => createPlans(db, [one('d', 7), one('a', 7)])).toThrow(/another plan/);
    expect(() => getPlan(db, 'd')).toThrow(NotFoundError);
  });
});

describe('saving a plan', () => {
  it('stores it and moves on by one edition', () => {
    expect(save(9, 1, 1)).toEqual({ kind: 'saved', edition: 2, revision: 1 });
    expect(getPlan(db, 'a').plan.shape.doseG).toBe(9);
  });

  it('gathers the saves of one sitting in one revision, and starts another with the next', () => {
    save(9, 1, 1);
    save(9.5, 2, 2);
    expect(save(10, 3, 3, 's2')).toMatchObject({ revision: 2 });
    expect(listRevisions(db, 'a').revisions.map(({ plan }) => plan.shape.doseG)).toEqual([10, 9.5]);
  });

  it('starts another revision when a sitting grows long', () => {
    expect(save(9, 1, 45)).toMatchObject({ revision: 2 });
  });

  it('never changes a revision that the log points at', () => {
    addLogEntry(db, { planId: 'a', revision: 1, entry: entry(1), now: at(1) });
    expect(save(9, 1, 2)).toMatchObject({ revision: 2 });
    expect(getRevision(db, 'a', 1).plan.shape.doseG).toBe(8);
  });

  it('refuses to save over what another window saved, and gives that back', () => {
    save(9, 1, 1);
    const late = save(12, 1, 2, 's2');
    expect(late).toMatchObject({ kind: 'conflict', theirs: { edition: 2 } });
    expect(getPlan(db, 'a').plan.shape.doseG).toBe(9);
    expect(listRevisions(db, 'a').revisions).toHaveLength(1);
  });

  it('takes the same plan again as saved, whatever edition it follows', () => {
    save(9, 1, 1);
    expect(save(9, 1, 2)).toEqual({ kind: 'saved', edition: 2, revision: 1 });
  });

  it('leaves everything as it was when a save fails half way', () => {
    // The new revision goes in first; the plan's own row is then refused.
    db.$client.exec(
      "CREATE TRIGGER stop BEFORE UPDATE ON plans BEGIN SELECT RAISE(ABORT, 'disk full'); END",
    );
    expect(() => save(12, 1, 1, 's2')).toThrow();
    expect(listRevisions(db, 'a').revisions).toHaveLength(1);
    expect(getPlan(db, 'a')).toMatchObject({ plan: dosed(8), edition: 1 });
  });

  it('does not know a plan that is not there', () => {
    expect(() => getPlan(db, 'zz')).toThrow(NotFoundError);
    expect(() =>
      savePlan(db, { id: 'zz', plan: dosed(8), baseEdition: 1, sitting: '', now: at(1) }),
    ).toThrow(NotFoundError);
  });
});

describe('shelves', () => {
  it('archives, deletes and brings back, losing nothing', () => {
    createPlan(db, { id: 'b', plan: dosed(7), now: at(1) });
    movePlan(db, { id: 'a', to: 'archived', now: at(2) });
    expect(listPlans(db, 'current').plans.map(({ id }) => id)).toEqual(['b']);
    movePlan(db, { id: 'a', to: 'deleted', now: at(3) });
    expect(countShelves(db)).toEqual({ current: 1, archived: 0, deleted: 1 });
    movePlan(db, { id: 'a', to: 'archived', now: at(4) });
    expect(listPlans(db, 'archived').plans.map(({ id }) => id)).toEqual(['a']);
    movePlan(db, { id: 'a', to: 'current', now: at(5) });
    expect(
      listPlans(db, 'current')
        .plans.map(({ id }) => id)
        .sort(),
    ).toEqual(['a', 'b']);
    expect(() => movePlan(db, { id: 'zz', to: 'deleted', now: at(6) })).toThrow(NotFoundError);
  });

  it('lists the latest changed first', () => {
    createPlan(db, { id: 'b', plan: dosed(7), now: at(1) });
    save(9, 1, 2);
    expect(listPlans(db, 'current').plans.map(({ id }) => id)).toEqual(['a', 'b']);
  });
});

describe('the log', () => {
  it('keeps an entry once, however often it arrives; another under its id is refused', () => {
    const add = (more: Partial<LogEntry>) =>
      addLogEntry(db, { planId: 'a', revision: 1, entry: { ...entry(1), ...more }, now: at(1) });
    add({});
    add({});
    expect(() => add({ burst: 9 })).toThrow(/written down already, and says something else/);
    expect(() => add({ note: 'and a note' })).toThrow(/says something else/);
    expect(listLog(db, 'a')).toMatchObject([{ entry: entry(1), revision: 1 }]);
    expect(listLog(db, 'a')).toHaveLength(1);
  });

  it('shows the latest day first and counts how often a plan was made', () => {
    addLogEntry(db, { planId: 'a', revision: 1, entry: entry(1), now: at(1) });
    addLogEntry(db, { planId: 'a', revision: 1, entry: entry(3), now: at(2) });
    expect(listLog(db, 'a').map(({ entry: each }) => each.madeOn)).toEqual([
      '2026-11-23',
      '2026-11-21',
    ]);
    expect(lastMade(db, ['a']).get('a')).toEqual({ times: 2, madeOn: '2026-11-23' });
  });

  it('takes an entry out, and it can be put back', () => {
    addLogEntry(db, { planId: 'a', revision: 1, entry: entry(1), now: at(1) });
    removeLogEntry(db, 'a', entry(1).id);
    removeLogEntry(db, 'a', entry(1).id);
    expect(listLog(db, 'a')).toEqual([]);
    addLogEntry(db, { planId: 'a', revision: 1, entry: entry(1), now: at(2) });
    expect(listLog(db, 'a')).toHaveLength(1);
  });

  it('refuses an entry for a revision that is not there', () => {
    expect(() =>
      addLogEntry(db, { planId: 'a', revision: 7, entry: entry(1), now: at(1) }),
    ).toThrow(NotFoundError);
  });
});

describe('the kitchen', () => {
  it('starts with one to edit and keeps what is saved', () => {
    expect(getKitchen(db)).toEqual(startingKitchen);
    saveKitchen(db, { ...startingKitchen, name: 'Galley' }, { now: at(1) });
    saveKitchen(db, { ...startingKitchen, name: 'Landing' }, { now: at(2) });
    expect(getKitchen(db).name).toBe('Landing');
  });

  it('does not write over what another window saved: it gives that back, with its edition', () => {
    const named = (name: string) => ({ ...startingKitchen, name });
    const save = (name: string, baseEdition: number) =>
      saveKitchen(db, named(name), { now: at(1), baseEdition });
    expect(save('Galley', 0)).toEqual({ kind: 'saved', edition: 1 });
    expect(save('Landing', 0)).toEqual({
      kind: 'conflict',
      theirs: named('Galley'),
      edition: 1,
    });
    // The same again, its answer lost, is no conflict.
    expect(save('Galley', 0)).toEqual({ kind: 'saved', edition: 1 });
    expect(save('Landing', 1)).toEqual({ kind: 'saved', edition: 2 });
    expect(getKitchen(db).name).toBe('Landing');
  });
});

describe('finding plans', () => {
  const put = (id: string, plan: Partial<Plan>, minutes: number) =>
    createPlan(db, { id, plan: { ...dosed(8), ...plan }, now: at(minutes) });
  const ids = (query: Omit<Parameters<typeof queryPlans>[1], 'shelf'>) =>
    queryPlans(db, { shelf: 'current', ...query }).plans.map(({ id }) => id);

  it('goes by every word, in name, tag, shape or ingredient, whatever its case', () => {
    put('b', { name: 'Friday Celeriac', tags: ['Supper'] }, 1);
    put('c', { name: 'Stall trays', tags: ['cold', 'Stall'] }, 2);
    expect(ids({ words: 'celeriac friday' })).toEqual(['b']);
    expect(ids({ words: 'SUPPER' })).toEqual(['b']);
    expect(ids({ words: 'stall soup' })).toEqual([]);
    expect(ids({ words: 'ravioliSquare' })).toEqual(['c', 'b', 'a']);
    // Letters that mean something to the store mean nothing here.
    expect(ids({ words: "%' or 1=1 --" })).toEqual([]);
    expect(ids({ tag: 'cold' })).toEqual(['c']);
    expect(ids({ tag: 'col' })).toEqual([]);
    expect(tagsInUse(db, 'current')).toEqual(['cold', 'Stall', 'Supper']);
  });

  it('sorts by name and by when it was made, and turns over pages', () => {
    for (let i = 0; i < PLANS_A_PAGE + 5; i += 1) {
      put(`p${i}`, { name: `Plan ${String(99 - i)}` }, i + 1);
    }
    addLogEntry(db, { planId: 'p3', revision: 1, entry: entry(4), now: at(50) });
    const byName = queryPlans(db, { shelf: 'current', sort: 'name' });
    expect(byName.total).toBe(PLANS_A_PAGE + 6);
    expect(byName.plans).toHaveLength(PLANS_A_PAGE);
    const names = byName.plans.map(({ plan }) => plan.name.toLowerCase());
    expect(names).toEqual([...names].sort());
    expect(ids({ sort: 'made' })[0]).toBe('p3');
    const second = queryPlans(db, { shelf: 'current', page: 2 });
    expect(second.plans).toHaveLength(6);
    // Past the last page stands the last.
    expect(queryPlans(db, { shelf: 'current', page: 99 }).page).toBe(2);
    const all = [1, 2].flatMap((page) => ids({ page }));
    expect(new Set(all).size).toBe(PLANS_A_PAGE + 6);
  });
});

describe('for ever and by name', () => {
  it('a destroyed plan takes its revisions and its log with it, and no other’s', () => {
    createPlan(db, { id: 'b', plan: dosed(7), now: at(1) });
    for (const [planId, n] of [
      ['a', 1],
      ['b', 2],
    ] as const) {
      addLogEntry(db, { planId, revision: 1, entry: entry(n), now: at(2) });
    }
    destroyPlan(db, 'a');
    expect(() => getPlan(db, 'a')).toThrow(NotFoundError);
    expect(listLog(db, 'a')).toEqual([]);
    expect(listLog(db, 'b')).toHaveLength(1);
    expect(() => destroyPlan(db, 'a')).toThrow(NotFoundError);
  });

  it('a named revision stays as it was when it was named', () => {
    nameRevision(db, { planId: 'a', number: 1, name: 'As at the supper' });
    expect(save(9, 1, 1)).toMatchObject({ revision: 2 });
    expect(listRevisions(db, 'a').revisions.map(({ name }) => name)).toEqual([
      null,
      'As at the supper',
    ]);
    expect(getRevision(db, 'a', 1).plan.shape.doseG).toBe(8);
    nameRevision(db, { planId: 'a', number: 1, name: null });
    expect(getRevision(db, 'a', 1).name).toBeNull();
    expect(() => nameRevision(db, { planId: 'a', number: 9, name: 'x' })).toThrow(NotFoundError);
  });

  it('a log entry is put right, in its own plan alone', () => {
    addLogEntry(db, { planId: 'a', revision: 1, entry: entry(1), now: at(2) });
    changeLogEntry(db, 'a', { ...entry(1), burst: 7 });
    expect(listLog(db, 'a')[0]!.entry.burst).toBe(7);
    expect(() => changeLogEntry(db, 'b', entry(1))).toThrow(NotFoundError);
  });
});

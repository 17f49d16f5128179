import { startingKitchen } from '@/core/kitchen/kitchen';
import { newDay, parseDay } from '@/core/schedule/document/day';
import { dayWith } from '@/core/schedule/testing/days';
import type { Database } from '../db/database';
import { EVENTS, filledKitchen, minute } from '../testing/kitchenFile';
import {
  addMarks,
  countDays,
  createDay,
  dayProgress,
  destroyDay,
  getDay,
  linkRun,
  listDays,
  moveDay,
  runOfService,
  saveDay,
} from './days';
import { NotFoundError } from './notFound';
import { destroyPlan } from './plans';
import { addEvents } from './runs';

let db: Database;
beforeEach(() => (db = filledKitchen()));
afterEach(() => db.$client.close());

const day = dayWith([{ planId: 'a' }]);
const ID = '6f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0009';

describe('days', () => {
  it('are made once under one id, and not over another', () => {
    createDay(db, { id: 'new', day, now: minute(10) });
    createDay(db, { id: 'new', day, now: minute(11) });
    expect(
      listDays(db)
        .days.map(({ id }) => id)
        .sort(),
    ).toEqual(['day-1', 'new']);
    expect(() =>
      createDay(db, { id: 'new', day: { ...day, name: 'Other' }, now: minute(12) }),
    ).toThrow(/another day/);
    expect(getDay(db, 'new').day).toEqual(day);
  });

  it('are listed a page at a time, the latest first, none twice and none left out', () => {
    for (let n = 0; n < 70; n++) {
      const date = new Date(Date.UTC(2026, 11, 1 + n)).toISOString().slice(0, 10);
      const other = newDay(startingKitchen, { name: `Day ${n}`, date });
      createDay(db, { id: `d${n}`, day: other, now: minute(10) });
    }
    const pages = [1, 2, 3].map((page) => listDays(db, 'current', page).days.map(({ id }) => id));
    expect(pages.map(({ length }) => length)).toEqual([30, 30, 11]);
    expect(pages[0]![0]).toBe('d69');
    expect(new Set(pages.flat()).size).toBe(71);
  });

  it('are saved by edition: one that another window changed is a conflict, and changes nothing', () => {
    const { day: own, edition } = getDay(db, 'day-1');
    const renamed = { ...own, name: 'Another name' };
    expect(
      saveDay(db, { id: 'day-1', day: renamed, baseEdition: edition, now: minute(20) }),
    ).toEqual({ kind: 'saved', edition: 2 });
    // A lost answer sent again is no conflict.
    expect(
      saveDay(db, { id: 'day-1', day: renamed, baseEdition: edition, now: minute(21) }),
    ).toEqual({ kind: 'saved', edition: 2 });
    expect(
      saveDay(db, {
        id: 'day-1',
        day: { ...own, name: 'Mine' },
        baseEdition: edition,
        now: minute(22),
      }),
    ).toMatchObject({ kind: 'conflict', edition: 2, theirs: { name: 'Another name' } });
    expect(getDay(db, 'day-1').day.name).toBe('Another name');
    expect(() => saveDay(db, { id: 'none', day: own, baseEdition: 1, now: minute(23) })).toThrow(
      NotFoundError,
    );
  });

  it('are put away, brought back, and destroyed with all that hangs on them', () => {
    moveDay(db, { id: 'day-1', to: 'deleted', now: minute(30) });
    expect([countDays(db, 'current'), countDays(db, 'deleted')]).toEqual([0, 1]);
    moveDay(db, { id: 'day-1', to: 'current', now: minute(31) });
    expect(countDays(db, 'current')).toBe(1);
    destroyDay(db, 'day-1');
    expect(() => getDay(db, 'day-1')).toThrow(NotFoundError);
    expect(() => destroyDay(db, 'day-1')).toThrow(NotFoundError);
    expect(() => moveDay(db, { id: 'day-1', to: 'deleted', now: minute(32) })).toThrow(
      NotFoundError,
    );
  });
});

describe('how far a day has come', () => {
  it('is its marks, each once, and the taps of its runs', () => {
    const mark = { id: ID, at: minute(6).toISOString(), kind: 'begun', task: 'a/turn/2' } as const;
    addMarks(db, 'day-1', [mark], minute(6));
    addMarks(db, 'day-1', [mark], minute(7));
    const told = dayProgress(db, 'day-1');
    if ('same' in told) throw new Error('is not the same as nothing');
    expect(told.marks.map(({ id }) => id)).toEqual([EVENTS[0], ID]);
    // Of a batch only what a clock reads comes along.
    expect(told.runs).toEqual([{ service: 'supper', runId: 'run-1', events: [] }]);
    expect(dayProgress(db, 'day-1', told.version)).toEqual({ same: true });
    addEvents(
      db,
      'run-1',
      [{ id: ID, at: minute(8).toISOString(), kind: 'sheetDone', pieces: 12, torn: false }],
      minute(8),
    );
    const next = dayProgress(db, 'day-1', told.version);
    expect(next).toMatchObject({ runs: [{ events: [{ kind: 'sheetDone', pieces: 12 }] }] });
  });

  it('refuses a mark that says something else under a known id, and one for no day', () => {
    const other = {
      id: EVENTS[0],
      at: minute(5).toISOString(),
      kind: 'done',
      task: 'something else',
    } as const;
    expect(() => addMarks(db, 'day-1', [other], minute(9))).toThrow(/says something else/);
    expect(() => addMarks(db, 'none', [other], minute(9))).toThrow(NotFoundError);
    expect(() => dayProgress(db, 'none')).toThrow(NotFoundError);
  });

  it('knows the run that makes a service, as long as there is one', () => {
    expect(runOfService(db, 'day-1', 'supper')).toBe('run-1');
    expect(runOfService(db, 'day-1', 'stall')).toBeNull();
    db.transaction((tx) => linkRun(tx, { dayId: 'day-1', service: 'supper', runId: 'run-1' }));
    const told = dayProgress(db, 'day-1');
    expect('runs' in told && told.runs).toHaveLength(1);
    destroyPlan(db, 'a');
    expect(runOfService(db, 'day-1', 'supper')).toBeNull();
    expect(parseDay(getDay(db, 'day-1').day)).toBeTruthy();
  });
});

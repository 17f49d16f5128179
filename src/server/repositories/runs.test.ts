import type { LogEntry } from '@/core/log/logEntry';
import type { Plan } from '@/core/plan/document/schema';
import type { RunEvent } from '@/core/run/events';
import { foldRun } from '@/core/run/fold';
import { planWith } from '@/core/testing/plans';
import { openDatabase, type Database } from '../db/database';
import { bringCorrectionsForward } from './corrections';
import { getLearnt } from './learnt';
import { bringLogForward, listLog } from './log';
import { NotFoundError } from './notFound';
import { createPlan, getPlan } from './plans';
import { addEvents, eventsAfter, getRun, listRuns, openRun } from './runs';

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

describe('what older products wrote', () => {
  const old = (document: object, id: string) => {
    createPlan(db, { id, plan: dosed(8), now: at(1) });
    db.$client
      .prepare('update plan_revisions set document = ? where plan_id = ?')
      .run(JSON.stringify(document), id);
  };

  it('corrections of an older plan become an open run, once, and the plan is as it was planned', () => {
    const document = { ...JSON.parse(JSON.stringify(dosed(8))), version: 2 } as Plan;
    const made = [
      { feel: 'sticky', kind: 'flourG', amount: 12 },
      { feel: 'springsBack', kind: 'restMin', amount: 15 },
    ];
    old({ ...document, dough: { ...document.dough, corrections: made } }, 'old');
    bringCorrectionsForward(db);
    bringCorrectionsForward(db);
    const runs = listRuns(db, { planId: 'old' });
    expect(runs).toHaveLength(1);
    const { corrections, status } = foldRun(getRun(db, runs[0]!.id).events);
    expect(status).toBe('open');
    expect(corrections.map(({ did, amount }) => [did, amount])).toEqual([
      ['flourG', 12],
      ['restMin', 15],
    ]);
    expect(getPlan(db, 'old').plan.dough).not.toHaveProperty('corrections');
  });

  it('a batch of the old log becomes a finished run; one that cannot be read stays', () => {
    const insert = db.$client.prepare(
      "insert into log_entries (id, plan_id, revision, made_on, document, pantry, created_at) values (?, 'a', 1, ?, ?, null, ?)",
    );
    const written = entry(3);
    insert.run(written.id, written.madeOn, JSON.stringify(written), at(3).toISOString());
    insert.run('broken', '2026-11-01', '{', at(3).toISOString());
    bringLogForward(db);
    bringLogForward(db);
    expect(listLog(db, 'a').map((each) => each.entry)).toEqual([written]);
    expect(db.$client.prepare('select id from log_entries').all()).toEqual([{ id: 'broken' }]);
  });
});

describe('runs', () => {
  const event = (n: number, more: object): RunEvent =>
    ({
      id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
      at: at(n).toISOString(),
      ...more,
    }) as RunEvent;
  const id = '6b0a2c1e-8d1f-4c55-9a70-1f6f0a7d9901';

  beforeEach(() => openRun(db, { id, planId: 'a', revision: 1, learnt: [], now: at(1) }));

  it('an event sent twice, late or out of order changes nothing twice', () => {
    const [one, two] = [
      event(2, { kind: 'sheetDone', pieces: 16, torn: false }),
      event(1, { kind: 'sheetDone', pieces: 15, torn: false }),
    ];
    addEvents(db, id, [one], at(5));
    addEvents(db, id, [two, one], at(6));
    expect(foldRun(getRun(db, id).events).pieces).toBe(31);
    expect(eventsAfter(db, id, 1).events).toEqual([two]);
    expect(listRuns(db)[0]).toMatchObject({ summary: { pieces: 31, status: 'open' } });
  });

  it('another event under the id of one that is there is refused, with all that came along', () => {
    addEvents(db, id, [event(1, { kind: 'counted', pieces: 15 })], at(5));
    const other = [event(2, { kind: 'begun' }), event(1, { kind: 'counted', pieces: 16 })];
    expect(() => addEvents(db, id, other, at(6))).toThrow(
      /is there already and says something else/,
    );
    expect(getRun(db, id).events).toHaveLength(1);
  });

  it('opening the same again opens nothing twice; one that is not there is said so', () => {
    openRun(db, { id, planId: 'a', revision: 1, learnt: [], now: at(9) });
    expect(listRuns(db)).toHaveLength(1);
    createPlan(db, { id: 'b', plan: dosed(9), now: at(9) });
    const elsewhere = { id, planId: 'b', revision: 1, learnt: [], now: at(9) };
    expect(() => openRun(db, elsewhere)).toThrow(/made from something else/);
    createPlan(db, { id: 'b', plan: dosed(9), now: at(10) });
    expect(() => createPlan(db, { id: 'b', plan: dosed(8), now: at(10) })).toThrow(/another plan/);
    expect(() => addEvents(db, 'none', [], at(1))).toThrow(NotFoundError);
    expect(() => eventsAfter(db, 'none', 0)).toThrow(NotFoundError);
    expect(() => getRun(db, 'none')).toThrow(NotFoundError);
  });

  it('a finished run teaches, at once, and one that is struck no more', () => {
    addEvents(
      db,
      id,
      [
        event(1, { kind: 'counted', pieces: 40 }),
        event(2, { kind: 'weighed', what: 'doses', g: 100, n: 10 }),
        event(3, { kind: 'finished' }),
      ],
      at(4),
    );
    const dosing = () => getLearnt(db, at(5)).find(({ quantity }) => quantity === 'dosed');
    expect(dosing()?.value).toBeGreaterThan(1.1);
    addEvents(db, id, [event(4, { kind: 'struck' })], at(6));
    expect(dosing()).toBeUndefined();
  });

  it('a run keeps what it was planned on, whatever is learnt after', () => {
    const before = getRun(db, id).learnt;
    addEvents(
      db,
      id,
      [event(1, { kind: 'counted', pieces: 9 }), event(2, { kind: 'finished' })],
      at(4),
    );
    expect(getRun(db, id).learnt).toEqual(before);
  });

  it('an event that cannot be read leaves the others standing', () => {
    addEvents(db, id, [event(1, { kind: 'counted', pieces: 9 })], at(4));
    db.$client
      .prepare(
        "insert into run_events (id, run_id, at, arrived_at, document) values ('x', ?, ?, ?, '{')",
      )
      .run(id, at(2).toISOString(), at(2).toISOString());
    expect(foldRun(getRun(db, id).events).pieces).toBe(9);
  });
});

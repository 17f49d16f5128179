import { metricText } from '../../units/format';
import fc from 'fast-check';
import { startingBasis } from '../../basis/basis';
import type { RunEvent } from '../../run/events';
import { dayMarkSchema, standingMarks, type DayMark } from '../document/marks';
import { minuteOf, momentAt } from '../document/clock';
import { DAY_PLANS, dayWith } from '../testing/days';
import { solveDay, standing } from '../timetable/solveDay';
import { changesBetween } from './changes';
import { doneIn, type Happened } from './progress';

const two = dayWith([{ id: 'supper', planId: 'ravioli', portions: 16 }]);
const day = {
  ...two,
  people: [...two.people, { ...two.people[0]!, id: 'sunniva', name: 'Sunniva' }],
};
const planned = solveDay(day, DAY_PLANS, startingBasis, { tries: 300 });
const stood = new Map(
  planned.timetable.tasks.map(({ id, fromMin, toMin, people }) => [
    id,
    { minutes: toMin - fromMin, people, start: fromMin, hands: people.length },
  ]),
);
const toMinute = (iso: string) => minuteOf(iso.slice(0, 16), day.date);
const iso = (minute: number) => `${momentAt(minute, day.date)}:00.000Z`;
let n = 0;
const id = () => `00000000-0000-4000-8000-${String((n += 1)).padStart(12, '0')}`;
const mark = (kind: 'begun' | 'done', task: string, minute: number): DayMark => ({
  id: id(),
  at: iso(minute),
  kind,
  task,
});
const happened = (more: Partial<Happened>): Happened => ({
  marks: [],
  runs: [],
  nowMin: 0,
  toMinute,
  stood,
  ...more,
});
const task = (name: string) => planned.timetable.tasks.find((each) => each.id === name)!;

describe('marks', () => {
  it('stand once each, whatever the order they come in, unless they are taken back', () => {
    const all: DayMark[] = [mark('begun', 'a', 10), mark('done', 'a', 20), mark('done', 'b', 15)];
    const back: DayMark = { id: id(), at: iso(30), kind: 'takenBack', mark: all[2]!.id };
    fc.assert(
      fc.property(fc.shuffledSubarray([...all, back, ...all], { minLength: 7 }), (shuffled) => {
        expect(standingMarks(shuffled).map((each) => `${each.task} ${each.kind}`)).toEqual([
          'a begun',
          'a done',
        ]);
      }),
    );
  });

  it('are refused without a task, or of another kind', () => {
    const good = mark('done', 'a', 1);
    expect(dayMarkSchema.safeParse(good).success).toBe(true);
    for (const bad of [
      { ...good, kind: 'eaten' },
      { ...good, task: '' },
      { ...good, id: 'x' },
      { ...good, at: 'now' },
    ]) {
      expect(dayMarkSchema.safeParse(bad).success).toBe(false);
    }
  });
});

describe('what is done', () => {
  it('is what was marked: told at its end, it took what it was meant to', () => {
    const mix = task('dough:supper/mix');
    const done = doneIn(planned.work, happened({ marks: [mark('done', mix.id, mix.toMin + 12)] }));
    expect(done.get(mix.id)).toEqual({
      from: mix.fromMin + 12,
      to: mix.toMin + 12,
      people: mix.people,
    });
    expect(doneIn(planned.work, happened({ marks: [mark('done', 'no such task', 5)] })).size).toBe(
      0,
    );
  });

  it('goes on where it has begun and is not done', () => {
    const mix = task('dough:supper/mix');
    const at = (nowMin: number) =>
      doneIn(planned.work, happened({ nowMin, marks: [mark('begun', mix.id, mix.fromMin)] })).get(
        mix.id,
      )!;
    expect(at(mix.fromMin + 1).to).toBe(mix.toMin);
    expect(at(mix.toMin + 30).to).toBe(mix.toMin + 31);
  });

  it('is read off the taps of a run at the bench, sheet by sheet and round by round', () => {
    const turns = planned.work.tasks.filter(({ kind }) => kind === 'turn');
    const first = turns[0]!.sheets!.count;
    const event = (minute: number, more: object) =>
      ({ id: id(), at: iso(minute), ...more }) as RunEvent;
    const events: RunEvent[] = [
      event(100, { kind: 'stepBegun', step: 'weigh' }),
      event(110, { kind: 'stepDone', step: 'weigh' }),
      event(140, { kind: 'stepDone', step: 'filling' }),
      event(150, { kind: 'stepBegun', step: 'roll' }),
      ...Array.from({ length: first }, (_, i) =>
        event(155 + i, { kind: 'sheetDone', pieces: 14, torn: false }),
      ),
    ];
    const done = doneIn(
      planned.work,
      happened({ nowMin: 170, runs: [{ service: 'supper', events }] }),
    );
    expect(done.get('dough:supper/mix')).toMatchObject({ from: 100, to: 110 });
    expect(done.get('filling:supper/bind')!.to).toBe(140);
    expect(done.get(turns[0]!.id)).toMatchObject({ from: 150, to: 154 + first });
    expect(done.has(turns.at(-1)!.id)).toBe(false);
    const plates = [
      ...events,
      event(163, { kind: 'stepBegun', step: 'plate' }),
      event(168, { kind: 'stepDone', step: 'plate' }),
    ];
    const served = doneIn(
      planned.work,
      happened({ nowMin: 170, runs: [{ service: 'supper', events: plates }] }),
    );
    expect(served.get('supper/plate')).toMatchObject({ from: 163, to: 168 });
    const taken = [...events, event(200, { kind: 'takenBack', event: events[1]!.id })];
    const back = doneIn(
      planned.work,
      happened({ nowMin: 170, runs: [{ service: 'supper', events: taken }] }),
    );
    expect(back.get('dough:supper/mix')!.to).toBeGreaterThan(110);
    expect(doneIn(planned.work, happened({ runs: [{ service: 'other', events }] })).size).toBe(0);
  });
});

describe('what is done, told only in part', () => {
  const ofKind = (kind: string) => planned.work.tasks.filter((each) => each.kind === kind);
  const event = (minute: number, more: object) =>
    ({ id: id(), at: iso(minute), ...more }) as RunEvent;
  const after = (...events: RunEvent[]) =>
    doneIn(planned.work, happened({ nowMin: 900, runs: [{ service: 'supper', events }] }));
  const rounds = ofKind('round');
  const out = (minute: number, pieces: number) => event(minute, { kind: 'roundDone', pieces });

  it('a round is done once its pieces are out, be it in one tap or two', () => {
    const [first, second] = rounds;
    const half = Math.floor(first!.pieces! / 2);
    const begun = event(600, { kind: 'stepBegun', step: 'boil' });
    const some = after(begun, out(605, half)).get(first!.id)!;
    expect(some.from).toBe(600);
    expect(some.to).toBeGreaterThan(900);
    const all = after(begun, out(605, half), out(611, first!.pieces! - half));
    expect(all.get(first!.id)).toMatchObject({ from: 600, to: 611 });
    if (second) expect(all.has(second.id)).toBe(false);
    // One tap for everything: each round was done by then.
    const total = rounds.reduce((sum, { pieces }) => sum + pieces!, 0);
    expect(after(begun, out(620, total)).get(rounds.at(-1)!.id)!.to).toBe(620);
  });

  it('rounds nobody saw begin began with the first that came out', () => {
    const [first] = rounds;
    expect(after(out(605, first!.pieces!)).get(first!.id)!.to).toBe(605);
  });

  it('what had to come before was done before, as long as it was meant to take', () => {
    const knead = task('dough:supper/knead');
    const mix = task('dough:supper/mix');
    const early = doneIn(
      planned.work,
      happened({ marks: [mark('begun', knead.id, mix.fromMin + 1)] }),
    ).get(mix.id)!;
    expect(early).toMatchObject({
      from: mix.fromMin + 1 - (mix.toMin - mix.fromMin),
      to: mix.fromMin + 1,
      people: mix.people,
    });
    const late = doneIn(
      planned.work,
      happened({ marks: [mark('begun', knead.id, mix.toMin + 9)] }),
    ).get(mix.id)!;
    expect(late).toMatchObject({ from: mix.fromMin, to: mix.toMin });
  });

  it('a batch that is closed was plated; a filling that is bound was prepared', () => {
    const closed = after(event(700, { kind: 'finished' }));
    for (const { id } of [...ofKind('plate'), ...ofKind('handOver')]) {
      expect(closed.get(id)!.to).toBe(700);
    }
    const bound = after(event(500, { kind: 'stepDone', step: 'filling' }));
    for (const { id } of ofKind('prepare')) expect(bound.get(id)!.to).toBe(500);
  });
});

describe('something late', () => {
  const late = (minutes: number) => {
    const knead = task('dough:supper/knead');
    const marks = planned.timetable.tasks
      .filter(({ id: other, toMin }) => toMin <= knead.fromMin && other !== knead.id)
      .map((each) => mark('done', each.id, each.toMin))
      .concat(mark('done', knead.id, knead.toMin + minutes));
    const nowMin = knead.toMin + minutes;
    const done = doneIn(planned.work, happened({ marks, nowMin }));
    return solveDay(day, DAY_PLANS, startingBasis, {
      tries: 300,
      progress: { nowMin, done, stood: standing(planned) },
    });
  };

  it('is gone round: what is done stands, nothing begins before now, and it is still ready', () => {
    const { timetable } = late(5);
    expect(timetable.feasible).toBe(true);
    const knead = timetable.tasks.find(({ id }) => id === 'dough:supper/knead')!;
    expect(knead).toMatchObject({ done: true, toMin: task('dough:supper/knead').toMin + 5 });
    for (const each of timetable.tasks) {
      if (!each.done) expect(each.fromMin).toBeGreaterThanOrEqual(knead.toMin);
    }
  });

  it('changes as little as it can, and says who must do what differently', () => {
    const names = (person: string) => day.people.find(({ id }) => id === person)!.name;
    const words = { nameOf: names, write: metricText };
    expect(changesBetween(planned.timetable, planned.timetable, words)).toEqual([]);
    const after = late(12).timetable;
    const changes = changesBetween(planned.timetable, after, words);
    expect(changes.length).toBeGreaterThan(0);
    expect(changes.length).toBeLessThan(16);
    for (const { says } of changes) expect(says).toMatch(/^[A-Z].* (at|from) \d\d:\d\d.*\.$/);
    const moved = after.tasks.filter(
      (each) => !each.done && Math.abs(each.fromMin - task(each.id).fromMin) >= 5,
    );
    expect(moved.length).toBeLessThan(after.tasks.length / 2);
  });

  it('that cannot be caught up is told as late', () => {
    expect(late(400).timetable.feasible).toBe(false);
  });
});

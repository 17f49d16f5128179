import { startingPantry } from '../composition/pantry';
import { readFileSync } from 'node:fs';
import { startingBasis } from '../basis/basis';
import { readDayFile } from '../formats/dayFile';
import { dayCalendar } from '../formats/calendar';
import { changesBetween } from '../schedule/live/changes';
import { doneIn } from '../schedule/live/progress';
import type { Day } from '../schedule/document/day';
import { minuteOf, momentAt } from '../schedule/document/clock';
import { dayPaper } from '../schedule/paper';
import { DAY_PLANS, dayWith, supper, weekend } from '../schedule/testing/days';
import { blocksOf } from '../schedule/timetable/blocks';
import { handsCurve } from '../schedule/timetable/handsCurve';
import { lanesOf } from '../schedule/timetable/lanes';
import { mendsFor } from '../schedule/timetable/mends';
import { breaksWhenMoved, solveDay, standing } from '../schedule/timetable/solveDay';
import { timetableFile } from '../schedule/timetable/timetable';
import { table } from '../testing/table';
import { figureText, type WriteFigure } from '../units/format';
import { METRIC } from '../units/units';

const demoDay = (name: string) =>
  readDayFile(JSON.parse(readFileSync(`demo/days/${name}.json`, 'utf8')), {
    pantry: startingPantry,
    fileOf: (file) => JSON.parse(readFileSync(`demo/days/${file}`, 'utf8')) as unknown,
  });

const write: WriteFigure = (value, unit) => figureText(value, unit, METRIC);

const STAMP = new Date('2026-11-01T00:00:00Z');

const CLASS = dayWith([
  { id: 'class', planId: 'ravioli', kind: 'class', pairs: 4, at: '2026-11-27T15:00' },
]);

const DAYS: readonly (readonly [string, Day, typeof DAY_PLANS])[] = [
  ['a supper', supper(), DAY_PLANS],
  ['a supper and a stall', weekend(), DAY_PLANS],
  ['a class', CLASS, DAY_PLANS],
  ...['friday-supper-and-saturday-stall', 'ferry-lunch-with-one-pot'].map((name) => {
    const { day, plans } = demoDay(name);
    return [`demo ${name}`, day, plans] as const;
  }),
];

describe.each(DAYS)('%s', (_name, day, plans) => {
  const solved = solveDay(day, plans, startingBasis, { tries: 60 });
  const { work, timetable } = solved;

  it('its tasks, what limits them, and its clock', () => {
    expect(table({ ...timetable, links: work.problem.links })).toMatchSnapshot();
    expect(table(work.problem.tasks.map(({ modes }) => modes))).toMatchSnapshot();
  });

  it('its bowls, and what goes on paper', () => {
    expect(
      table({
        doughs: work.doughs.map(({ services: _services, ...bowl }) => bowl),
        fillings: work.fillings.map(({ services: _services, ...bowl }) => bowl),
        paper: dayPaper(work, timetable, startingBasis, write),
        blocks: day.people.map(({ id }) => blocksOf(timetable, id)),
        lanes: lanesOf(work, timetable),
        calendar: dayCalendar(work, timetable, { id: 'day', stamp: STAMP }).match(
          /DT(START|END)[^\r\n]*/g,
        ),
      }),
    ).toMatchSnapshot();
  });

  it('what breaks when any of its tasks is moved', () => {
    const moved = timetable.tasks.flatMap(({ id, fromMin, people }) =>
      [-50, 35, 400].map((by) => ({
        id,
        by,
        breaks: breaksWhenMoved(solved, id, { start: fromMin + by, people }, write).join(' '),
      })),
    );
    expect(table(moved)).toMatchSnapshot();
  });

  it('how it goes on once some is done', () => {
    const first = timetable.tasks.slice(0, 5);
    const nowMin = Math.ceil(first.at(-1)!.toMin) + 4;
    const at = (minute: number) => `${momentAt(minute, day.date)}:00Z`;
    const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
    const marks = first.flatMap(({ id: task, fromMin, toMin }, i) => [
      { id: uuid(i), task, kind: 'begun' as const, at: at(fromMin + i) },
      { id: uuid(20 + i), task, kind: 'done' as const, at: at(toMin + 3 * i) },
    ]);
    const times = new Map(timetable.tasks.map(({ id, fromMin, toMin }) => [id, toMin - fromMin]));
    const stood = standing(solved);
    const done = doneIn(work, {
      marks,
      runs: [],
      nowMin,
      toMinute: (iso) => minuteOf(iso.slice(0, 16), day.date),
      stood: new Map([...stood].map(([id, each]) => [id, { ...each, minutes: times.get(id)! }])),
    });
    const again = solveDay(day, plans, startingBasis, {
      tries: 40,
      progress: { done, nowMin, stood },
    });
    expect(
      table({
        done,
        tasks: again.timetable.tasks.map(({ id, fromMin }) => ({ [id]: fromMin })),
        changes: changesBetween(timetable, again.timetable, { nameOf: (id) => id, write }),
        file: timetableFile(work, again.timetable),
      }),
    ).toMatchSnapshot();
  });
});

it('ways to make a day fit, and what more hands would bring', () => {
  const { day, plans } = demoDay('ferry-lunch-with-one-pot');
  const mends = mendsFor(day, plans, startingBasis).map(({ day: changed, ...mend }) => ({
    ...mend,
    services: changed.services.map(({ at, overMin, portions }) => ({ at, overMin, portions })),
  }));
  expect(
    table({ mends, hands: handsCurve(supper(), DAY_PLANS, startingBasis, { tries: 40 }) }),
  ).toMatchSnapshot();
});

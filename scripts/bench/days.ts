/** How soon a day stands on the clock, how near it comes to its best, and how the scheduler does on known instances. */
import { startingPantry } from '../../src/core/composition/pantry';
import { readFileSync } from 'node:fs';
import { startingBasis } from '../../src/core/basis/basis';
import { kitchenSchema } from '../../src/core/kitchen/kitchen';
import { parsePlan } from '../../src/core/plan/document/parsePlan';
import { dayAfter } from '../../src/core/schedule/document/clock';
import { newDay, parseDay } from '../../src/core/schedule/document/day';
import { solve } from '../../src/core/schedule/engine/solve';
import { doneIn } from '../../src/core/schedule/live/progress';
import { dayWork } from '../../src/core/schedule/tasks/work';
import { instance, shortest } from '../../src/core/schedule/testing/instances';
import {
  breaksWhenMoved,
  DAY_TRIES,
  solveDay,
  standing,
} from '../../src/core/schedule/timetable/solveDay';
import type { Row } from './rows';

const FIRST_MS = 200;
const NEAR_MS = 2000;
const NEAR = 0.03;
const FRAME_MS = 16.7;
const AGAIN_MS = 500;
const AVERAGE = 0.02;
const OVER_LEAST = 0.05;

const FILES = [
  'celeriac-and-smoked-curd-ravioli',
  'beetroot-and-poppy-tortelloni',
  'ox-cheek-pinched-agnolotti',
  'pea-mint-and-curd-cappelletti',
  'barley-and-mushroom-ravioli',
  'crab-and-leek-half-moons',
];

/** Six plans, three people: from noon to night, and the day before. */
function sixPlans() {
  const kitchen = kitchenSchema.parse(JSON.parse(readFileSync('demo/kitchen.json', 'utf8')));
  const plans = new Map(
    FILES.map((name) => [
      name,
      parsePlan(JSON.parse(readFileSync(`demo/plans/${name}.json`, 'utf8')), startingPantry),
    ]),
  );
  const date = '2026-11-26';
  const on = dayAfter(date, 1);
  const from = newDay(kitchen, { name: 'Six plans', date });
  const day = parseDay({
    ...from,
    people: from.people.map((person) => ({
      ...person,
      hours: [
        { date, from: '10:00', to: '22:00' },
        { date: on, from: '08:00', to: '23:30' },
      ],
    })),
    gear: {
      ...from.gear,
      burners: 8,
      fridgeTrays: 24,
      freezerTrays: 12,
      trays: 60,
      pots: [...from.gear.pots, { name: 'Kettle', litres: 20 }],
    },
    services: FILES.map((planId, i) => ({
      id: `s${i}`,
      planId,
      at: `${on}T${12 + 2 * i - (i > 4 ? 1 : 0)}:00`,
      overMin: 60,
      portions: [20, 16, 14, 12, 14, 16][i],
    })),
  });
  return { day, plans };
}

const timed = <T>(run: () => T): [T, number] => {
  const start = process.cpuUsage();
  const result = run();
  const { user, system } = process.cpuUsage(start);
  return [result, (user + system) / 1000];
};

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

const row = (what: string, value: string, budget: string, within: boolean): Row => ({
  what,
  value,
  budget,
  within: within ? 'yes' : 'NO',
});

/** Every figure of the day. */
export function dayRows(): Row[] {
  const { day, plans } = sixPlans();
  const { problem, tasks } = dayWork(day, plans, startingBasis);
  const firsts = Array.from({ length: 9 }, () => timed(() => solve(problem, { tries: 0 }))[1]);
  const [found, findMs] = timed(() => solve(problem, { tries: DAY_TRIES }));
  const [long] = timed(() => solve(problem, { tries: 12_000 }));
  const gap = found.cost / long.cost - 1;
  const planned = solveDay(day, plans, startingBasis);
  const turn = planned.timetable.tasks.find(({ kind }) => kind === 'turn')!;
  const drags = Array.from(
    { length: 41 },
    (_, i) =>
      timed(() =>
        breaksWhenMoved(planned, turn.id, { start: turn.fromMin + i, people: turn.people }, String),
      )[1],
  );
  const nowMin = turn.toMin + 12;
  const stood = new Map(
    planned.timetable.tasks.map((task) => [
      task.id,
      {
        start: task.fromMin,
        hands: task.people.length,
        people: task.people,
        minutes: task.toMin - task.fromMin,
      },
    ]),
  );
  const done = doneIn(planned.work, {
    marks: [{ id: 'late', at: String(nowMin), kind: 'done', task: turn.id }],
    runs: [],
    nowMin,
    toMinute: Number,
    stood,
  });
  const agains = Array.from(
    { length: 5 },
    () =>
      timed(() =>
        solve(
          dayWork(day, plans, startingBasis, { nowMin, done, stood: standing(planned) }).problem,
          { tries: 300 },
        ),
      )[1],
  );
  const small = Array.from({ length: 100 }, (_, i) => {
    const of = instance(i + 1, { tasks: 4 + (i % 7), gear: 1 + (i % 2) });
    return solve(of, { seed: i + 1, tries: 300 }).lengthMin / shortest(of) - 1;
  });
  const large = Array.from({ length: 10 }, (_, i) => {
    const { lengthMin, leastMin } = solve(instance(i + 1, { tasks: 120, gear: 3 }), {
      seed: i + 1,
      tries: 3000,
    });
    return lengthMin / leastMin - 1;
  });
  const mean = (values: readonly number[]) =>
    values.reduce((sum, each) => sum + each, 0) / values.length;
  const percent = (share: number) => `${(100 * share).toFixed(1)} %`;
  const of = `day of 6 plans, 3 people, ${tasks.length} tasks`;
  return [
    row(
      `${of}: first timetable`,
      `${median(firsts).toFixed(0)} ms`,
      `${FIRST_MS} ms`,
      median(firsts) <= FIRST_MS,
    ),
    row(`${of}: searched`, `${findMs.toFixed(0)} ms`, `${NEAR_MS} ms`, findMs <= NEAR_MS),
    row(`${of}: over the best of eight times as long`, percent(gap), percent(NEAR), gap <= NEAR),
    row(`${of}: limits broken`, String(found.breaches.length), '0', found.breaches.length === 0),
    row(
      'a drag answered',
      `${median(drags).toFixed(1)} ms`,
      `${FRAME_MS} ms`,
      median(drags) <= FRAME_MS,
    ),
    row(
      'solved again on a delay',
      `${median(agains).toFixed(0)} ms`,
      `${AGAIN_MS} ms`,
      median(agains) <= AGAIN_MS,
    ),
    row(
      '100 small instances: over the optimum, mean',
      percent(mean(small)),
      percent(AVERAGE),
      mean(small) <= AVERAGE,
    ),
    row(
      '10 of 120 tasks: over the lower bound, mean',
      percent(mean(large)),
      percent(OVER_LEAST),
      mean(large) <= OVER_LEAST,
    ),
  ];
}

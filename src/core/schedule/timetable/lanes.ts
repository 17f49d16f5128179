import { GEAR, potGear } from '../tasks/gear';
import type { DayWork } from '../tasks/work';
import { blocksOf, type Block } from './blocks';
import type { Timed, Timetable } from './timetable';

/** A bar on a lane of gear. */
export interface GearBar {
  readonly task: string;
  readonly name: string;
  readonly services: readonly string[];
  readonly fromMin: number;
  readonly toMin: number;
  readonly done: boolean;
  /** An open sheet dries as long as it lies: so much of its open time is used. */
  readonly used: number | null;
}

/** Trays that stand somewhere from a moment on, by what they are for. */
export interface Level {
  readonly fromMin: number;
  readonly trays: readonly { readonly service: string; readonly n: number }[];
}

export type Lane =
  | {
      readonly kind: 'person';
      readonly id: string;
      readonly name: string;
      readonly hours: readonly { readonly from: number; readonly to: number }[];
      readonly blocks: readonly Block[];
    }
  | {
      readonly kind: 'gear';
      readonly id: string;
      readonly name: string;
      readonly says: string;
      readonly bars: readonly GearBar[];
    }
  | {
      readonly kind: 'room';
      readonly id: string;
      readonly name: string;
      readonly capacity: number;
      readonly levels: readonly Level[];
    };

/** The day as lanes of people, then of gear that is used, all on one clock. */
export function lanesOf(work: DayWork, timetable: Timetable): Lane[] {
  const { day, problem } = work;
  const tasks = [...timetable.tasks].sort((a, b) => a.fromMin - b.fromMin);
  const people = day.people.map(({ id, name }, i): Lane => ({
    kind: 'person',
    id,
    name,
    hours: problem.hands[i]!.hours,
    blocks: blocksOf(timetable, id),
  }));
  return [
    ...people,
    ...rollerLanes(work, tasks),
    ...pairsLanes(tasks),
    ...benchLane(tasks),
    ...countedLanes(work, tasks),
    ...potLanes(work, tasks),
    ...roomLanes(work, timetable),
  ];
}

const bar = (task: Timed, used: number | null = null): GearBar => ({
  task: task.id,
  name: task.name,
  services: task.services,
  fromMin: task.fromMin,
  toMin: task.toMin,
  done: task.done,
  used,
});

/** Each of several alike takes what begins while it is free; those a plan names take its own. */
function rollerLanes({ day, services, problem }: DayWork, tasks: readonly Timed[]): Lane[] {
  const { rollers } = day.gear;
  const free = rollers.map(() => -Infinity);
  const bars = rollers.map(() => [] as GearBar[]);
  const place = problem.gear.findIndex(({ id }) => id === GEAR.rollers);
  /** The pairs of a class take several at once. */
  const rollersOf = ({ id }: Timed): number =>
    problem.tasks.find((task) => task.id === id)?.modes[0]?.uses.find(({ gear }) => gear === place)
      ?.amount ?? 1;
  const own = (task: Timed) => {
    const of = services.find(({ service }) => task.services.includes(service.id));
    return rollers.findIndex(({ id }) => id === of?.plan.sheet.roller.id);
  };
  const rolled = tasks
    .filter(({ gear }) => gear.includes(GEAR.rollers))
    .flatMap((task) => Array.from({ length: rollersOf(task) }, () => task));
  for (const task of rolled) {
    const wanted = own(task);
    const at =
      wanted >= 0 && free[wanted]! <= task.fromMin
        ? wanted
        : free.findIndex((until) => until <= task.fromMin);
    if (at < 0) continue;
    free[at] = task.toMin;
    bars[at]!.push(...sheetBars(task, false));
  }
  return rollers.flatMap(({ id, name }, i): Lane[] =>
    bars[i]!.length > 0
      ? [{ kind: 'gear', id: `roller ${id}`, name, says: '', bars: bars[i]! }]
      : [],
  );
}

/** Pairs of a class that fill what they rolled: what overlaps lies on a lane of its own. */
function pairsLanes(tasks: readonly Timed[]): Lane[] {
  const lanes: { until: number; bars: GearBar[] }[] = [];
  for (const task of tasks.filter(({ kind }) => kind === 'pairsFill')) {
    let lane = lanes.find(({ until }) => until <= task.fromMin);
    if (!lane) lanes.push((lane = { until: 0, bars: [] }));
    lane.until = task.toMin;
    lane.bars.push(bar(task));
  }
  return lanes.map(({ bars }, i): Lane => ({
    kind: 'gear',
    id: `pairs ${i + 1}`,
    name: i === 0 ? 'Pairs filling' : `Pairs filling (${i + 1})`,
    says: '',
    bars,
  }));
}

/** The sheets of a turn one after the other; anything else is one bar. */
function sheetBars(task: Timed, drying: boolean): GearBar[] {
  const { sheets } = task;
  if (!sheets) return drying ? [] : [bar(task)];
  const each = (task.toMin - task.fromMin) / sheets.count;
  return Array.from({ length: sheets.count }, (_, i) => ({
    ...bar(task, drying ? sheets.usedMin / Math.max(0.01, sheets.openMin) : null),
    name: `Sheet ${sheets.first + i}`,
    fromMin: task.fromMin + i * each,
    toMin: drying
      ? Math.min(task.toMin, task.fromMin + i * each + Math.max(sheets.usedMin, 0.5))
      : task.fromMin + (i + 1) * each,
  }));
}

function benchLane(tasks: readonly Timed[]): Lane[] {
  const turns = tasks.filter(({ kind }) => kind === 'turn');
  if (turns.length === 0) return [];
  const tightest = turns.reduce((a, b) =>
    a.sheets!.usedMin / a.sheets!.openMin >= b.sheets!.usedMin / b.sheets!.openMin ? a : b,
  ).sheets!;
  const minutes = (value: number) => (value < 10 ? value.toFixed(1) : String(Math.round(value)));
  return [
    {
      kind: 'gear',
      id: GEAR.benches,
      name: 'Open sheets',
      says: `open time never passed: ${minutes(tightest.openMin)} min, used ${minutes(tightest.usedMin)}`,
      bars: turns.flatMap((task) => sheetBars(task, true)),
    },
  ];
}

function countedLanes({ day }: DayWork, tasks: readonly Timed[]): Lane[] {
  const lane = (id: string, name: string, n: number): Lane[] => {
    const bars = tasks
      .filter(({ gear, kind }) => gear.includes(id) && kind !== 'round')
      .map((task) => bar(task));
    if (bars.length === 0) return [];
    return [{ kind: 'gear', id, name: n === 1 ? name : `${name}s, ${n}`, says: '', bars }];
  };
  return [
    ...lane(GEAR.ovens, 'Oven', day.gear.ovens),
    ...lane(GEAR.burners, 'Burner', day.gear.burners),
  ];
}

function potLanes({ day }: DayWork, tasks: readonly Timed[]): Lane[] {
  return day.gear.pots.flatMap(({ name }): Lane[] => {
    const own = tasks.filter(({ gear }) => gear.includes(potGear(name)));
    const rounds = own.filter(({ kind }) => kind === 'round');
    if (rounds.length === 0) return [];
    const most = Math.max(...rounds.map(({ pieces }) => pieces ?? 0));
    return [
      {
        kind: 'gear',
        id: potGear(name),
        name,
        says: `${rounds.length} ${rounds.length === 1 ? 'round' : 'rounds'} of ${most}`,
        bars: own.map((task) => bar(task)),
      },
    ];
  });
}

/** What stands in fridge and freezer, by what it is for, whenever that changes. */
function roomLanes({ problem, tasks, day }: DayWork, timetable: Timetable): Lane[] {
  const rooms = [
    [GEAR.fridge, 'Fridge', day.gear.fridgeTrays],
    [GEAR.freezer, 'Freezer', day.gear.freezerTrays],
  ] as const;
  return rooms.flatMap(([id, name, capacity]): Lane[] => {
    const which = problem.gear.findIndex((each) => each.id === id);
    const steps: { at: number; service: string; n: number }[] = [];
    for (const { before, after, waitsIn } of problem.links) {
      if (waitsIn?.gear !== which) continue;
      const service = tasks[before]!.services[0]!;
      steps.push({ at: timetable.tasks[before]!.toMin, service, n: waitsIn.amount });
      steps.push({ at: timetable.tasks[after]!.fromMin, service, n: -waitsIn.amount });
    }
    if (steps.length === 0) return [];
    const now = new Map<string, number>();
    const levels = [...new Set(steps.map(({ at }) => at))]
      .sort((a, b) => a - b)
      .map((at): Level => {
        for (const step of steps.filter((each) => each.at === at)) {
          now.set(step.service, (now.get(step.service) ?? 0) + step.n);
        }
        return {
          fromMin: at,
          trays: [...now].flatMap(([service, n]) => (n > 0 ? [{ service, n }] : [])),
        };
      });
    return [{ kind: 'room', id, name: `${name}, ${capacity} trays`, capacity, levels }];
  });
}

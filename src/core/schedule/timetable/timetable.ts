import type { Disliked } from '../engine/cost';
import { slackOf } from '../engine/slack';
import type { Schedule } from '../engine/problem';
import type { Solved } from '../engine/solve';
import type { WriteFigure } from '../../units/format';
import { momentAt } from '../document/clock';
import type { DayWait, TaskKind } from '../tasks/task';
import type { DayWork } from '../tasks/work';
import { breachText, gearName, taskName } from './words';

/** A task where it stands. */
export interface Timed {
  readonly id: string;
  readonly kind: TaskKind;
  readonly name: string;
  readonly services: readonly string[];
  /** Minutes of the day's clock, and how long hands are at it. */
  readonly fromMin: number;
  readonly toMin: number;
  readonly handsToMin: number;
  readonly people: readonly string[];
  readonly gear: readonly string[];
  readonly g: number | null;
  readonly pieces: number | null;
  readonly pot: string | null;
  readonly sheets: {
    readonly first: number;
    readonly count: number;
    readonly openMin: number;
    readonly usedMin: number;
  } | null;
  /** It may slip so much without anything being late, what follows pushed along. */
  readonly slackMin: number;
  /** It may well take so much less or more. */
  readonly sureMin: number;
  readonly pinned: boolean;
  readonly done: boolean;
}

/** What goes on by itself. */
export interface TimedWait {
  readonly kind: DayWait['kind'];
  readonly services: readonly string[];
  readonly fromMin: number;
  readonly toMin: number;
}

/** How long what a service makes waits, against how long it keeps. */
export interface TimedService {
  readonly id: string;
  readonly name: string;
  readonly planId: string;
  readonly atMin: number;
  /** From the first task of its own to the last. */
  readonly fromMin: number;
  readonly toMin: number;
  readonly pieces: number;
  readonly portions: number;
  /** The longest any tray waits for the pot; null when it keeps frozen. */
  readonly waitsMin: number | null;
  readonly keepsMin: number | null;
  readonly rounds: number;
}

/** The day on its clock. */
export interface Timetable {
  readonly date: string;
  readonly tasks: readonly Timed[];
  readonly waits: readonly TimedWait[];
  readonly services: readonly TimedService[];
  /** Whether every hard limit is kept; else what is not, in words, and by which task. */
  readonly feasible: boolean;
  readonly breaches: readonly { readonly says: string; readonly task: string }[];
  readonly slowCooling: DayWork['slowCooling'];
  readonly short: DayWork['short'];
  /** What no timetable can mend. */
  readonly troubles: readonly string[];
  readonly startsMin: number;
  readonly endsMin: number;
  readonly lengthMin: number;
  readonly leastMin: number;
  /** How much longer it is than the least it could be, as a share. */
  readonly over: number;
  readonly disliked: Disliked;
  /** What has least to spare: somebody or something busy without a gap. */
  readonly tightest: {
    readonly name: string;
    readonly fromMin: number;
    readonly toMin: number;
  } | null;
}

/** A solved day as it is shown, printed and written to files. */
export function timetableOf(work: DayWork, solved: Solved, write: WriteFigure): Timetable {
  const { problem, day } = work;
  const { schedule, breaches } = solved;
  const slack = slackOf(problem, schedule);
  const pins = new Set(day.pins.map(({ task }) => task));
  const tasks = work.tasks.map((task, i): Timed => {
    const { start, mode, hands } = schedule[i]!;
    const { minutes, attended, uses } = problem.tasks[i]!.modes[mode]!;
    const { sheets } = task;
    return {
      id: task.id,
      kind: task.kind,
      name: taskName(task),
      services: task.services,
      fromMin: start,
      toMin: start + minutes,
      handsToMin: start + attended.to,
      people: hands.map((hand) => day.people[hand]!.id),
      gear: uses.map(({ gear }) => problem.gear[gear]!.id),
      g: task.g,
      pieces: task.pieces,
      pot: task.pot,
      sheets: sheets && {
        ...sheets,
        usedMin: sheets.usedMin[Math.min(mode, sheets.usedMin.length - 1)]!,
      },
      slackMin: slack[i]!,
      sureMin: Math.ceil(task.sure * minutes),
      pinned: pins.has(task.id),
      done: problem.tasks[i]!.done,
    };
  });
  const ends = tasks.map(({ toMin }) => toMin);
  const starts = tasks.map(({ fromMin }) => fromMin);
  return {
    date: day.date,
    tasks,
    waits: work.waits.map(({ kind, before, minutes }) => ({
      kind,
      services: work.tasks[before]!.services,
      fromMin: tasks[before]!.toMin,
      toMin: tasks[before]!.toMin + minutes,
    })),
    services: work.services.map(({ service, plan, result, atMin, keepsMin }) => {
      const own = tasks.filter(({ services }) => services.includes(service.id));
      return {
        id: service.id,
        name: plan.name,
        planId: service.planId,
        atMin,
        fromMin: Math.min(atMin, ...own.map(({ fromMin }) => fromMin)),
        toMin: Math.max(atMin, ...own.map(({ toMin }) => toMin)),
        pieces: result.counts.made,
        portions: service.portions,
        waitsMin: keepsMin === null ? null : longestWait(work, schedule, service.id),
        keepsMin,
        rounds: own.filter(({ kind }) => kind === 'round').length,
      };
    }),
    feasible: [breaches, work.slowCooling, work.short, work.troubles].every(
      ({ length }) => length === 0,
    ),
    breaches: saidOnce(work, solved, write),
    slowCooling: work.slowCooling,
    short: work.short,
    troubles: work.troubles,
    startsMin: starts.length > 0 ? Math.min(...starts) : 0,
    endsMin: ends.length > 0 ? Math.max(...ends) : 0,
    lengthMin: solved.lengthMin,
    leastMin: solved.leastMin,
    over: solved.leastMin > 0 ? solved.lengthMin / solved.leastMin - 1 : 0,
    disliked: solved.disliked,
    tightest: tightestOf(work, schedule, slack),
  };
}

/** The longest a tray of a service waits for what takes it. */
function longestWait({ problem, tasks }: DayWork, schedule: Schedule, service: string): number {
  return problem.links.reduce((most, { before, after }) => {
    const from = tasks[before]!;
    if (from.kind !== 'turn' || !from.services.includes(service)) return most;
    if (tasks[after]!.kind !== 'round' && tasks[after]!.kind !== 'handOver') return most;
    const { start, mode } = schedule[before]!;
    const end = start + problem.tasks[before]!.modes[mode]!.minutes;
    return Math.max(most, schedule[after]!.start - end);
  }, 0);
}

/** Breaches in words, the worst of those that say the same of one service first. */
function saidOnce(work: DayWork, { breaches, schedule }: Solved, write: WriteFigure) {
  const seen = new Map<string, { says: string; task: string; by: number }>();
  for (const breach of breaches) {
    const { kind, services, id } = work.tasks[breach.task]!;
    const key = `${breach.kind} ${kind} ${services.join()}`;
    const had = seen.get(key);
    if (had && had.by >= breach.by) continue;
    const says = breachText(work, breach, (task) => schedule[task]!, write);
    seen.set(key, { says, task: id, by: breach.by });
  }
  return [...seen.values()].map(({ says, task }) => ({ says, task }));
}

/** Longest stretch in which somebody or something goes from one task that cannot slip to the next. */
function tightestOf(
  work: DayWork,
  schedule: Schedule,
  slack: readonly number[],
): Timetable['tightest'] {
  const { problem, day } = work;
  // What has least to spare of all that anybody does.
  const least = Math.min(
    ...slack.filter((_, i) => !problem.tasks[i]!.done && schedule[i]!.hands.length > 0),
  );
  const spans = new Map<string, { name: string; of: { from: number; to: number }[] }>();
  const put = (key: string, name: string, from: number, to: number) => {
    const had = spans.get(key) ?? { name, of: [] };
    had.of.push({ from, to });
    spans.set(key, had);
  };
  problem.tasks.forEach(({ modes, done }, i) => {
    if (slack[i]! > least + 2 || done) return;
    const { start, mode, hands } = schedule[i]!;
    const { minutes, uses, roles, attended } = modes[mode]!;
    if (roles.length === 0) return;
    for (const hand of hands) {
      put(`p${hand}`, day.people[hand]!.name, start + attended.from, start + attended.to);
    }
    for (const { gear } of uses) {
      const { id, capacity } = problem.gear[gear]!;
      if (capacity === 1) put(`g${gear}`, gearName(work, id), start, start + minutes);
    }
  });
  let best: Timetable['tightest'] = null;
  for (const { name, of } of spans.values()) {
    of.sort((a, b) => a.from - b.from);
    let run: { from: number; to: number } | null = null;
    for (const { from, to } of of) {
      run = run && from <= run.to + 2 ? { from: run.from, to: Math.max(run.to, to) } : { from, to };
      if (!best || run.to - run.from > best.toMin - best.fromMin) {
        best = { name, fromMin: run.from, toMin: run.to };
      }
    }
  }
  return best;
}

/** A timetable as a file: moments for minutes, names for people. */
export function timetableFile(work: DayWork, timetable: Timetable) {
  const { date, people } = work.day;
  const at = (minute: number) => momentAt(minute, date);
  const names = new Map(people.map(({ id, name }) => [id, name]));
  return {
    name: work.day.name,
    feasible: timetable.feasible,
    starts: at(timetable.startsMin),
    ends: at(timetable.endsMin),
    lengthMin: timetable.lengthMin,
    leastMin: timetable.leastMin,
    tightest: timetable.tightest && {
      name: timetable.tightest.name,
      from: at(timetable.tightest.fromMin).slice(11),
      to: at(timetable.tightest.toMin).slice(11),
    },
    breaches: timetable.breaches,
    slowCooling: timetable.slowCooling,
    short: timetable.short,
    troubles: timetable.troubles,
    nightBefore: work.nightBefore,
    services: timetable.services.map(({ atMin, fromMin, toMin, ...rest }) => ({
      ...rest,
      at: at(atMin),
      from: at(fromMin),
      to: at(toMin),
    })),
    tasks: timetable.tasks.map(({ fromMin, toMin, handsToMin, people: by, ...rest }) => ({
      ...rest,
      from: at(fromMin),
      to: at(toMin),
      handsTo: at(handsToMin),
      people: by.map((id) => names.get(id) ?? id),
    })),
    waits: timetable.waits.map(({ fromMin, toMin, ...rest }) => ({
      ...rest,
      from: at(fromMin),
      to: at(toMin),
    })),
    doughs: work.doughs.map(({ services: _, ...bowl }) => bowl),
    fillings: work.fillings.map(({ services: _, ...bowl }) => bowl),
  };
}

import type { EventOf, RunEvent, StepId } from '../../run/events';
import { standingMarks, type DayMark } from '../document/marks';
import type { Done, Stood } from '../tasks/taskList';
import type { DayWork } from '../tasks/work';

/** What happened at the bench to a run of one of the day's services. */
export interface ServiceRun {
  readonly service: string;
  readonly events: readonly RunEvent[];
}

/** What is known of how far a day has come. */
export interface Happened {
  readonly marks: readonly DayMark[];
  readonly runs: readonly ServiceRun[];
  /** Now, minutes of the day's clock. */
  readonly nowMin: number;
  /** A moment of the world as minutes of the day's clock. */
  toMinute(iso: string): number;
  /** Where tasks stood: who did what, and for how long it was meant. */
  readonly stood: ReadonlyMap<string, Stood & { readonly minutes: number }>;
}

/** A time at which something began or was done. */
interface Times {
  from: number | null;
  to: number | null;
}

/**
 * Tasks that are done or begun, from the taps of runs at the bench and the marks on the day's own clock; what is
 * begun is expected to take what it was meant to, and goes on as long as it is not done.
 */
export function doneIn(work: DayWork, happened: Happened): Map<string, Done> {
  const times = new Map<string, Times>();
  const at = (task: string): Times => {
    const had = times.get(task) ?? { from: null, to: null };
    times.set(task, had);
    return had;
  };
  for (const run of happened.runs) readRun(work, run, happened.toMinute, at);
  for (const mark of standingMarks(happened.marks)) {
    const minute = happened.toMinute(mark.at);
    const task = at(mark.task);
    if (mark.kind === 'begun') task.from ??= minute;
    else task.to = minute;
  }
  const known = new Map(work.tasks.map((task, i) => [task.id, i]));
  const done = new Map<string, Done>();
  for (const [id, { from, to }] of times) {
    const i = known.get(id);
    if (i === undefined) continue;
    const stood = happened.stood.get(id);
    const minutes = stood?.minutes ?? work.problem.tasks[i]!.modes[0]!.minutes;
    const people = stood?.people ?? [];
    if (to !== null) {
      // Told only once it was over: it took what it was meant to.
      const begun = Math.min(from ?? to - minutes, to - 1);
      done.set(id, { from: begun, to, people });
    } else if (from !== null) {
      done.set(id, { from, to: Math.max(from + minutes, happened.nowMin + 1), people });
    }
  }
  return withBefore(work, done, happened);
}

/** What must come before something that is begun or done was done too, though nobody told: by when it stood. */
function withBefore(
  { tasks, problem: { links } }: DayWork,
  told: ReadonlyMap<string, Done>,
  { stood }: Happened,
): Map<string, Done> {
  const done = new Map(told);
  const queue = [...told.keys()];
  for (let id = queue.pop(); id !== undefined; id = queue.pop()) {
    const { from } = done.get(id)!;
    for (const { before, after } of links) {
      const name = tasks[before]!.id;
      if (tasks[after]!.id !== id || done.has(name)) continue;
      const was = stood.get(name);
      const to = Math.min(from, was ? was.start + was.minutes : from);
      done.set(name, { from: to - (was?.minutes ?? 1), to, people: was?.people ?? [] });
      queue.push(name);
    }
  }
  return done;
}

/** Which task of the day a step of the bench is. */
const STEP_TASKS: Readonly<Partial<Record<StepId, readonly string[]>>> = {
  weigh: ['mix'],
  knead: ['knead'],
  filling: ['bind'],
  plate: ['plate'],
};

function readRun(
  { tasks, services }: DayWork,
  { service, events }: ServiceRun,
  toMinute: (iso: string) => number,
  at: (task: string) => Times,
): void {
  if (!services.some((each) => each.service.id === service)) return;
  const back = new Set(events.flatMap((each) => (each.kind === 'takenBack' ? each.event : [])));
  const standing = events.filter((each) => !back.has(each.id));
  const of = <K extends RunEvent['kind']>(kind: K) =>
    standing
      .filter((each): each is EventOf<K> => each.kind === kind)
      .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  const own = tasks.filter((task) => task.services.includes(service));
  for (const kind of ['stepBegun', 'stepDone'] as const) {
    for (const event of of(kind)) {
      for (const name of STEP_TASKS[event.step] ?? []) {
        for (const task of own.filter(({ id }) => id.endsWith(`/${name}`))) {
          if (kind === 'stepBegun') at(task.id).from ??= toMinute(event.at);
          else at(task.id).to = toMinute(event.at);
        }
      }
      // A filling that is bound was prepared before.
      if (kind === 'stepDone' && event.step === 'filling') {
        for (const task of own.filter((each) => each.kind === 'prepare')) {
          at(task.id).to ??= toMinute(event.at);
        }
      }
    }
  }
  const begun = of('stepBegun').find(({ step }) => step === 'roll' || step === 'fill');
  inOrder(
    own.filter(({ kind }) => kind === 'turn').map(({ id, sheets }) => ({ id, n: sheets!.count })),
    of('sheetDone').map((event) => ({ at: toMinute(event.at), n: 1 })),
    begun ? toMinute(begun.at) : null,
    at,
  );
  const boils = of('stepBegun').find(({ step }) => step === 'boil');
  inOrder(
    own.filter(({ kind }) => kind === 'round').map(({ id, pieces }) => ({ id, n: pieces ?? 1 })),
    of('roundDone').map((event) => ({ at: toMinute(event.at), n: event.pieces })),
    boils ? toMinute(boils.at) : null,
    at,
  );
  const finished = of('finished')[0];
  if (finished) {
    for (const task of own.filter(({ kind }) => kind === 'plate' || kind === 'handOver')) {
      at(task.id).to ??= toMinute(finished.at);
    }
  }
}

/** Tasks that are each done once so much of one count is reached, one after the other. */
function inOrder(
  tasks: readonly { readonly id: string; readonly n: number }[],
  counted: readonly { readonly at: number; readonly n: number }[],
  begun: number | null,
  at: (task: string) => Times,
): void {
  let before = begun ?? counted[0]?.at ?? null;
  if (before === null) return;
  let [wanted, had, next] = [0, 0, 0];
  for (const { id, n } of tasks) {
    wanted += n;
    // Nobody is at the next one yet; what was told in one go may cover several.
    if (wanted > n && next >= counted.length && had < wanted) return;
    at(id).from ??= before;
    while (next < counted.length && had < wanted) {
      had += counted[next]!.n;
      before = counted[next]!.at;
      next += 1;
    }
    if (had < wanted) return;
    at(id).to = before;
  }
}

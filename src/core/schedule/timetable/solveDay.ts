import type { Basis } from '../../basis/basis';
import type { Plan } from '../../plan/document/schema';
import { checkSchedule } from '../engine/check';
import type { Placed, Schedule } from '../engine/problem';
import { search, solve, type Solved } from '../engine/solve';
import { metricText, type WriteFigure } from '../../units/format';
import type { Day } from '../document/day';
import type { Progress } from '../tasks/taskList';
import { dayWork, type DayWork } from '../tasks/work';
import { timetableOf, type Timetable } from './timetable';
import { breachText } from './words';

/** A day solved: its work, where everything stands, and the timetable that is shown of it. */
export interface SolvedDay {
  readonly work: DayWork;
  readonly solved: Solved;
  readonly timetable: Timetable;
}

export interface SolveDayOptions {
  readonly progress?: Progress;
  readonly seed?: number;
  readonly tries?: number;
  /** Figures in the reader's units; metric ones for files when left out. */
  readonly write?: WriteFigure;
}

/** Schedules looked at for a day, beyond the first ones. */
export const DAY_TRIES = 1500;

/** A day of more tasks than this is looked at less often: each look takes longer. */
const MANY_TASKS = 150;

/** So many schedules are looked at in about the same time, however many tasks there are. */
export const triesFor = ({ tasks }: Pick<DayWork, 'tasks'>, tries: number): number =>
  Math.ceil(tries * Math.min(1, (MANY_TASKS / Math.max(1, tasks.length)) ** 2));

/**
 * Puts a day on the clock. The same day gives the same timetable.
 * @example solveDay(day, plans, basis).timetable.feasible // true
 */
export function solveDay(
  day: Day,
  plans: ReadonlyMap<string, Plan>,
  basis: Basis,
  { progress, seed = 1, tries = DAY_TRIES, write = metricText }: SolveDayOptions = {},
): SolvedDay {
  const work = dayWork(day, plans, basis, progress);
  const solved = solve(work.problem, { seed, tries: triesFor(work, tries) });
  return { work, solved, timetable: timetableOf(work, solved, write) };
}

/** The same step by step: the best so far where it is better than what was told before, else null. */
export function* searchDay(
  work: DayWork,
  { seed = 1, tries = DAY_TRIES }: Omit<SolveDayOptions, 'progress'> = {},
): Generator<{ readonly solved: Solved; readonly better: boolean; readonly last: boolean }> {
  let cost = Infinity;
  const steps = search(work.problem, { seed, tries: triesFor(work, tries) });
  for (;;) {
    const { value: solved, done = false } = steps.next();
    const better = solved.cost < cost;
    cost = Math.min(cost, solved.cost);
    yield { solved, better, last: done };
    if (done) return;
  }
}

/** Where tasks stood, by their ids, for the next solving to change as little as it can. */
export const standing = ({
  timetable,
}: Pick<SolvedDay, 'timetable'>): NonNullable<Progress['stood']> =>
  new Map(
    timetable.tasks.map(({ id, fromMin, people }) => [
      id,
      { start: fromMin, hands: people.length, people },
    ]),
  );

/** What would break, were a task put at another time or with other people: in words, at once. */
export function breaksWhenMoved(
  { work, solved }: Pick<SolvedDay, 'work' | 'solved'>,
  task: string,
  to: { readonly start: number; readonly people: readonly string[] },
  write: WriteFigure,
): string[] {
  const at = work.tasks.findIndex(({ id }) => id === task);
  if (at < 0) return [];
  const hands = to.people.flatMap((id) => {
    const hand = work.day.people.findIndex((person) => person.id === id);
    return hand < 0 ? [] : hand;
  });
  const was = solved.schedule[at]!;
  const moved: Placed = { ...was, start: to.start, hands: hands.length > 0 ? hands : was.hands };
  const schedule: Schedule = solved.schedule.map((placed, i) => (i === at ? moved : placed));
  const key = (breach: { kind: string; task: number }) => `${breach.kind} ${breach.task}`;
  const before = new Set(solved.breaches.map(key));
  return checkSchedule(work.problem, schedule)
    .filter((breach) => !before.has(key(breach)))
    .map((breach) => breachText(work, breach, (i) => schedule[i]!, write));
}

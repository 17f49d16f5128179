import { TASK_KINDS, type TaskKind } from '../tasks/task';
import type { Timed, Timetable } from './timetable';

/** Tasks of one kind that somebody does one after the other: one bar on their lane, one line on their list. */
export interface Block {
  /** Of its first task. */
  readonly id: string;
  readonly kind: TaskKind;
  readonly name: string;
  readonly services: readonly string[];
  readonly fromMin: number;
  readonly toMin: number;
  readonly tasks: readonly Timed[];
  /** Others who are at it. */
  readonly others: readonly string[];
  readonly slackMin: number;
  readonly pinned: boolean;
  readonly done: boolean;
}

/** Tasks with no more than this between them are one stretch of work, min. */
const TOGETHER_MIN = 4;

/** What somebody does in a task: at a shared bench one feeds the roller, others fill and seal. */
function part({ kind, people }: Timed, person: string): string {
  if (kind !== 'turn' || people.length < 2) return TASK_KINDS[kind].name;
  return people[0] === person ? 'Roll: one feeds' : 'Fill and seal';
}

/** Which of a count it is: “sheets 1 to 10 of 20”. */
function named(tasks: readonly Timed[], does: string): string {
  const [first, last] = [tasks[0]!, tasks.at(-1)!];
  if (first.kind === 'turn' && first.sheets && last.sheets) {
    const [from, to] = [first.sheets.first, last.sheets.first + last.sheets.count - 1];
    return from === to ? `${does}, sheet ${from}` : `${does}, sheets ${from} to ${to}`;
  }
  if (first.kind === 'round') {
    return tasks.length === 1 ? first.name : `${does}, ${tasks.length} rounds`;
  }
  return tasks.length === 1 ? first.name : does;
}

/**
 * What one person does, in stretches. Times are when hands are at it.
 * @example blocksOf(timetable, 'maren')[0].name // 'Fill and seal, sheets 1 to 12'
 */
export function blocksOf({ tasks }: Pick<Timetable, 'tasks'>, person: string): Block[] {
  const own = tasks
    .filter(({ people }) => people.includes(person))
    .sort((a, b) => a.fromMin - b.fromMin || a.handsToMin - b.handsToMin);
  const runs: Timed[][] = [];
  for (const task of own) {
    const last = runs.at(-1)?.at(-1);
    const goesOn =
      last &&
      last.kind === task.kind &&
      (task.kind === 'turn' || task.kind === 'round' || task.kind === 'bag') &&
      last.services.join() === task.services.join() &&
      last.people.join() === task.people.join() &&
      last.done === task.done &&
      task.fromMin - last.handsToMin <= TOGETHER_MIN;
    if (goesOn) runs.at(-1)!.push(task);
    else runs.push([task]);
  }
  return runs.map((run): Block => {
    const [first] = run as [Timed];
    return {
      id: first.id,
      kind: first.kind,
      name: named(run, part(first, person)),
      services: first.services,
      fromMin: first.fromMin,
      toMin: Math.max(...run.map(({ handsToMin }) => handsToMin)),
      tasks: run,
      others: first.people.filter((id) => id !== person),
      slackMin: Math.min(...run.map(({ slackMin }) => slackMin)),
      pinned: run.some(({ pinned }) => pinned),
      done: run.every(({ done }) => done),
    };
  });
}

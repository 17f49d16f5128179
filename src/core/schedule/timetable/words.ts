import type { Breach } from '../engine/check';
import type { WriteFigure } from '../../units/format';
import { spanText } from '../document/clock';
import { GEAR } from '../tasks/gear';
import { TASK_KINDS, type DayTask } from '../tasks/task';
import type { DayWork } from '../tasks/work';

/** What a task is called: “Boil, round 2 of 5”. */
export const taskName = ({ kind, of }: Pick<DayTask, 'kind' | 'of'>): string =>
  of ? `${TASK_KINDS[kind].name}, ${of}` : TASK_KINDS[kind].name;

/** The name of what a task is for: its plans. */
export function planNames({ services }: Pick<DayWork, 'services'>, ids: readonly string[]): string {
  const names = services.flatMap(({ service, plan }) =>
    ids.includes(service.id) ? [plan.name] : [],
  );
  return [...new Set(names)].join(' + ');
}

/** A task with the plan it is for. */
const whole = (work: DayWork, i: number): string => {
  const task = work.tasks[i]!;
  return `${taskName(task)} (${planNames(work, task.services)})`;
};

/** Gear as it is said: the roller, the fridge, a pot by its name. */
export function gearName({ day: { gear } }: Pick<DayWork, 'day'>, id: string): string {
  const many = (n: number, one: string, more: string) => (n === 1 ? one : more);
  switch (id) {
    case GEAR.rollers:
      return many(gear.rollers.length, 'the roller', 'the rollers');
    case GEAR.benches:
      return 'the bench';
    case GEAR.burners:
      return 'the burners';
    case GEAR.ovens:
      return many(gear.ovens, 'the oven', 'the ovens');
    case GEAR.fridge:
      return 'the fridge';
    case GEAR.freezer:
      return 'the freezer';
    case GEAR.trays:
      return 'the trays';
    case GEAR.quiet:
      return 'the time between services';
    default:
      return id.replace(/^pot /, '');
  }
}

const WAITS: Readonly<Partial<Record<DayTask['kind'], string>>> = {
  round: 'in its sauce',
  turn: 'on its trays',
  knead: 'as dough',
  bind: 'as filling',
};

/**
 * What a schedule breaks, as a cook would say it.
 * @param at where a task stands
 * @param write figures in the reader's units, the clock's hours too
 */
export function breachText(
  work: DayWork,
  breach: Breach,
  at: (task: number) => { readonly start: number },
  write: WriteFigure,
): string {
  const { problem, day } = work;
  const start = write(at(breach.task).start, 'timeOfDay');
  const person = (hand: number) => day.people[hand]!.name;
  switch (breach.kind) {
    case 'nobody':
      return `Nobody is free at ${start}: ${whole(work, breach.task)}.`;
    case 'wait': {
      const where = WAITS[work.tasks[breach.task]!.kind] ?? '';
      return (
        `${whole(work, breach.task)} would wait ${spanText(breach.by)} too long ${where}`.trim() +
        '.'
      );
    }
    case 'order':
      return `${whole(work, breach.task)} at ${start} comes ${spanText(breach.by)} too soon after ${taskName(work.tasks[breach.other]!)}.`;
    case 'early':
      return `${whole(work, breach.task)} would begin ${spanText(breach.by)} before it may.`;
    case 'late':
      return `${whole(work, breach.task)} ends ${spanText(breach.by)} late.`;
    case 'hours':
      return `${person(breach.hand)} is not there for ${spanText(breach.by)} of ${whole(work, breach.task)}.`;
    case 'busy':
      return `${person(breach.hand)} has two things to do at ${start}, for ${spanText(breach.by)}: ${whole(work, breach.task)}.`;
    case 'cannot':
      return `${person(breach.hand)} does not do this: ${whole(work, breach.task)}.`;
    case 'gear': {
      const { id, capacity } = problem.gear[breach.gear]!;
      const name = gearName(work, id);
      return capacity === 0
        ? `There is no ${name.replace(/^the /, '')}: ${whole(work, breach.task)}.`
        : `${capital(name)} ${plural(id) ? 'are' : 'is'} taken at ${start}: ${whole(work, breach.task)}.`;
    }
    case 'room': {
      const { id } = problem.gear[breach.gear]!;
      const trays = `${breach.by} ${breach.by === 1 ? 'tray' : 'trays'}`;
      return id === GEAR.trays
        ? `${trays} short after ${whole(work, breach.task)}.`
        : `${capital(gearName(work, id))} is ${trays} short after ${whole(work, breach.task)}.`;
    }
  }
}

const plural = (id: string): boolean => id === GEAR.burners || id === GEAR.trays;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

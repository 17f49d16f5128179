import type { Basis } from '../../basis/basis';
import type { Gear, Link, Mode, Placed, Task, Use } from '../engine/problem';
import { minuteOf } from '../document/clock';
import type { Day } from '../document/day';
import type { DayTask, DayWait } from './task';

/** Tasks of a day while they are gathered: the engine's, and beside each what is shown of it. */
export interface TaskList {
  readonly day: Day;
  readonly basis: Basis;
  readonly gear: readonly Gear[];
  readonly tasks: Task[];
  readonly links: Link[];
  readonly shown: DayTask[];
  readonly waits: DayWait[];
  /** What is set to drain the evening before the day begins. */
  readonly nightBefore: NightBefore[];
}

/** Something done the evening before. */
export interface NightBefore {
  readonly services: readonly string[];
  readonly of: string;
}

/** How far the day has come. */
export interface Progress {
  /** Nothing that has not begun may begin before, minutes of the day's clock. */
  readonly nowMin?: number;
  /** Tasks that are done or begun, by id, as it truly was; by whom where that is known. */
  readonly done?: ReadonlyMap<string, Done>;
  /** Where tasks stood in the timetable before, by id: changed as little as possible. */
  readonly stood?: ReadonlyMap<string, Stood>;
}

/** A task as it was done, minutes of the day's clock; its end is expected where it is not over. */
export interface Done {
  readonly from: number;
  readonly to: number;
  readonly people: readonly string[];
}

/** A task as it stood. */
export interface Stood {
  readonly start: number;
  readonly hands: number;
  readonly people: readonly string[];
}

/** What of gear, by its id. @throws Error when the day has no such gear: a fault of the product */
export function takes({ gear }: TaskList, id: string, amount = 1): Use {
  const at = gear.findIndex((each) => each.id === id);
  if (at < 0) throw new Error(`No gear “${id}”`);
  return { gear: at, amount };
}

/** A mode, its minutes whole and 1 or more. @param atMin so long hands are at it; all along when left out */
export function mode(
  minutes: number,
  roles: readonly string[] = [],
  uses: readonly Use[] = [],
  atMin = minutes,
): Mode {
  const whole = Math.max(1, Math.ceil(minutes - 1e-6));
  return {
    minutes: whole,
    roles,
    uses,
    attended: {
      from: 0,
      to: roles.length > 0 ? Math.min(whole, Math.max(1, Math.ceil(atMin))) : 0,
    },
  };
}

/** Adds a task; gives its place. */
export function add(
  list: TaskList,
  task: Pick<Task, 'id' | 'group' | 'modes'> &
    Partial<Pick<Task, 'release' | 'deadline' | 'together'>>,
  shown: Omit<DayTask, 'id' | 'g' | 'pieces' | 'sheets' | 'pot' | 'sure'> &
    Partial<Pick<DayTask, 'g' | 'pieces' | 'sheets' | 'pot' | 'sure'>>,
): number {
  list.tasks.push({
    together: null,
    deadline: Infinity,
    ...task,
    // Nothing is done before the first day.
    release: Math.max(0, task.release ?? 0),
    fixed: null,
    done: false,
  });
  list.shown.push({
    g: null,
    pieces: null,
    sheets: null,
    pot: null,
    sure: list.basis.rules['day.sure'].value,
    ...shown,
    id: task.id,
  });
  return list.tasks.length - 1;
}

/** Puts one task after another. */
export function link(
  list: TaskList,
  before: number,
  after: number,
  {
    least = 0,
    spare = 0,
    most = null,
    waitsIn = null,
  }: Partial<Pick<Link, 'least' | 'spare' | 'most' | 'waitsIn'>> = {},
): void {
  list.links.push({ before, after, least: Math.ceil(least - 1e-6), spare, most, waitsIn });
}

/** The same way of doing it in another time. */
const lasting = (way: Mode, minutes: number): Mode => ({
  ...way,
  minutes,
  attended:
    way.attended.to === way.minutes
      ? { from: 0, to: minutes }
      : { from: 0, to: Math.min(minutes, way.attended.to) },
});

const NOBODY: readonly number[] = [];

/** The engine's tasks with what is done, and what the cook put at a time, where it stands. */
export function finished(
  { day, tasks, shown }: TaskList,
  { nowMin, done, stood }: Progress,
): { tasks: Task[]; stood: (Placed | null)[] | null } {
  const place = new Map(day.people.map(({ id }, i) => [id, i]));
  const handsOf = (people: readonly string[]) => people.flatMap((id) => place.get(id) ?? []);
  const pins = new Map(day.pins.map((pin) => [pin.task, pin]));
  const standing = tasks.map((task): Task => {
    const was = done?.get(task.id);
    if (was) {
      const hands = handsOf(was.people);
      const like = task.modes.find(({ roles }) => roles.length === hands.length) ?? task.modes[0]!;
      return {
        ...task,
        modes: [lasting(like, Math.max(1, Math.round(was.to - was.from)))],
        fixed: { start: Math.round(was.from), mode: 0, hands },
        done: true,
        together: null,
      };
    }
    const pin = pins.get(task.id);
    const released = { ...task, release: Math.max(task.release, nowMin ?? 0) };
    if (!pin) return released;
    const hands = handsOf(pin.people);
    const way = Math.max(
      0,
      task.modes.findIndex(({ roles }) => roles.length === hands.length),
    );
    return {
      ...released,
      modes: [task.modes[way]!],
      fixed: { start: minuteOf(pin.at, day.date), mode: 0, hands },
      together: null,
    };
  });
  if (!stood) return { tasks: standing, stood: null };
  return {
    tasks: standing,
    stood: shown.map(({ id }, i) => {
      const was = stood.get(id);
      if (!was) return null;
      const { modes } = standing[i]!;
      const way = modes.findIndex(({ roles }) => roles.length === was.hands);
      return {
        start: was.start,
        mode: Math.max(0, way),
        hands: way < 0 ? NOBODY : handsOf(was.people),
      };
    }),
  };
}

import type { WriteFigure } from '../../units/format';
import { spanText } from '../document/clock';
import { TASK_KINDS } from '../tasks/task';
import type { Timed, Timetable } from '../timetable/timetable';

/** Moved by less than this nobody minds, min. */
const NOTICED_MIN = 5;

/** Somebody must do something differently. */
export interface Change {
  readonly person: string | null;
  readonly says: string;
}

/** How people and times of the clock are said. */
interface ChangeWords {
  nameOf(person: string): string;
  readonly write: WriteFigure;
}

/**
 * Who must do what differently from one timetable to the next, in words: only what has not begun, what was
 * shifted by more than a few minutes or is done by somebody else. Tasks of one kind for one plan are said once.
 */
export function changesBetween(
  before: Timetable,
  after: Timetable,
  { nameOf, write }: ChangeWords,
): Change[] {
  const was = new Map(before.tasks.map((task) => [task.id, task]));
  const plan = new Map(after.services.map(({ id, name }) => [id, name]));
  const said = new Set<string>();
  const changes: Change[] = [];
  const say = (key: string, person: string | null, says: string) => {
    if (!said.has(key)) changes.push({ person, says });
    said.add(key);
  };
  const moved = [...after.tasks].filter(({ done }) => !done).sort((a, b) => a.fromMin - b.fromMin);
  for (const task of moved) {
    const old = was.get(task.id);
    if (!old || old.done) continue;
    const what = `${TASK_KINDS[task.kind].name.toLowerCase()} (${plan.get(task.services[0] ?? '') ?? ''})`;
    const key = `${task.kind} ${task.services.join()}`;
    const others = task.people.filter((id) => !old.people.includes(id));
    const gone = old.people.filter((id) => !task.people.includes(id));
    for (const person of others) {
      say(
        `${key} ${person}`,
        person,
        `${nameOf(person)}: ${what} from ${write(task.fromMin, 'timeOfDay')}${gone[0] ? `, not ${nameOf(gone[0])}` : ''}.`,
      );
    }
    if (others.length === 0) shifted(task, old, what, key, say, { nameOf, write });
  }
  return changes;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function shifted(
  task: Timed,
  old: Timed,
  what: string,
  key: string,
  say: (key: string, person: string | null, says: string) => void,
  { nameOf, write }: ChangeWords,
): void {
  const by = task.fromMin - old.fromMin;
  if (Math.abs(by) < NOTICED_MIN) return;
  const who = task.people[0];
  say(
    `${key} moved`,
    who ?? null,
    `${who ? `${nameOf(who)}: ${what}` : capital(what)} at ${write(task.fromMin, 'timeOfDay')}, ${spanText(by)} ${by > 0 ? 'later' : 'sooner'}.`,
  );
}

import { chainsOf, type Chains } from './bound';
import { emptyProfile, take, type Profile } from './profile';
import type { Link, Mode, Placed, Problem, Span, Task } from './problem';

/** A problem with all that is looked up while tasks are placed, worked out once. */
export interface Prepared {
  readonly problem: Problem;
  readonly chains: Chains;
  /** Links into and out of each task. */
  readonly into: readonly (readonly Link[])[];
  readonly out: readonly (readonly Link[])[];
  /** Hours off, taken; by hand. */
  readonly off: readonly Profile[];
  /** Gear at hours when it is not to be used; by gear. */
  readonly shut: readonly Profile[];
  /** Hands that can do each role, by task, mode and role. */
  readonly can: readonly (readonly (readonly (readonly number[])[])[])[];
  /** The group of each task, by number, and how many there are. */
  readonly group: readonly number[];
  readonly groups: number;
  /** Tasks that take their modes together. */
  readonly choices: readonly (readonly number[])[];
  /** Nothing ends later: the last deadline, unless another was given. */
  readonly horizon: number;
}

/** Looks up once what is asked again and again. */
export function prepare(problem: Problem, horizon = lastEnd(problem)): Prepared {
  const { tasks, links, hands } = problem;
  const into = tasks.map(() => [] as Link[]);
  const out = tasks.map(() => [] as Link[]);
  for (const link of links) {
    into[link.after]!.push(link);
    out[link.before]!.push(link);
  }
  const groups = new Map<string, number>();
  const group = tasks.map(({ group: name }) => {
    if (!groups.has(name)) groups.set(name, groups.size);
    return groups.get(name)!;
  });
  const choices = new Map<string, number[]>();
  tasks.forEach(({ modes, together, fixed }, i) => {
    if (modes.length < 2 || fixed) return;
    const name = together === null ? `own ${i}` : `all ${together}`;
    choices.set(name, [...(choices.get(name) ?? []), i]);
  });
  return {
    problem,
    chains: chainsOf(problem),
    into,
    out,
    off: hands.map(({ hours }) => offHours(hours, 1)),
    shut: problem.gear.map(({ hours, capacity }) =>
      hours ? offHours(hours, capacity) : emptyProfile(),
    ),
    can: tasks.map(({ modes }) =>
      modes.map(({ roles }) =>
        roles.map((role) => hands.flatMap(({ skills }, h) => (skills.includes(role) ? [h] : []))),
      ),
    ),
    group,
    groups: groups.size,
    choices: [...choices.values()],
    horizon,
  };
}

/** The last deadline, or end of what is fixed; 0 when there is neither. */
function lastEnd({ tasks }: Problem): number {
  const ends = tasks.flatMap(({ deadline, fixed, modes }) => [
    ...(Number.isFinite(deadline) ? [deadline] : []),
    ...(fixed ? [fixed.start + modes[fixed.mode]!.minutes] : []),
  ]);
  return ends.length > 0 ? Math.max(...ends) : 0;
}

function offHours(hours: readonly Span[], amount: number): Profile {
  const off = emptyProfile();
  take(off, -Infinity, Infinity, amount);
  for (const { from, to } of hours) take(off, from, to, -amount);
  return off;
}

const turned = (task: Task, placed: Placed): Placed => ({
  ...placed,
  start: -(placed.start + task.modes[placed.mode]!.minutes),
});

/** A schedule as it stands in the mirrored problem; mirrored again it is itself. Law. */
export const mirrorSchedule = ({ tasks }: Problem, schedule: readonly Placed[]): Placed[] =>
  schedule.map((placed, i) => turned(tasks[i]!, placed));

const turnedHours = (hours: readonly Span[]): Span[] =>
  [...hours].reverse().map(({ from, to }) => ({ from: -to, to: -from }));

const turnedMode = (mode: Mode): Mode => ({
  ...mode,
  attended: {
    from: mode.minutes - mode.attended.to,
    to: mode.minutes - mode.attended.from,
  },
});

/** The problem with time running the other way: as late as possible there is as early as possible here. */
export const mirror = (problem: Problem): Problem => ({
  ...problem,
  tasks: problem.tasks.map((task) => ({
    ...task,
    modes: task.modes.map(turnedMode),
    release: -task.deadline,
    deadline: -task.release,
    fixed: task.fixed && turned(task, task.fixed),
  })),
  links: problem.links.map((link) => ({ ...link, before: link.after, after: link.before })),
  hands: problem.hands.map((hand) => ({ ...hand, hours: turnedHours(hand.hours) })),
  gear: problem.gear.map((each) =>
    each.hours ? { ...each, hours: turnedHours(each.hours) } : each,
  ),
  stood:
    problem.stood && problem.stood.map((placed, i) => placed && turned(problem.tasks[i]!, placed)),
});

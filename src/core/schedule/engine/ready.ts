import type { Problem } from './problem';
import { solve } from './solve';

/** The same problem with every deadline so much sooner, and what must be at a time at a sooner one. */
export const sooner = (problem: Problem, minutes: number): Problem => ({
  ...problem,
  tasks: problem.tasks.map((task) => {
    const longest = Math.max(...task.modes.map((mode) => mode.minutes));
    const nailed = task.deadline - task.release <= longest;
    return {
      ...task,
      release: nailed ? task.release - minutes : task.release,
      deadline: task.deadline - minutes,
    };
  }),
  stood: null,
});

export interface ReadyOptions {
  readonly seed?: number;
  /** Schedules looked at for each time tried. */
  readonly tries?: number;
  /** No sooner and no later than this is asked, minutes. */
  readonly within?: number;
}

/** Times are told to this, minutes. */
const STEP = 5;

/**
 * How many minutes sooner everything could be ready; below 0 it is so much late, null when no hour within
 * reach would do.
 * @param feasible whether it can be done as it is, where that is known
 */
export function readySooner(
  problem: Problem,
  feasible: boolean,
  { seed = 1, tries = 60, within = 600 }: ReadyOptions = {},
): number | null {
  const can = (minutes: number) =>
    solve(sooner(problem, minutes), { seed, tries }).breaches.length === 0;
  // Doubled until it turns, then halved in between.
  const sign = feasible ? 1 : -1;
  let [known, other] = [0, 0];
  for (let step = 3 * STEP; ; step *= 2) {
    other = sign * Math.min(step, within);
    if (can(other) !== feasible) break;
    known = other;
    if (step >= within) return feasible ? known : null;
  }
  while (Math.abs(other - known) > STEP) {
    const middle = Math.round((known + other) / 2 / STEP) * STEP;
    if (middle === known || middle === other) break;
    if (can(middle) === feasible) known = middle;
    else other = middle;
  }
  return feasible ? known : other;
}

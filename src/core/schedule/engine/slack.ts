import { attendedIn, endOf, type Problem, type Schedule } from './problem';

/** Something that must come after another on the clock as it stands: by a link, by hands or by gear. */
interface After {
  readonly before: number;
  readonly after: number;
  /** Least minutes from the start of the one to the start of the other. */
  readonly apart: number;
}

/**
 * How much each task may slip without anything being late, those that follow it pushed along: hands, gear and
 * order stay as they are; time that was put between tasks only to spare may be used up. Law (longest chains
 * through the schedule).
 * @example slackOf(problem, schedule)[3] // 12
 */
export function slackOf(problem: Problem, schedule: Schedule): number[] {
  const { tasks, links, hands } = problem;
  const ends = tasks.map((_, i) => endOf(problem, i, schedule[i]!));
  const length = (i: number) => ends[i]! - schedule[i]!.start;
  const afters: After[] = [
    ...links.map(({ before, after, least, spare = 0 }) => ({
      before,
      after,
      apart: length(before) + least - spare,
    })),
    ...handOrder(problem, schedule),
    ...gearOrder(problem, schedule, ends),
  ];
  const late = tasks.map(({ deadline, fixed }, i) => {
    const { start, hands: by } = schedule[i]!;
    if (fixed) return start;
    let latest = deadline - length(i);
    const at = attendedIn(problem, i, schedule[i]!);
    for (const hand of by) {
      const there = hands[hand]!.hours.find(({ from, to }) => from <= at.from && to >= at.to);
      if (there) latest = Math.min(latest, start + there.to - at.to);
    }
    return latest;
  });
  for (const { before, after, most } of links) {
    // What comes out of the pot is not kept waiting: where the first does not slip, nor does the other, beyond.
    if (most !== null && !tasks[after]!.fixed && tasks[before]!.fixed) {
      late[after] = Math.min(late[after]!, ends[before]! + most);
    }
  }
  const out = tasks.map(() => [] as After[]);
  for (const each of afters) out[each.before]!.push(each);
  // Everything that comes after begins no sooner, so the latest starts are settled first.
  const order = tasks
    .map((_, i) => i)
    .sort((a, b) => schedule[b]!.start - schedule[a]!.start || ends[b]! - ends[a]!);
  for (let round = 0; round < 2; round += 1) {
    for (const i of order) {
      for (const { after, apart } of out[i]!) {
        late[i] = Math.min(late[i]!, late[after]! - apart);
      }
    }
  }
  return tasks.map((_, i) =>
    Number.isFinite(late[i]!) ? Math.max(0, Math.floor(late[i]! - schedule[i]!.start)) : 0,
  );
}

/** Each pair of hands goes from one task to its next. */
function handOrder(problem: Problem, schedule: Schedule): After[] {
  return problem.hands.flatMap((_, hand) => {
    const own = problem.tasks
      .flatMap((_task, i) =>
        schedule[i]!.hands.includes(hand) ? [{ i, ...attendedIn(problem, i, schedule[i]!) }] : [],
      )
      .sort((a, b) => a.from - b.from);
    return own.slice(1).map((next, k) => {
      const last = own[k]!;
      return {
        before: last.i,
        after: next.i,
        apart: last.to - schedule[last.i]!.start - (next.from - schedule[next.i]!.start),
      };
    });
  });
}

/** Tasks that cannot have a piece of gear at the same time keep their order. */
function gearOrder(problem: Problem, schedule: Schedule, ends: readonly number[]): After[] {
  return problem.gear.flatMap(({ capacity }, which) => {
    const own = problem.tasks
      .flatMap(({ modes }, i) => {
        const amount = modes[schedule[i]!.mode]!.uses.reduce(
          (sum, use) => sum + (use.gear === which ? use.amount : 0),
          0,
        );
        return amount > 0 ? [{ i, amount, from: schedule[i]!.start, to: ends[i]! }] : [];
      })
      .sort((a, b) => a.from - b.from);
    return own.flatMap((first, k) =>
      own
        .slice(k + 1)
        .filter(({ from, amount }) => from >= first.to && amount + first.amount > capacity)
        .slice(0, 3)
        .map(({ i }) => ({ before: first.i, after: i, apart: first.to - first.from })),
    );
  });
}

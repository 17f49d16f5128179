import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { latestStart } from './bound';
import { checkSchedule, type Breach } from './check';
import { costOf, dislikedIn, lengthOf, type Disliked } from './cost';
import { generate, type Generated, type Taking } from './generate';
import { mirror, mirrorSchedule, prepare, type Prepared } from './prepared';
import type { Problem, Schedule } from './problem';

/** A problem solved, as well as it was by then. */
export interface Solved {
  readonly schedule: Schedule;
  /** Hard limits that it breaks; none when it can be done. */
  readonly breaches: readonly Breach[];
  /** From its first start to the last deadline, minutes, and the least that any schedule could be. */
  readonly lengthMin: number;
  readonly leastMin: number;
  readonly disliked: Disliked;
  readonly cost: number;
  /** Schedules looked at. */
  readonly tried: number;
}

export interface SolveOptions {
  /** The same seed gives the same schedule. */
  readonly seed?: number;
  /** Schedules looked at beyond the first ones. */
  readonly tries?: number;
  /** A schedule to start from, kept when nothing better is found. It must be one of this problem. */
  readonly from?: Schedule;
}

/** A way of taking tasks, and what it came to. */
interface Attempt {
  readonly keys: Float64Array;
  readonly modes: Int8Array;
  readonly caps: Float64Array;
  readonly made: Generated;
  readonly cost: number;
}

type TryOut = (
  keys: Float64Array,
  modes: Int8Array,
  how?: { scheme?: Taking['scheme']; caps?: Float64Array },
) => Attempt;

const TRIES = 1500;
/** What takes up room is done no more than this sooner at once, min. */
const SOONER = 1440;

/**
 * Searches for a schedule: priority rules by both generation schemes, each improved forward and backward,
 * then a seeded local search that swaps priorities and ways of doing things and cools as it goes. Gives the
 * best so far each time it has looked at some more.
 */
export function* search(
  problem: Problem,
  { seed = 1, tries = TRIES, from }: SolveOptions = {},
): Generator<Solved, Solved> {
  const there = prepare(problem);
  const back = prepare(mirror(problem), Infinity);
  const random = xoroshiro128plus(seed);
  const chance = () => uniformFloat64(random);
  const n = problem.tasks.length;
  let tried = 0;

  const noCaps = new Float64Array(n).fill(Infinity);
  const attempt: TryOut = (keys, modes, { scheme = 'serial', caps = noCaps } = {}) => {
    tried += 1;
    const made = generate(there, { keys, modes, scheme, caps });
    return { keys, modes, caps, made, cost: costOf(problem, made, of(there)) };
  };

  /** To the left, then to the right again: gaps that one pass leaves the other closes. */
  const improved = (start: Attempt): Attempt => {
    let best = start;
    for (let round = 0; round < 3; round += 1) {
      const { placed } = best.made;
      const length = lengthOf(problem, placed, there.horizon);
      const turned = mirrorSchedule(problem, placed);
      const left = generate(back, {
        keys: endsOf(back, turned),
        modes: best.modes,
        scheme: 'serial',
        latest: length - there.horizon,
      });
      tried += 1;
      const keys = endsOf(there, mirrorSchedule(back.problem, left.placed));
      const next = attempt(keys, best.modes, { caps: best.caps });
      if (next.cost >= best.cost - 1e-9) break;
      best = next;
    }
    return best;
  };

  let best = improved(first(there, attempt, chance, from));
  if (from) {
    const made: Generated = { placed: from, ...countOf(checkSchedule(problem, from)) };
    const cost = costOf(problem, made, of(there));
    const modes = Int8Array.from(from, ({ mode }) => mode);
    const caps = endsOf(there, from);
    if (cost <= best.cost) best = { keys: caps, modes, caps, made, cost };
  }
  const leastMin = Math.max(0, there.horizon - latestStart(problem, there.chains));
  const solved = ({ made: { placed }, cost }: Attempt): Solved => ({
    schedule: placed,
    breaches: checkSchedule(problem, placed),
    lengthMin: lengthOf(problem, placed, there.horizon),
    // There is none where the work does not fit in the hours at all.
    leastMin: Number.isFinite(leastMin) ? leastMin : 0,
    disliked: dislikedIn(problem, placed, there.chains.latestEnd),
    cost,
    tried,
  });
  yield solved(best);

  const open = problem.tasks.flatMap(({ fixed }, i) => (fixed ? [] : [i]));
  const waiting = problem.links.filter(
    ({ after, waitsIn }) => waitsIn && !problem.tasks[after]!.fixed,
  );
  let now = best;
  const hot = Math.max(2, 0.03 * (best.cost % 1e6));
  let said = tried;
  const until = tried + (open.length > 0 ? tries : 0);
  while (tried < until && best.cost > leastMin + 1e-9) {
    const keys = now.keys.slice();
    const modes = now.modes.slice();
    const caps = now.caps.slice();
    const pick = () => open[Math.floor(chance() * open.length)]!;
    const { choices } = there;
    const { misplaced } = now.made;
    const capped = open.filter((i) => caps[i]! < Infinity);
    const roll = chance();
    if (waiting.length > 0 && roll < (misplaced.length > 0 ? 0.4 : 0.06)) {
      // What takes it is done sooner, so that its room is free for what found none.
      const of = misplaced.length > 0 ? misplaced[Math.floor(chance() * misplaced.length)]! : null;
      const blame = of === null ? [] : waiting.filter(({ before }) => before === of);
      const among = blame.length > 0 && chance() < 0.6 ? blame : waiting;
      const { after } = among[Math.floor(chance() * among.length)]!;
      const { start, mode } = now.made.placed[after]!;
      const end = start + problem.tasks[after]!.modes[mode]!.minutes;
      caps[after] = end - Math.ceil(SOONER * chance() ** 2);
    } else if (capped.length > 0 && roll < 0.6) {
      // What was to be done sooner is let go again, some way or altogether: most often what stands first.
      const first = capped.reduce((i, k) => (caps[k]! < caps[i]! ? k : i));
      const i = chance() < 0.4 ? first : capped[Math.floor(chance() * capped.length)]!;
      caps[i] = chance() < 0.3 ? Infinity : caps[i]! + Math.ceil(SOONER * chance() ** 2);
    } else if (choices.length > 0 && roll < 0.7) {
      const choice = choices[Math.floor(chance() * choices.length)]!;
      const mode = Math.floor(chance() * problem.tasks[choice[0]!]!.modes.length);
      for (const i of choice) modes[i] = mode;
    } else {
      const moves = 1 + Math.floor(chance() * Math.min(3, n / 4));
      for (let k = 0; k < moves; k += 1) {
        const [a, b] = [pick(), pick()];
        if (chance() < 0.5) [keys[a], keys[b]] = [keys[b]!, keys[a]!];
        else keys[a] = keys[b]! + (chance() - 0.5);
      }
    }
    let next = attempt(keys, modes, { caps });
    if (next.cost < best.cost || chance() < 0.04) next = improved(next);
    const heat = hot * (1 - tried / until) ** 2 + 1e-9;
    if (next.cost <= now.cost || chance() < Math.exp((now.cost - next.cost) / heat)) now = next;
    if (next.cost < best.cost - 1e-9) best = next;
    else if (chance() < 0.004) now = best;
    if (tried - said >= 100) {
      said = tried;
      yield solved(best);
    }
  }
  return solved(best);
}

/** The best schedule found. @example solve(problem, { seed: 7 }).lengthMin // 312 */
export function solve(problem: Problem, options: SolveOptions = {}): Solved {
  const steps = search(problem, options);
  for (;;) {
    const { value, done } = steps.next();
    if (done) return value;
  }
}

const of = ({ horizon, chains }: Prepared) => ({ horizon, latestEnd: chains.latestEnd });

const endsOf = ({ problem: { tasks } }: Prepared, schedule: Schedule): Float64Array =>
  Float64Array.from(schedule, ({ start, mode }, i) => start + tasks[i]!.modes[mode]!.minutes);

const countOf = (breaches: readonly Breach[]) => ({
  misplaced: [...new Set(breaches.map(({ task }) => task))],
  broken: breaches.length,
  brokenBy: breaches.reduce((sum, { by }) => sum + by, 0),
});

/** Priority rules: what each gives a task, the largest going first. */
const RULES: readonly ((prepared: Prepared, i: number, minutes: number) => number)[] = [
  // The latest it may end.
  ({ chains }, i) => finite(chains.latestEnd[i]!),
  // The latest it may start.
  ({ chains }, i, minutes) => finite(chains.latestEnd[i]!) - minutes,
  // The longest chain before it.
  ({ chains }, i, minutes) => chains.head[i]! + minutes,
  // The most that must come before it.
  ({ into }, i, minutes) => into[i]!.length * 10 + minutes,
];

const finite = (value: number): number => (Number.isFinite(value) ? value : 1e7);

/** The best of what rules give, over ways of doing things: all the same way, and some at random. */
function first(
  there: Prepared,
  attempt: TryOut,
  chance: () => number,
  from: Schedule | undefined,
): Attempt {
  const { tasks, stood } = there.problem;
  const most = Math.max(1, ...there.choices.map(([i]) => tasks[i!]!.modes.length));
  const ways: Int8Array[] = Array.from({ length: most }, (_, mode) =>
    Int8Array.from(tasks, ({ modes, fixed }) => fixed?.mode ?? Math.min(mode, modes.length - 1)),
  );
  if (there.choices.length > 1) {
    for (let k = 0; k < 4; k += 1) {
      const way = ways[0]!.slice();
      for (const choice of there.choices) {
        const mode = Math.floor(chance() * tasks[choice[0]!]!.modes.length);
        for (const i of choice) way[i] = mode;
      }
      ways.push(way);
    }
  }
  const keys = RULES.map((rule) =>
    Float64Array.from(tasks, ({ modes }, i) => rule(there, i, modes[0]!.minutes)),
  );
  let best = null as Attempt | null;
  const keep = (made: Attempt) => {
    if (!best || made.cost < best.cost) best = made;
  };
  for (const before of [from, stood]) {
    if (!before) continue;
    keep(
      attempt(
        Float64Array.from(tasks, ({ modes }, i) => {
          const at = before[i];
          return at ? at.start + modes[at.mode]!.minutes : keys[0]![i]!;
        }),
        Int8Array.from(tasks, ({ fixed }, i) => fixed?.mode ?? before[i]?.mode ?? 0),
      ),
    );
  }
  // Every rule one way, the best of them every way: all of both would take too long to be at hand at once.
  let [rule, least] = [keys[0]!, Infinity];
  for (const each of keys) {
    const made = attempt(each, ways[0]!);
    if (made.cost < least) [rule, least] = [each, made.cost];
    keep(made);
  }
  for (const way of ways.slice(1)) keep(attempt(rule, way));
  keep(attempt(keys[0]!, best!.modes, { scheme: 'parallel' }));
  return best!;
}

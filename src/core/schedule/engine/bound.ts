import type { Mode, Problem, Span } from './problem';

const shortest = ({ modes }: Problem['tasks'][number]): number =>
  Math.min(...modes.map(({ minutes }) => minutes));

/** Longest chains through a problem, whatever hands and gear there are. Law. */
export interface Chains {
  /** The earliest each may begin, and the latest it may end; ±Infinity where nothing bounds it. */
  readonly earliestStart: readonly number[];
  readonly latestEnd: readonly number[];
  /** Least minutes from the start of the first task before it to its own start. */
  readonly head: readonly number[];
}

/** Tasks so that each stands after all that must come before it. @throws Error when links run in a ring */
export function inOrder({ tasks, links }: Problem): number[] {
  const waits = tasks.map(() => 0);
  const after = tasks.map(() => [] as number[]);
  for (const link of links) {
    waits[link.after]! += 1;
    after[link.before]!.push(link.after);
  }
  const order = waits.flatMap((n, i) => (n === 0 ? [i] : []));
  for (let k = 0; k < order.length; k += 1) {
    for (const next of after[order[k]!]!) {
      waits[next]! -= 1;
      if (waits[next] === 0) order.push(next);
    }
  }
  if (order.length < tasks.length) throw new Error('Tasks wait for one another in a ring');
  return order;
}

export function chainsOf(problem: Problem): Chains {
  const { tasks, links } = problem;
  const order = inOrder(problem);
  const into = tasks.map(() => [] as Problem['links'][number][]);
  const out = tasks.map(() => [] as Problem['links'][number][]);
  for (const link of links) {
    into[link.after]!.push(link);
    out[link.before]!.push(link);
  }
  const minutes = tasks.map(shortest);
  const earliestStart = tasks.map(({ release }) => release);
  const head = tasks.map(() => 0);
  for (const i of order) {
    const { fixed } = tasks[i]!;
    for (const { before, least } of into[i]!) {
      const since = minutes[before]! + least;
      earliestStart[i] = Math.max(earliestStart[i]!, earliestStart[before]! + since);
      head[i] = Math.max(head[i]!, head[before]! + since);
    }
    if (fixed) earliestStart[i] = fixed.start;
  }
  const latestEnd = tasks.map(({ deadline }) => deadline);
  for (const i of [...order].reverse()) {
    const { fixed } = tasks[i]!;
    for (const { after, least } of out[i]!) {
      latestEnd[i] = Math.min(latestEnd[i]!, latestEnd[after]! - minutes[after]! - least);
    }
    if (fixed) latestEnd[i] = fixed.start + minutes[i]!;
    else if (Number.isFinite(latestEnd[i]!)) latestEnd[i] = inHours(problem, i, latestEnd[i]!);
  }
  return { earliestStart, latestEnd, head };
}

/** The latest end of a task, no later than so, at which somebody who can do it is there for it. */
function inHours({ tasks, hands }: Problem, i: number, until: number): number {
  const ends = tasks[i]!.modes.map(({ minutes, roles, attended }) =>
    roles.reduce((latest, role) => {
      const spans = hands.flatMap(({ skills, hours }) => (skills.includes(role) ? hours : []));
      // The attended stretch ends no later than somebody leaves, and begins no sooner than they came.
      const able = spans.flatMap(({ from, to }) => {
        const end = Math.min(latest, to - attended.to + minutes);
        return end - minutes + attended.from >= from ? [end] : [];
      });
      return Math.max(-Infinity, ...able);
    }, until),
  );
  const latest = Math.max(...ends);
  // Nobody is ever there: that is told elsewhere.
  return Number.isFinite(latest) ? latest : until;
}

/** How late work may begin at which so many are at it whenever they are there, for so much to be done in time. */
function latestForWork(hours: readonly Span[], until: number, work: number): number {
  const marks = [...new Set(hours.flatMap(({ from, to }) => [from, to]))]
    .filter((mark) => mark < until)
    .sort((a, b) => b - a);
  let [at, left] = [until, work];
  for (const mark of marks) {
    const there = hours.filter(({ from, to }) => from <= mark && to >= at).length;
    const done = there * (at - mark);
    if (done >= left && there > 0) return at - left / there;
    left -= done;
    at = mark;
  }
  return left > 0 ? -Infinity : at;
}

/**
 * No schedule begins its first task later than this. Law: the longest chain before its deadline, and for
 * each skill and each piece of gear the work that is to be done with it, by so many, in the time there is.
 */
export function latestStart(problem: Problem, chains: Chains = chainsOf(problem)): number {
  const { tasks, hands, gear } = problem;
  const { latestEnd, head } = chains;
  const open = tasks.flatMap((task, i) => (task.fixed ? [] : [i]));
  let bound = Infinity;
  for (const i of open) {
    bound = Math.min(bound, latestEnd[i]! - shortest(tasks[i]!) - head[i]!);
  }
  /** Work of each open task, in minutes of hands or of gear; those without any are left out. */
  const byLoad = (workOf: (i: number) => number, hours: (until: number) => readonly Span[]) => {
    const loaded = open
      .map((i) => ({ i, work: workOf(i) }))
      .filter(({ i, work }) => work > 0 && latestEnd[i]! < Infinity)
      .sort((a, b) => latestEnd[a.i]! - latestEnd[b.i]!);
    let [work, least] = [0, Infinity];
    for (const each of loaded) {
      work += each.work;
      least = Math.min(least, head[each.i]!);
      const until = latestEnd[each.i]!;
      bound = Math.min(bound, latestForWork(hours(until), until, work) - least);
    }
  };
  const skills = new Set(tasks.flatMap(({ modes }) => modes.flatMap(({ roles }) => roles)));
  const handWork = (wanted: (skill: string) => boolean) => (i: number) =>
    Math.min(
      ...tasks[i]!.modes.map(
        ({ attended, roles }) => (attended.to - attended.from) * roles.filter(wanted).length,
      ),
    );
  byLoad(
    handWork(() => true),
    () => hands.flatMap(({ hours }) => hours),
  );
  for (const skill of skills) {
    const can = hands.filter((hand) => hand.skills.includes(skill));
    byLoad(
      handWork((role) => role === skill),
      () => can.flatMap(({ hours }) => hours),
    );
  }
  const always = [{ from: -1e9, to: 1e9 }];
  gear.forEach(({ capacity }, which) => {
    const share = ({ uses }: Mode) =>
      uses.reduce((sum, use) => sum + (use.gear === which ? use.amount : 0), 0) / capacity;
    for (const counted of COUNTED) {
      byLoad(
        (i) => Math.min(...tasks[i]!.modes.map((mode) => mode.minutes * counted(share(mode)))),
        () => always,
      );
    }
  });
  bound = Math.min(bound, apartBound(problem, open, chains));
  // Whole minutes only.
  return Math.floor(bound + 1e-9);
}

/** Sets of tasks are grown from so many of them, the longest first. */
const STARTS = 12;

/**
 * The latest start that tasks allow no two of which can go on at once, whatever gear keeps them apart: all of
 * them one after the other. Sets are grown greedily, the longest first. Law.
 */
function apartBound(
  { tasks, gear }: Problem,
  open: readonly number[],
  { latestEnd, head }: Chains,
): number {
  const takes = (i: number, which: number) =>
    Math.min(
      ...tasks[i]!.modes.map(({ uses }) =>
        uses.reduce((sum, use) => sum + (use.gear === which ? use.amount : 0), 0),
      ),
    );
  const amounts = new Map(open.map((i) => [i, gear.map((_, which) => takes(i, which))]));
  const apart = (a: number, b: number) =>
    gear.some(({ capacity }, which) => {
      const [own, other] = [amounts.get(a)![which]!, amounts.get(b)![which]!];
      return own > 0 && other > 0 && own + other > capacity;
    });
  const longest = open
    .filter((i) => latestEnd[i]! < Infinity)
    .sort((a, b) => shortest(tasks[b]!) - shortest(tasks[a]!));
  let bound = Infinity;
  for (const start of longest.slice(0, STARTS)) {
    const set = [start];
    for (const i of longest) {
      if (i !== start && set.every((other) => apart(i, other))) set.push(i);
    }
    const minutes = set.reduce((sum, i) => sum + shortest(tasks[i]!), 0);
    const until = Math.max(...set.map((i) => latestEnd[i]!));
    bound = Math.min(bound, until - minutes - Math.min(...set.map((i) => head[i]!)));
  }
  return bound;
}

/**
 * What a share of a piece of gear counts for, such that those that fit beside one another never count for
 * more than 1: as it is; and rounded to halves, thirds and quarters, for what is more than half of it has it
 * to itself. Law (dual feasible functions, Fekete and Schepers 2001).
 */
const COUNTED: readonly ((share: number) => number)[] = [
  (share) => share,
  ...[1, 2, 3].map((k) => (share: number) => {
    const parts = (k + 1) * share;
    return Math.abs(parts - Math.round(parts)) < 1e-9 ? share : Math.floor(parts) / k;
  }),
];

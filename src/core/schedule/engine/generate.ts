import { copyProfile, lastBlocked, take } from './profile';
import type { Prepared } from './prepared';
import type { Link, Placed } from './problem';

/** A schedule as it was generated. */
export interface Generated {
  readonly placed: readonly Placed[];
  /** Limits that could not be kept, and by how much, in minutes. */
  readonly broken: number;
  readonly brokenBy: number;
  /** Tasks that found no place. */
  readonly misplaced: readonly number[];
}

/** How tasks are taken. */
export interface Taking {
  /** The task with the largest is placed first, of those whose followers all stand. */
  readonly keys: ArrayLike<number>;
  /** The way each is done. */
  readonly modes: ArrayLike<number>;
  /** Serial: one after the other by key. Parallel: always the one that can end latest, key deciding ties. */
  readonly scheme: 'serial' | 'parallel';
  /** Each ends no later than this, by task: done sooner than it could be, so that its room is free for others. */
  readonly caps?: ArrayLike<number>;
  /** Nothing ends later than this; the deadlines alone when left out. */
  readonly latest?: number;
}

/** What a limit that cannot be kept counts for where it has no minutes of its own. */
const WHOLE = 600;
/** Looks for a place give up after so many steps: nothing real takes as many. */
const MOST_STEPS = 20_000;

interface Found {
  readonly start: number;
  readonly hands: number[];
}

/**
 * Puts every task on the clock as late as it can be, one after the other: a schedule generation scheme run
 * backward in time. Hands, gear, room, waits and hours are kept; where that is not possible the task stands
 * where it breaks least, and that is counted.
 */
export function generate(
  prepared: Prepared,
  { keys, modes, scheme, caps, latest }: Taking,
): Generated {
  const { problem, into, out, can, chains, horizon, group } = prepared;
  const { tasks, gear, stood } = problem;
  const placed: (Placed | null)[] = tasks.map(() => null);
  const ends = new Float64Array(tasks.length);
  const hands = prepared.off.map(copyProfile);
  const used = prepared.shut.map(copyProfile);
  const worked = new Float64Array(hands.length);
  /** Who did each role of a group last: by group, then by place of the role. */
  const lastBy: number[][] = Array.from({ length: prepared.groups }, () => []);
  let [broken, brokenBy] = [0, 0];
  const misplaced: number[] = [];

  const put = (i: number, at: Placed) => {
    const { minutes, uses, attended } = tasks[i]!.modes[at.mode]!;
    const end = at.start + minutes;
    placed[i] = at;
    ends[i] = end;
    for (const hand of at.hands) {
      take(hands[hand]!, at.start + attended.from, at.start + attended.to, 1);
      worked[hand]! += attended.to - attended.from;
    }
    for (const use of uses) take(used[use.gear]!, at.start, end, use.amount);
    for (const { after, waitsIn } of out[i]!) {
      const next = placed[after];
      if (waitsIn && next) take(used[waitsIn.gear]!, end, next.start, waitsIn.amount);
    }
    for (const { before, waitsIn } of into[i]!) {
      if (waitsIn && placed[before]) {
        take(used[waitsIn.gear]!, ends[before]!, at.start, waitsIn.amount);
      }
    }
    at.hands.forEach((hand, role) => (lastBy[group[i]!]![role] = hand));
  };

  /** Who does each role from a time on: those who did it before, then those who can do least else. */
  const choose = (i: number, mode: number, start: number, end: number): number[] | null => {
    const roles = can[i]![mode]!;
    if (roles.length === 0) return [];
    const before = stood?.[i]?.hands;
    const last = lastBy[group[i]!]!;
    const chosen: number[] = [];
    const free = (hand: number) => lastBlocked(hands[hand]!, start, end, 0) === null;
    const liking = (hand: number, role: number) =>
      (before?.[role] === hand ? 1e6 : 0) +
      (last[role] === hand ? 1e5 : last.includes(hand) ? 1e4 : 0) -
      100 * problem.hands[hand]!.skills.length -
      worked[hand]! / 100;
    const assign = (role: number): boolean => {
      if (role === roles.length) return true;
      const able = roles[role]!.filter((hand) => !chosen.includes(hand) && free(hand)).sort(
        (a, b) => liking(b, role) - liking(a, role) || a - b,
      );
      for (const hand of able) {
        chosen[role] = hand;
        if (assign(role + 1)) return true;
        chosen.length = role;
      }
      return false;
    };
    return assign(0) ? chosen : null;
  };

  /** Room of one kind that is taken at once by all that waits at one end of a task. */
  const takenTogether = (links: readonly Link[], which: number, end: 'before' | 'after'): number =>
    links.reduce(
      (sum, link) =>
        sum + (link.waitsIn?.gear === which && placed[link[end]] ? link.waitsIn.amount : 0),
      0,
    );

  /** The latest place from `low` to `high` where everything is free; null when there is none. */
  const find = (
    i: number,
    mode: number,
    low: number,
    high: number,
    withRoom: boolean,
  ): Found | null => {
    const { minutes, uses, attended } = tasks[i]!.modes[mode]!;
    const roles = can[i]![mode]!;
    let start = high;
    search: for (let step = 0; start >= low && start > -Infinity && step < MOST_STEPS; step += 1) {
      const end = start + minutes;
      for (const { gear: which, amount } of uses) {
        const at = lastBlocked(used[which]!, start, end, gear[which]!.capacity - amount);
        if (at !== null) {
          start = at - minutes;
          continue search;
        }
      }
      if (withRoom) {
        for (const { after, waitsIn } of out[i]!) {
          const next = placed[after];
          if (!waitsIn || !next) continue;
          const room = gear[waitsIn.gear]!.capacity - takenTogether(out[i]!, waitsIn.gear, 'after');
          // Sooner done is longer waited: no earlier place has more room.
          if (lastBlocked(used[waitsIn.gear]!, end, next.start, room) !== null) return null;
        }
        for (const { before, waitsIn } of into[i]!) {
          if (!waitsIn || !placed[before]) continue;
          const room =
            gear[waitsIn.gear]!.capacity - takenTogether(into[i]!, waitsIn.gear, 'before');
          const at = lastBlocked(used[waitsIn.gear]!, ends[before]!, start, room);
          if (at !== null) {
            start = at;
            continue search;
          }
        }
      }
      const [busyFrom, busyTo] = [start + attended.from, start + attended.to];
      const by = choose(i, mode, busyFrom, busyTo);
      if (by) return { start, hands: by };
      let next = -Infinity;
      for (const able of roles) {
        for (const hand of able) {
          const at = lastBlocked(hands[hand]!, busyFrom, busyTo, 0);
          if (at !== null) next = Math.max(next, at - attended.to);
        }
      }
      start = next;
    }
    return null;
  };

  const bounds = (i: number, minutes: number) => {
    const { release, deadline } = tasks[i]!;
    let high = Math.min(deadline, caps?.[i] ?? Infinity, latest ?? Infinity, horizon) - minutes;
    let low = -Infinity;
    for (const { after, least, most } of out[i]!) {
      const next = placed[after];
      if (!next) continue;
      high = Math.min(high, next.start - least - minutes);
      if (most !== null) low = Math.max(low, next.start - most - minutes);
    }
    let floor = Math.max(release, chains.earliestStart[i]!);
    for (const { before, least, most } of into[i]!) {
      if (!placed[before]) continue;
      floor = Math.max(floor, ends[before]! + least);
      if (most !== null) high = Math.min(high, ends[before]! + most);
    }
    return { low: Math.max(low, floor), floor, high };
  };

  const look = (i: number) => {
    const mode = modes[i]!;
    const { minutes } = tasks[i]!.modes[mode]!;
    const { low, floor, high } = bounds(i, minutes);
    return { mode, minutes, low, floor, high, found: find(i, mode, low, high, true) };
  };

  /** Places a task; what cannot be kept is counted. */
  const place = (i: number, looked = look(i)) => {
    const { mode, low, floor, high } = looked;
    let { found } = looked;
    if (!found) {
      broken += 1;
      misplaced.push(i);
      // In its time, with no room to wait; else out of its time.
      const crowded = find(i, mode, low, high, false);
      const waits = crowded ? null : find(i, mode, floor, low - 1, true);
      found = crowded ?? waits;
      brokenBy += crowded || !waits ? WHOLE : low - waits.start;
      if (!found) {
        const start = Number.isFinite(high) ? Math.max(high, Math.min(floor, horizon)) : horizon;
        const roles = can[i]![mode]!.length;
        brokenBy += WHOLE * (1 + roles) + Math.max(0, floor - high);
        found = { start, hands: [] };
      }
    }
    put(i, { start: found.start, mode, hands: found.hands });
  };

  tasks.forEach(({ fixed }, i) => {
    if (fixed) put(i, fixed);
  });
  const waitsFor = out.map((links) => links.filter(({ after }) => !tasks[after]!.fixed).length);
  let eligible = tasks.flatMap(({ fixed }, i) => (!fixed && waitsFor[i] === 0 ? [i] : []));
  while (eligible.length > 0) {
    let best = eligible[0]!;
    if (scheme === 'serial') {
      for (const i of eligible) if (keys[i]! > keys[best]!) best = i;
      place(best);
    } else {
      let bestEnd = -Infinity;
      let looked: ReturnType<typeof look> | undefined;
      for (const i of eligible) {
        const at = look(i);
        const end = at.found ? at.found.start + at.minutes : -Infinity;
        if (looked && (end < bestEnd || (end === bestEnd && keys[i]! <= keys[best]!))) continue;
        [best, bestEnd, looked] = [i, end, at];
      }
      place(best, looked);
    }
    eligible = eligible.filter((i) => i !== best);
    for (const { before } of into[best]!) {
      waitsFor[before]! -= 1;
      if (waitsFor[before] === 0 && !tasks[before]!.fixed) eligible.push(before);
    }
  }
  return { placed: placed as Placed[], broken, brokenBy, misplaced };
}

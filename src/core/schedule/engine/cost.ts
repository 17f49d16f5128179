import type { Generated } from './generate';
import { attendedIn, endOf, type Problem, type Schedule } from './problem';

/** What is unwelcome about a schedule, each in its own measure. */
export interface Disliked {
  /** Minutes that people stand about between tasks, within one day. */
  readonly idleMin: number;
  /** Times somebody turns from one thing to another. */
  readonly switches: number;
  /** Minutes worked outside the hours of the day. */
  readonly lateMin: number;
  /** Minutes that tasks are done before they must be, on average. */
  readonly earlyMin: number;
  /** Minutes that tasks were moved from where they stood, on average, hands changed counting a quarter hour. */
  readonly movedMin: number;
  /** Minutes of all hands together. */
  readonly workMin: number;
}

const DAY = 1440;
const HANDS_MOVED_MIN = 15;

/** Minutes from the first start of what is not fixed to the horizon. */
export function lengthOf({ tasks }: Problem, schedule: Schedule, horizon: number): number {
  let first = horizon;
  tasks.forEach(({ fixed }, i) => {
    if (!fixed) first = Math.min(first, schedule[i]!.start);
  });
  return horizon - first;
}

/** What is unwelcome about a schedule. */
export function dislikedIn(
  problem: Problem,
  schedule: Schedule,
  latestEnd: readonly number[],
): Disliked {
  const { tasks, hands, stood, dislikes } = problem;
  const work = hands.map(() => [] as { from: number; to: number; group: string }[]);
  let [early, moved, late, workMin] = [0, 0, 0, 0];
  tasks.forEach(({ group, fixed }, i) => {
    const placed = schedule[i]!;
    const to = endOf(problem, i, placed);
    const { from, to: until } = attendedIn(problem, i, placed);
    for (const hand of placed.hands) work[hand]!.push({ from, to: until, group });
    workMin += placed.hands.length * (until - from);
    if (!fixed && latestEnd[i]! < Infinity) early += Math.max(0, latestEnd[i]! - to);
    const was = stood?.[i];
    if (was && !fixed) {
      moved += Math.abs(placed.start - was.start);
      if (was.hands.some((hand, role) => placed.hands[role] !== hand)) moved += HANDS_MOVED_MIN;
    }
  });
  let [idleMin, switches] = [0, 0];
  for (const spans of work) {
    spans.sort((a, b) => a.from - b.from);
    spans.forEach(({ from, to, group }, k) => {
      late += to - from - within(from, to, dislikes.dayFrom, dislikes.dayTo);
      const last = spans[k - 1];
      if (!last) return;
      if (Math.floor(last.to / DAY) === Math.floor(from / DAY)) {
        idleMin += Math.max(0, from - last.to);
      }
      if (last.group !== group) switches += 1;
    });
  }
  const n = Math.max(1, tasks.length);
  return { idleMin, switches, lateMin: late, earlyMin: early / n, movedMin: moved / n, workMin };
}

/** Minutes of a stretch that lie between two times of the day. */
function within(from: number, to: number, dayFrom: number, dayTo: number): number {
  let inside = 0;
  for (let day = Math.floor(from / DAY); day * DAY < to; day += 1) {
    const [a, b] = [day * DAY + dayFrom, day * DAY + dayTo];
    inside += Math.max(0, Math.min(to, b) - Math.max(from, a));
  }
  return inside;
}

/** A limit broken outweighs whatever else a schedule has to say for itself. */
const BROKEN = 1e6;

/** What a schedule costs, in minutes of a longer day. */
export function costOf(
  problem: Problem,
  { placed, broken, brokenBy }: Generated,
  { horizon, latestEnd }: { horizon: number; latestEnd: readonly number[] },
): number {
  const { idle, switching, late, early, moved, work } = problem.dislikes;
  const length = BROKEN * broken + 10 * brokenBy + lengthOf(problem, placed, horizon);
  if (idle + switching + late + early + moved + work === 0) return length;
  const disliked = dislikedIn(problem, placed, latestEnd);
  const { idleMin, switches, lateMin, earlyMin, movedMin, workMin } = disliked;
  return (
    length +
    idle * idleMin +
    switching * switches +
    late * lateMin +
    early * earlyMin +
    moved * movedMin +
    work * workMin
  );
}

import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { NO_DISLIKES, type Link, type Problem, type Task } from '../engine/problem';

/**
 * A small resource-constrained problem, the same for the same seed: tasks that use one or two pieces of gear,
 * some after others, all due at 0.
 */
export function instance(
  seed: number,
  { tasks: n, gear: pieces }: { tasks: number; gear: number },
): Problem {
  const random = xoroshiro128plus(seed);
  const draw = (from: number, to: number) => uniformInt(random, from, to);
  const gear = Array.from({ length: pieces }, (_, i) => ({ id: `g${i}`, capacity: draw(2, 4) }));
  const tasks = Array.from({ length: n }, (_, i): Task => ({
    id: `t${i}`,
    group: 'all',
    modes: [
      {
        minutes: draw(1, 10),
        roles: [],
        attended: { from: 0, to: 0 },
        uses: gear.flatMap(({ capacity }, which) =>
          draw(0, 3) > 0 ? [{ gear: which, amount: draw(1, capacity) }] : [],
        ),
      },
    ],
    together: null,
    release: -Infinity,
    deadline: 0,
    fixed: null,
    done: false,
  }));
  const links: Link[] = [];
  for (let after = 1; after < n; after += 1) {
    const preds = new Set(Array.from({ length: draw(0, 2) }, () => draw(0, after - 1)));
    for (const before of preds) links.push({ before, after, least: 0, most: null, waitsIn: null });
  }
  return { tasks, links, hands: [], gear, dislikes: NO_DISLIKES, stood: null };
}

/**
 * The shortest any schedule of an instance can be, by looking at every order in which tasks can be put as
 * early as they go, those left out that the longest chain shows to be no better.
 */
export function shortest({ tasks, links, gear }: Problem): number {
  const n = tasks.length;
  const minutes = tasks.map(({ modes }) => modes[0]!.minutes);
  const preds = tasks.map((_, i) => links.flatMap((l) => (l.after === i ? [l.before] : [])));
  const tail = tasks.map(() => 0);
  for (let i = n - 1; i >= 0; i -= 1) {
    const after = links.flatMap((l) => (l.before === i ? [tail[l.after]!] : []));
    tail[i] = minutes[i]! + Math.max(0, ...after);
  }
  const horizon = minutes.reduce((sum, m) => sum + m, 0);
  const used = gear.map(() => new Int32Array(horizon + 1));
  const ends = new Array<number>(n).fill(-1);
  let best = horizon;
  const go = (done: number, length: number, lastStart: number) => {
    if (done === n) {
      best = Math.min(best, length);
      return;
    }
    const open = tasks.flatMap((_, i) =>
      ends[i]! < 0 && preds[i]!.every((p) => ends[p]! >= 0) ? [i] : [],
    );
    for (const i of open) {
      const uses = tasks[i]!.modes[0]!.uses;
      let start = Math.max(0, ...preds[i]!.map((p) => ends[p]!));
      const fits = (at: number) =>
        uses.every(({ gear: which, amount }) => {
          for (let t = at; t < at + minutes[i]!; t += 1) {
            if (used[which]![t]! + amount > gear[which]!.capacity) return false;
          }
          return true;
        });
      while (!fits(start)) start += 1;
      // Every schedule is also made by taking tasks in the order of their starts.
      if (start < lastStart || start + tail[i]! >= best) continue;
      const end = start + minutes[i]!;
      for (const { gear: which, amount } of uses) {
        for (let t = start; t < end; t += 1) used[which]![t]! += amount;
      }
      ends[i] = end;
      go(done + 1, Math.max(length, end), start);
      ends[i] = -1;
      for (const { gear: which, amount } of uses) {
        for (let t = start; t < end; t += 1) used[which]![t]! -= amount;
      }
    }
  };
  go(0, 0, 0);
  return best;
}

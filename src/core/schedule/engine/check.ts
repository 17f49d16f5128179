import { emptyProfile, mostTaken, take } from './profile';
import { attendedIn, endOf, type Problem, type Schedule } from './problem';

/** A hard limit that a schedule breaks. */
export type Breach =
  | {
      readonly kind: 'order' | 'wait';
      readonly task: number;
      readonly other: number;
      /** Minutes too soon, or too long waited. */
      readonly by: number;
    }
  | { readonly kind: 'early' | 'late'; readonly task: number; readonly by: number }
  /** Fewer hands than roles. */
  | { readonly kind: 'nobody'; readonly task: number; readonly by: number }
  | {
      readonly kind: 'hours' | 'busy' | 'cannot';
      readonly task: number;
      readonly hand: number;
      readonly by: number;
    }
  /** More gear, or room, is taken than there is. */
  | {
      readonly kind: 'gear' | 'room';
      readonly task: number;
      readonly gear: number;
      readonly by: number;
    };

/** Minutes of one stretch that do not lie within another. */
const outside = (from: number, to: number, hours: readonly { from: number; to: number }[]) => {
  const inside = hours.reduce(
    (sum, span) => sum + Math.max(0, Math.min(to, span.to) - Math.max(from, span.from)),
    0,
  );
  return to - from - inside;
};

/**
 * Every hard limit that a schedule breaks, found without the scheduler's own means. What is done is not held
 * against any: it stands as it was.
 */
export function checkSchedule(problem: Problem, schedule: Schedule): Breach[] {
  const { tasks, links, hands, gear } = problem;
  const breaches: Breach[] = [];
  const end = (index: number) => endOf(problem, index, schedule[index]!);
  links.forEach(({ before, after, least, most }) => {
    if (tasks[before]!.done && tasks[after]!.done) return;
    const waits = schedule[after]!.start - end(before);
    if (waits < least) {
      breaches.push({ kind: 'order', task: after, other: before, by: least - waits });
    } else if (most !== null && waits > most) {
      breaches.push({ kind: 'wait', task: before, other: after, by: waits - most });
    }
  });
  const busy = hands.map(() => [] as { task: number; from: number; to: number }[]);
  const used = gear.map(({ hours, capacity }) => {
    const profile = emptyProfile();
    if (!hours) return profile;
    take(profile, -Infinity, Infinity, capacity);
    for (const { from, to } of hours) take(profile, from, to, -capacity);
    return profile;
  });
  tasks.forEach(({ modes, release, deadline, done }, task) => {
    const { start, mode, hands: by } = schedule[task]!;
    const to = end(task);
    if (!done && start < release) breaches.push({ kind: 'early', task, by: release - start });
    if (!done && to > deadline) breaches.push({ kind: 'late', task, by: to - deadline });
    const { roles, uses } = modes[mode]!;
    if (!done && by.length < roles.length) {
      breaches.push({ kind: 'nobody', task, by: roles.length - by.length });
    }
    by.forEach((hand, i) => {
      const { skills, hours } = hands[hand]!;
      if (!done && !skills.includes(roles[i] ?? ''))
        breaches.push({ kind: 'cannot', task, hand, by: to - start });
      const at = attendedIn(problem, task, schedule[task]!);
      const off = done ? 0 : outside(at.from, at.to, hours);
      if (off > 0) breaches.push({ kind: 'hours', task, hand, by: off });
      busy[hand]!.push({ task, ...at });
    });
    for (const { gear: which, amount } of uses) take(used[which]!, start, to, amount);
  });
  busy.forEach((spans, hand) => {
    spans.sort((a, b) => a.from - b.from || a.to - b.to);
    let last: (typeof spans)[number] | null = null;
    for (const span of spans) {
      if (last && span.from < last.to) {
        // What is done stands as it was done.
        if (!(tasks[span.task]!.done && tasks[last.task]!.done)) {
          breaches.push({ kind: 'busy', task: span.task, hand, by: last.to - span.from });
        }
      }
      if (!last || span.to > last.to) last = span;
    }
  });
  for (const { before, after, waitsIn } of links) {
    if (waitsIn) {
      take(used[waitsIn.gear]!, end(before), schedule[after]!.start, waitsIn.amount);
    }
  }
  tasks.forEach(({ modes, done }, task) => {
    if (done) return;
    const { start, mode } = schedule[task]!;
    for (const { gear: which, amount } of modes[mode]!.uses) {
      const over = mostTaken(used[which]!, start, end(task)) - gear[which]!.capacity;
      if (over > 1e-9) {
        breaches.push({ kind: 'gear', task, gear: which, by: Math.min(over, amount) });
      }
    }
  });
  for (const { before, after, waitsIn } of links) {
    if (!waitsIn || (tasks[before]!.done && tasks[after]!.done)) continue;
    const { gear: which, amount } = waitsIn;
    const over =
      mostTaken(used[which]!, end(before), schedule[after]!.start) - gear[which]!.capacity;
    if (over > 1e-9) {
      breaches.push({ kind: 'room', task: before, gear: which, by: Math.min(over, amount) });
    }
  }
  return breaches;
}

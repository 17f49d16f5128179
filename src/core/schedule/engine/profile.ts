/**
 * How much of something is taken over time: steps at `times`, each with what is taken from there to the
 * next. Changed in place, for it is written to thousands of times a second.
 */
export interface Profile {
  times: number[];
  taken: number[];
}

/** Nothing is taken. */
export const emptyProfile = (): Profile => ({ times: [-Infinity], taken: [0] });

export const copyProfile = ({ times, taken }: Profile): Profile => ({
  times: times.slice(),
  taken: taken.slice(),
});

/** The last step that begins at or before a time. */
function stepAt({ times }: Profile, time: number): number {
  let [low, high] = [0, times.length - 1];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (times[middle]! <= time) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** Makes a step begin at a time, and gives its place. */
function cutAt(profile: Profile, time: number): number {
  const at = stepAt(profile, time);
  if (profile.times[at] === time) return at;
  profile.times.splice(at + 1, 0, time);
  profile.taken.splice(at + 1, 0, profile.taken[at]!);
  return at + 1;
}

/** Takes so much from one time to another. */
export function take(profile: Profile, from: number, to: number, amount: number): void {
  if (to <= from || amount === 0) return;
  const first = cutAt(profile, from);
  const after = to === Infinity ? profile.times.length : cutAt(profile, to);
  for (let i = first; i < after; i += 1) profile.taken[i]! += amount;
}

/**
 * Where the last stretch begins, between two times, in which more is taken than leaves room; null when there
 * is room all along.
 * @param room what may be taken already for it to fit
 */
export function lastBlocked(
  profile: Profile,
  from: number,
  to: number,
  room: number,
): number | null {
  if (to <= from) return null;
  const { times, taken } = profile;
  let at = stepAt(profile, to);
  if (times[at]! >= to) at -= 1;
  for (; at >= 0; at -= 1) {
    if (taken[at]! > room) {
      while (at > 0 && taken[at - 1]! > room) at -= 1;
      return times[at]!;
    }
    if (times[at]! <= from) return null;
  }
  return null;
}

/** The most that is taken between two times. */
export function mostTaken(profile: Profile, from: number, to: number): number {
  if (to <= from) return 0;
  const { times, taken } = profile;
  let at = stepAt(profile, from);
  let most = taken[at]!;
  for (at += 1; at < times.length && times[at]! < to; at += 1) most = Math.max(most, taken[at]!);
  return most;
}

import type { Timetable } from '@/core/schedule/timetable/timetable';

const DAY_MIN = 1440;
const HOUR = 60;

/** A stretch of the clock that is drawn, minutes of the day's clock. */
export interface LaneScale {
  readonly fromMin: number;
  readonly toMin: number;
}

/** Days on which anything is done, by their number from the first. */
export function daysWorked({ tasks }: Pick<Timetable, 'tasks'>): number[] {
  const days = new Set(
    tasks.flatMap(({ fromMin, toMin }) => [
      Math.floor(fromMin / DAY_MIN),
      Math.floor((toMin - 1) / DAY_MIN),
    ]),
  );
  return [...days].sort((a, b) => a - b);
}

/** The hours of one day in which anything is done, whole ones, at least six of them. */
export function scaleOf({ tasks }: Pick<Timetable, 'tasks'>, day: number): LaneScale {
  const [midnight, next] = [day * DAY_MIN, (day + 1) * DAY_MIN];
  const on = tasks.filter(({ fromMin, toMin }) => fromMin < next && toMin > midnight);
  const first = Math.min(next, ...on.map(({ fromMin }) => Math.max(midnight, fromMin)));
  const last = Math.max(midnight, ...on.map(({ toMin }) => Math.min(next, toMin)));
  const fromMin = Math.floor((first - 10) / HOUR) * HOUR;
  return { fromMin, toMin: Math.max(fromMin + 6 * HOUR, Math.ceil((last + 10) / HOUR) * HOUR) };
}

/** How far along the drawing a minute is, 0 to 100 on it. */
export const along = ({ fromMin, toMin }: LaneScale, minute: number): number =>
  (100 * (minute - fromMin)) / (toMin - fromMin);

/** A bar's place, cut to the drawing; null where it is not on it. */
export function barPlace(
  scale: LaneScale,
  from: number,
  to: number,
): { readonly left: string; readonly width: string } | null {
  const left = Math.max(0, along(scale, from));
  const right = Math.min(100, along(scale, to));
  return right > left ? { left: `${left}%`, width: `${right - left}%` } : null;
}

/** Every hour of the drawing. */
export const hoursOf = ({ fromMin, toMin }: LaneScale): number[] =>
  Array.from({ length: Math.floor((toMin - fromMin) / HOUR) + 1 }, (_, i) => fromMin + i * HOUR);

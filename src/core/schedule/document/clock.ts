import * as z from 'zod';

const DAY_MIN = 1440;

/** A moment of the kitchen's own clock, as 2026-11-27T19:00: no zone, for a kitchen has one. */
export const localMoment = (label: string) =>
  z
    .string({ error: `${label} must be a moment as 2026-11-27T19:00` })
    .regex(/^\d{4}-\d{2}-\d{2}T([01]\d|2[0-3]):[0-5]\d$/, {
      error: `${label} must be a moment as 2026-11-27T19:00`,
    })
    .refine((text) => !Number.isNaN(minuteOf(text, '1970-01-01')), {
      error: `${label} must be a day there is`,
    });

/** A time of the day, as 19:00. */
export const timeOfDay = (label: string) =>
  z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, { error: `${label} must be a time as 19:00` });

/** A day, as 2026-11-27. */
export const dayOf = (label: string) =>
  z.iso.date({ error: `${label} must be a day as 2026-11-27` });

/**
 * Minutes from the midnight a day begins with to a moment of the same clock; NaN when there is no such day.
 * @example minuteOf('2026-11-27T19:00', '2026-11-27') // 1140
 */
export function minuteOf(moment: string, date: string): number {
  const ms = Date.parse(`${moment}:00Z`);
  // A day that is not in the calendar runs over into the next month.
  if (!Number.isFinite(ms) || new Date(ms).toISOString().slice(0, 16) !== moment) return NaN;
  return Math.round((ms - Date.parse(`${date}T00:00:00Z`)) / 60_000);
}

/**
 * The moment so many minutes after the midnight a day begins with.
 * @example momentAt(1140, '2026-11-27') // '2026-11-27T19:00'
 */
export const momentAt = (minute: number, date: string): string =>
  new Date(Date.parse(`${date}T00:00:00Z`) + Math.round(minute) * 60_000)
    .toISOString()
    .slice(0, 16);

/** The day so many days after another. @example dayAfter('2026-11-27', 1) // '2026-11-28' */
export const dayAfter = (date: string, days: number): string =>
  momentAt(days * DAY_MIN, date).slice(0, 10);

/**
 * A stretch of time in words.
 * @example spanText(95) // '1 h 35'
 */
export function spanText(minutes: number): string {
  const whole = Math.round(Math.abs(minutes));
  if (whole < 60) return `${whole} min`;
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  return rest ? `${hours} h ${String(rest).padStart(2, '0')}` : `${hours} h`;
}

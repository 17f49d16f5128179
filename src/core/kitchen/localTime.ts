import * as z from 'zod';

const formats = new Map<string, Intl.DateTimeFormat>();

/** One format a zone, in the shape of an ISO moment: making one costs more than using it a thousand times. */
function formatIn(timeZone: string): Intl.DateTimeFormat {
  const made =
    formats.get(timeZone) ??
    new Intl.DateTimeFormat('sv-SE', { timeZone, dateStyle: 'short', timeStyle: 'short' });
  formats.set(timeZone, made);
  return made;
}

/**
 * A moment by the clock on a kitchen's wall.
 * @param timeZone a name of the time zone database
 * @throws RangeError when there is no such zone; {@link timeZoneSchema} never lets one in
 * @example localMomentIn(new Date('2026-12-02T00:30:00Z'), 'America/Bogota') // '2026-12-01T19:30'
 */
export const localMomentIn = (at: Date, timeZone: string): string =>
  formatIn(timeZone).format(at).replace(' ', 'T');

/**
 * The day on a kitchen's calendar.
 * @example dayIn(new Date('2026-12-02T00:30:00Z'), 'America/Bogota') // '2026-12-01'
 */
export const dayIn = (at: Date, timeZone: string): string =>
  localMomentIn(at, timeZone).slice(0, 10);

/** The zone of the machine that runs this: a kitchen's own where it is not said. */
export const systemZone = (): string => new Intl.DateTimeFormat().resolvedOptions().timeZone;

function isTimeZone(name: string): boolean {
  try {
    return Boolean(new Intl.DateTimeFormat('en', { timeZone: name }));
  } catch {
    return false;
  }
}

export const timeZoneSchema = z
  .string({ error: 'Time zone must be text' })
  .max(60)
  .refine(isTimeZone, { error: 'Time zone must be one such as Europe/Oslo' });

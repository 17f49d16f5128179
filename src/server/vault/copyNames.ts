/** Why a copy was made. */
export const COPY_KINDS = ['daily', 'by-hand', 'before-restoring'] as const;

export type CopyKind = (typeof COPY_KINDS)[number];

/** A copy beside the kitchen's file. */
export interface Copy {
  /** The file's name, without its folder. */
  readonly name: string;
  readonly kind: CopyKind;
  /** When it was made, ISO 8601. */
  readonly at: string;
}

/**
 * The name of a copy, which says all that is known of it.
 * @example copyName('daily', new Date('2026-11-24T05:06:07Z')) // '2026-11-24-050607-daily.db'
 */
export function copyName(kind: CopyKind, at: Date): string {
  const [day, time] = at.toISOString().split(/[T.]/);
  return `${day}-${time!.replaceAll(':', '')}-${kind}.db`;
}

const NAME = new RegExp(
  `^(\\d{4}-\\d\\d-\\d\\d)-(\\d\\d)(\\d\\d)(\\d\\d)-(${COPY_KINDS.join('|')})\\.db$`,
);

/** Reads a copy's name; null for any other name. */
export function readCopyName(name: string): Copy | null {
  const [, day, hours, minutes, seconds, kind] = NAME.exec(name) ?? [];
  if (!day) return null;
  const at = `${day}T${hours}:${minutes}:${seconds}.000Z`;
  return Number.isNaN(Date.parse(at)) ? null : { name, kind: kind as CopyKind, at };
}

/** Days whose copies are kept, and weeks before them of which one is. */
const DAYS_KEPT = 7;
const WEEKS_KEPT = 4;
/** Copies made before restoring, and by hand: so many of each. */
const OTHERS_KEPT = 10;

const DAY_MS = 24 * 60 * 60 * 1000;

/** The week a day is in, counted from a Monday long ago. */
const weekOf = (at: string): number => Math.floor((Date.parse(at.slice(0, 10)) / DAY_MS + 3) / 7);

/** Whether a copy says that it was made later than it now is: a clock was wrong, then or now. */
const isAhead = ({ at }: Copy, now: Date): boolean => Date.parse(at) > now.getTime() + DAY_MS;

/** Copies in the order of a list, the newest first; those from ahead of the clock at the end. */
export const newestFirst = <C extends Copy>(copies: readonly C[], now: Date): C[] =>
  [...copies].sort(
    (a, b) => Number(isAhead(a, now)) - Number(isAhead(b, now)) || b.at.localeCompare(a.at),
  );

/**
 * Which copies have had their time: of the daily ones the newest seven stay, and of the four weeks before
 * those the newest of each; of each other kind the newest ten. Copies from ahead of the clock push out none of
 * these: of them, too, the newest ten stay.
 */
export function copiesToRemove(copies: readonly Copy[], now: Date): string[] {
  const latest = newestFirst(copies, now).filter((copy) => !isAhead(copy, now));
  const of = (kind: CopyKind) => latest.filter((copy) => copy.kind === kind);
  const older = of('daily').slice(DAYS_KEPT);
  const weeks = new Map<number, Copy>();
  for (const copy of older) if (!weeks.has(weekOf(copy.at))) weeks.set(weekOf(copy.at), copy);
  const weekly = new Set([...weeks.values()].slice(0, WEEKS_KEPT));
  return [
    ...older.filter((copy) => !weekly.has(copy)),
    ...of('by-hand').slice(OTHERS_KEPT),
    ...of('before-restoring').slice(OTHERS_KEPT),
    ...newestFirst(copies, now)
      .filter((copy) => isAhead(copy, now))
      .slice(OTHERS_KEPT),
  ].map(({ name }) => name);
}

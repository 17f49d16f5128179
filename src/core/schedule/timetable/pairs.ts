import type { Timed, Timetable } from './timetable';

/** Who they are on a day's lists. */
export const PAIRS = 'The pairs';

/** What the pairs of a day's classes do, in the order of the clock. */
export const pairsTasks = ({ tasks }: Pick<Timetable, 'tasks'>): readonly Timed[] =>
  tasks
    .filter(({ kind }) => kind === 'pairsRoll' || kind === 'pairsFill')
    .sort((a, b) => a.fromMin - b.fromMin || a.name.localeCompare(b.name));

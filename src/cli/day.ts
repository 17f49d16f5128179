/** The command that puts a day on the clock. */
import type { Basis } from '../core/basis/basis';
import type { DayFile } from '../core/formats/dayFile';
import { readySooner } from '../core/schedule/engine/ready';
import { handsCurve } from '../core/schedule/timetable/handsCurve';
import { mendsFor } from '../core/schedule/timetable/mends';
import { solveDay } from '../core/schedule/timetable/solveDay';
import { timetableFile } from '../core/schedule/timetable/timetable';

/** A day's timetable as JSON: what stands when, how much sooner all could be ready, what would mend it, how many hands it wants. */
export function dayResult({ day, plans }: DayFile, basis: Basis): object {
  const { work, timetable } = solveDay(day, plans, basis);
  return {
    ...timetableFile(work, timetable),
    readySoonerMin: readySooner(work.problem, timetable.feasible),
    mends: mendsFor(day, plans, basis).map(({ day: _, ...mend }) => mend),
    hands: handsCurve(day, plans, basis),
  };
}

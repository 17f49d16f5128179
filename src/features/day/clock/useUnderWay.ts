'use client';

import { useMemo } from 'react';
import type { Progress } from '@/core/schedule/tasks/taskList';
import { doneIn, type ServiceRun } from '@/core/schedule/live/progress';
import type { DayMark } from '@/core/schedule/document/marks';
import type { OnClock } from './useTimetable';
import { minuteOfDay } from './useProgress';

/** Now is taken to this, minutes: the rest of the day is not solved anew every minute. */
const NOW_STEP_MIN = 5;

/**
 * What of a planned day is done by now, and where the rest stood: what the rest is solved around. Null while
 * nothing has begun.
 */
export function useUnderWay(
  planned: OnClock | null,
  {
    marks,
    runs,
    now,
  }: { marks: readonly DayMark[]; runs: readonly ServiceRun[]; now: Date | null },
  timeZone?: string,
): Progress | null {
  const date = planned?.work.day.date ?? '';
  const nowMin =
    now && date ? Math.floor(minuteOfDay(now, date, timeZone) / NOW_STEP_MIN) * NOW_STEP_MIN : null;
  return useMemo(() => {
    if (!planned || nowMin === null) return null;
    const stood = new Map(
      planned.timetable.tasks.map(({ id, fromMin, toMin, people }) => [
        id,
        { start: fromMin, hands: people.length, people, minutes: toMin - fromMin },
      ]),
    );
    const done = doneIn(planned.work, {
      marks,
      runs,
      nowMin,
      toMinute: (iso) => minuteOfDay(new Date(iso), date, timeZone),
      stood,
    });
    if (done.size === 0) return null;
    return { nowMin, done, stood };
  }, [planned, marks, runs, nowMin, date, timeZone]);
}

'use client';

import { useEffect, useState } from 'react';
import { coolingAdvice } from '@/core/filling/coolingText';
import type { Day } from '@/core/schedule/document/day';
import type { Mend } from '@/core/schedule/timetable/mends';
import type { Timetable } from '@/core/schedule/timetable/timetable';
import type { DayQuestion } from '@/workers/day.worker';
import { useUnits } from '@/ui/units/UnitsContext';
import { Button } from '@/ui/buttons/Button';
import { dayClient } from './clock/dayClient';

/** What doesn't fit, and the smallest changes that make it fit, each tried and quoted. */
export function TroubleList({
  timetable: { breaches, troubles, slowCooling, short },
  question,
  settled,
  underWay,
  onTake,
}: {
  timetable: Timetable;
  question: DayQuestion;
  /** The search is over: what is broken stays broken. */
  settled: boolean;
  /** What is being done is not planned anew: it is said how late it is. */
  underWay: boolean;
  onTake(day: Day, says: string): void;
}) {
  const [mends, setMends] = useState<{ of: Day; found: readonly Mend[] } | null>(null);
  // What the first tries of a page that opens leave broken is mended by the next: it is told once they are over.
  const [tells, setTells] = useState(settled);
  if (settled && !tells) setTells(true);
  const here = mends?.of === question.day ? mends.found : null;
  useEffect(() => {
    if (!settled || underWay || here || breaches.length === 0) return;
    let mine = true;
    void dayClient()
      .then((worker) => worker.mends(question))
      .then((found) => mine && found && setMends({ of: question.day, found }))
      .catch(() => mine && setMends({ of: question.day, found: [] }));
    return () => {
      mine = false;
    };
  }, [settled, underWay, here, breaches.length, question]);
  const { text } = useUnits();
  const says = [
    ...troubles,
    ...slowCooling.map(({ name, cooling }) => `${name}, filling: ${coolingAdvice(cooling, text)}`),
    ...short.map(
      ({ name, needsG, haveG }) =>
        `${name}: the doughs take ${text(needsG, 'g')}, and there is ${text(haveG, 'g')}.`,
    ),
    ...breaches.slice(0, 6).map((breach) => breach.says),
  ];
  if (!tells || says.length === 0) return null;
  return (
    <section
      aria-label="What doesn’t fit"
      className="mt-4 grid gap-5 border-l-4 border-brick pl-4 md:grid-cols-2"
    >
      <div>
        <h2 className="font-display text-lead font-semibold">What doesn’t fit</h2>
        <ul className="mt-1 grid gap-1.5">
          {says.map((each) => (
            <li key={each}>{each}</li>
          ))}
        </ul>
        {breaches.length > 6 && <p className="text-ink-dim">and {breaches.length - 6} more.</p>}
      </div>
      {breaches.length > 0 && !underWay && (
        // Room for the two that most days need: the clock below stays where it is once they are found.
        <div className="no-print min-h-[11.5rem] md:min-h-[7.9rem]">
          <h2 className="font-display text-lead font-semibold">Ways to make it fit</h2>
          {!here && <p className="mt-1 text-ink-dim">Trying changes, one at a time…</p>}
          {here?.length === 0 && (
            <p className="mt-1">No one or two changes are enough. Serve later, or make less.</p>
          )}
          <ul className="mt-1 grid gap-2">
            {here?.map((mend) => (
              <li key={mend.id} className="flex flex-wrap items-center gap-2">
                <Button onClick={() => onTake(mend.day, mend.says)}>{mend.says}</Button>
                <span className="text-small text-ink-dim">
                  {mend.enough ? 'then it fits' : `not enough alone: ${mend.breaches} left`}
                </span>
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

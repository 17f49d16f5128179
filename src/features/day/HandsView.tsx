'use client';

import { useEffect, useState } from 'react';
import { spanText } from '@/core/schedule/document/clock';
import type { HandsCurve, WithHands } from '@/core/schedule/timetable/handsCurve';
import type { DayQuestion } from '@/workers/day.worker';
import { dayClient } from './clock/dayClient';
import { DataTable } from '@/ui/lists/DataTable';

/** How long the day takes with one, two, three people and more, and where another pair stops helping. */
export function HandsView({ question }: { question: DayQuestion }) {
  const [curve, setCurve] = useState<{ of: DayQuestion['day']; found: HandsCurve | null } | null>(
    null,
  );
  const here = curve?.of === question.day ? curve : null;
  useEffect(() => {
    if (here || question.day.services.length === 0) return;
    let mine = true;
    const keep = (found: HandsCurve | null) => mine && setCurve({ of: question.day, found });
    void dayClient()
      .then((worker) => worker.hands(question))
      .then((found) => found && keep(found))
      .catch(() => keep(null));
    return () => {
      mine = false;
    };
  }, [here, question]);
  if (question.day.services.length === 0) return <p>Nothing is on this day yet.</p>;
  if (!here) return <p className="text-ink-dim">Trying it with fewer hands and with more…</p>;
  if (!here.found) return <p role="alert">It could not be worked out. Try again in a while.</p>;
  const { points, enough } = here.found;
  const most = Math.max(...points.map(({ lengthMin }) => lengthMin), 1);
  return (
    <div>
      <p className="max-w-prose text-lead">{handsText(points, enough)}</p>
      <DataTable
        className="mt-3 w-full max-w-[46rem]"
        caption="How long the day takes, by how many work on it"
        headUnseen
        rows={points}
        keyOf={({ people }) => String(people)}
        rowClassName={() => 'border-t-0'}
        columns={[
          {
            id: 'people',
            head: 'People',
            names: true,
            className: 'w-24 py-1 whitespace-nowrap',
            cell: ({ people }) => (
              <b>
                {people} {people === 1 ? 'person' : 'people'}
              </b>
            ),
          },
          {
            id: 'length',
            head: 'From first to last',
            className: 'py-1',
            cell: (point) => (
              <span
                className={`flex min-h-8 items-center rounded-sm px-2 text-[0.875rem] font-semibold whitespace-nowrap text-[#1c2422] ${
                  point.feasible ? '' : 'border-[1.5px] border-dashed border-brick'
                }`}
                style={{
                  width: `${Math.max(12, (100 * point.lengthMin) / most)}%`,
                  background: point.feasible
                    ? point.people === enough
                      ? 'var(--verdict-holds)'
                      : 'var(--dough)'
                    : 'var(--verdict-fails)',
                }}
              >
                {spanText(point.lengthMin)}
              </span>
            ),
          },
          {
            id: 'ready',
            head: 'Ready',
            className: 'w-44 py-1 pl-3',
            cellClassName: 'text-small',
            cell: (point) => readyText(point),
          },
        ]}
      />
      <p className="mt-2 max-w-prose text-small text-ink-dim">
        From the first task to the last plate, nights counted. Those beyond the day’s own people can
        do everything and are there whenever anybody is.
      </p>
    </div>
  );
}

/** Where another pair of hands stops helping, in words. */
function handsText(points: readonly WithHands[], enough: number): string {
  if (points.every(({ feasible }) => !feasible)) {
    return 'More hands alone do not make it possible: something else is short.';
  }
  if (enough === points.at(-1)!.people && points.length > 1) {
    return `Every pair of hands helps, up to ${enough} at least.`;
  }
  return enough === 1
    ? 'One pair of hands is enough: another makes it hardly shorter.'
    : `${enough} pairs of hands are enough: another makes it hardly shorter.`;
}

function readyText({ feasible, soonerMin }: WithHands): string {
  if (feasible)
    return soonerMin && soonerMin > 0 ? `${spanText(soonerMin)} in hand` : 'just in time';
  return soonerMin === null ? 'not to be done' : `${spanText(soonerMin)} too late`;
}

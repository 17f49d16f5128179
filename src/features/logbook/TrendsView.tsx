'use client';

import type { ReactNode } from 'react';
import type { Finding } from '@/core/log/findings';
import type { Month } from '@/core/log/trends';
import { FINISH_NAMES } from '@/core/shapes/finish';
import { WAY_IDS, WAYS } from '@/core/run/ways';
import { later } from '@/ui/layout/later';
import { useUnits } from '@/ui/units/UnitsContext';
import { DataTable } from '@/ui/lists/DataTable';

/** Drawn after the page: each stands in room of its height, so that nothing below is pushed away as it comes. */
const TrendChart = later(() => import('./TrendCharts'));

/** How it goes: what the evidence says in words, then month by month. */
export function TrendsView({
  months,
  findings,
}: {
  months: readonly Month[];
  findings: readonly Finding[];
}) {
  const { text } = useUnits();
  const share = (value: number | null) => (value === null ? '' : text(value, 'share'));
  const ways = WAY_IDS.filter((way) => months.some(({ lost }) => (lost[way] ?? 0) > 0));
  return (
    <div className="mt-5 grid gap-8">
      <section aria-label="What the evidence says">
        {findings.length === 0 ? (
          <p className="max-w-prose text-lead">
            Nothing yet that the batches show beyond chance. Change one thing at a time, and count.
          </p>
        ) : (
          <ul className="grid gap-2">
            {findings.slice(0, 4).map((finding) => (
              <li
                key={`${finding.planId}${finding.since.what}`}
                className="max-w-prose border-l-4 border-dough-edge pl-3 text-lead"
              >
                {findingText(finding, text)}
              </li>
            ))}
          </ul>
        )}
      </section>
      <Trend
        title="Pieces lost, by what was seen"
        head={['Month', 'Batches', ...ways.map((way) => WAYS[way].name)]}
        rows={months.map(({ month, runs, lost }) => [
          month,
          String(runs),
          ...ways.map((way) => share(lost[way] ?? 0)),
        ])}
      >
        <div className="min-h-[244px]">
          <TrendChart which="lost" months={months} />
        </div>
      </Trend>
      <Trend
        title="How far the plan was off, a piece"
        head={['Month', 'Dough', 'Filling']}
        rows={months.map(({ month, doughOff, fillingOff }) => [
          month,
          share(doughOff),
          share(fillingOff),
        ])}
      >
        <div className="min-h-[220px]">
          <TrendChart which="off" months={months} />
        </div>
      </Trend>
      {months.some(({ minutesAPiece }) => minutesAPiece !== null) && (
        <Trend
          title="Seconds a piece takes"
          head={['Month', 'Seconds']}
          rows={months.map(({ month, minutesAPiece }) => [
            month,
            minutesAPiece === null ? '' : (minutesAPiece * 60).toFixed(1),
          ])}
        >
          <div className="min-h-[200px]">
            <TrendChart which="pace" months={months} />
          </div>
        </Trend>
      )}
    </div>
  );
}

function findingText(
  { plan, since, before, after, runsBefore, runsAfter, sure }: Finding,
  text: ReturnType<typeof useUnits>['text'],
): string {
  const to =
    since.what === 'finish'
      ? `the edge is closed with: ${FINISH_NAMES[since.to as keyof typeof FINISH_NAMES].toLowerCase()}`
      : since.what === 'doseG'
        ? `the dose is ${text(Number(since.to), 'g')}`
        : `the sheet is ${text(Number(since.to), 'mm')}`;
  const fell = after < before ? 'fell' : 'rose';
  return `${plan}: pieces lost ${fell} from ${text(before, 'share')} to ${text(after, 'share')} since ${to} (${runsBefore} ${runsBefore === 1 ? 'batch' : 'batches'} before, ${runsAfter} since; ${Math.floor(sure * 100)} in 100 sure it is no chance).`;
}

function Trend({
  title,
  head,
  rows,
  children,
}: {
  title: string;
  head: readonly string[];
  rows: readonly (readonly string[])[];
  children: ReactNode;
}) {
  return (
    <figure>
      <figcaption className="mb-2 text-lead">
        <b>{title}</b>
      </figcaption>
      {children}
      <details>
        <summary className="min-h-[44px] py-2 text-small">Show as table</summary>
        <DataTable
          className="text-small"
          caption={title}
          rows={rows}
          keyOf={([first]) => first!}
          columns={head.map((each, i) => ({
            id: each,
            head: each,
            names: i === 0,
            className: `py-1 pr-4 ${i === 0 ? 'whitespace-nowrap' : ''}`,
            cell: (row: readonly string[]) => row[i],
          }))}
        />
      </details>
    </figure>
  );
}

'use client';

import { Link } from '@/ui/layout/Link';
import type { RunSummary } from '@/core/run/summary';
import { WAY_IDS, WAYS } from '@/core/run/ways';
import type { FigureUnit } from '@/core/working/working';
import { FINISH_NAMES } from '@/core/shapes/finish';
import type { RunRow } from '@/server/repositories/runs';
import { Moment } from '@/ui/text/Moment';
import { useUnits } from '@/ui/units/UnitsContext';
import { DataTable } from '@/ui/lists/DataTable';

type Line = readonly [name: string, of: (summary: RunSummary) => number | null, unit: FigureUnit];

const LINES: readonly Line[] = [
  ['Pieces', ({ pieces }) => pieces, 'count'],
  ['Lost', ({ pieces, lost }) => (pieces > 0 ? lost / pieces : null), 'share'],
  ['Dose planned', ({ planned }) => planned.doseG, 'g'],
  ['Dose as it came', ({ doseG }) => doseG, 'g'],
  ['Sheet planned', ({ planned }) => planned.thicknessMm, 'mm'],
  ['Sheet as it came', ({ thicknessMm }) => thicknessMm, 'mm'],
  ['Dough made', ({ planned }) => planned.doughG, 'g'],
  ['Dough left', ({ doughLeftG }) => doughLeftG, 'g'],
  ['Filling made', ({ planned }) => planned.fillingG, 'g'],
  ['Filling left', ({ fillingLeftG }) => fillingLeftG, 'g'],
  ['Time a piece', ({ minutesAPiece }) => minutesAPiece, 'min'],
];

/** A figure of two batches. */
type Beside = readonly [name: string, one: string, other: string];

const differs = ([, one, other]: Beside): boolean => one !== other;

/** Two batches beside each other; what differs is marked. */
export function BesideView({ a, b }: { a: RunRow; b: RunRow }) {
  const { text } = useUnits();
  const words = (value: number | null, unit: FigureUnit) =>
    value === null ? 'not taken' : text(value, unit);
  const rows: readonly Beside[] = [
    ...LINES.map(
      ([name, of, unit]) => [name, words(of(a.summary), unit), words(of(b.summary), unit)] as const,
    ),
    ['Edge', FINISH_NAMES[a.summary.planned.finish], FINISH_NAMES[b.summary.planned.finish]],
    ...WAY_IDS.filter((way) => a.summary.burst[way] + b.summary.burst[way] > 0).map(
      (way) =>
        [WAYS[way].name, String(a.summary.burst[way]), String(b.summary.burst[way])] as const,
    ),
    ['Note', a.summary.note || '–', b.summary.note || '–'],
  ];
  return (
    <DataTable
      className="mt-5 w-full"
      caption="Side by side"
      rows={rows}
      keyOf={([name]) => name}
      rowClassName={() => 'align-top'}
      columns={[
        {
          id: 'figure',
          head: 'Figure',
          unseen: true,
          names: true,
          className: 'py-1.5 pr-4',
          cellClassName: 'text-ink-dim',
          cell: (row) => (
            <>
              {differs(row) && <span aria-hidden>≠ </span>}
              {differs(row) && <span className="sr-only">differs: </span>}
              {row[0]}
            </>
          ),
        },
        ...[a, b].map(({ id, madeOn, summary }, i) => ({
          id,
          headClassName: 'min-w-[9rem] align-bottom',
          className: 'py-1.5 pr-4',
          head: (
            <>
              <Link className="link font-semibold" href={`/logbook/${id}`}>
                {summary.planned.name}
              </Link>
              <span className="block">
                <Moment at={madeOn} />
                {summary.cooks.length > 0 && `, ${summary.cooks.join(' and ')}`}
              </span>
            </>
          ),
          cell: (row: Beside) => (
            <span className={differs(row) ? 'font-semibold' : ''}>{row[i + 1]}</span>
          ),
        })),
      ]}
    />
  );
}

'use client';

import type { Comparison } from '@/core/log/compareLog';
import { useUnits } from '@/ui/units/UnitsContext';
import { DataTable } from '@/ui/lists/DataTable';

/** Planned against actual: two bars a line to one scale, and the difference in words. */
export function PlannedActual({ rows }: { rows: readonly Comparison[] }) {
  const { text } = useUnits();
  return (
    <DataTable
      className="mt-2 w-full"
      headUnseen
      rows={rows}
      keyOf={({ key }) => key}
      rowClassName={() => 'border-t-0 align-middle'}
      columns={[
        {
          id: 'figure',
          head: 'Figure',
          names: true,
          className: 'w-[6.6rem] py-1 pr-2 sm:w-[9.5rem]',
          cell: ({ label }) => label,
        },
        {
          id: 'both',
          head: 'Planned and actual',
          className: 'py-1',
          cell: (row) => {
            const most = Math.max(row.planned, row.actual, 1e-9);
            return (
              <span className="grid grid-cols-[minmax(0,1fr)_4.2rem] items-center gap-x-2 text-small leading-tight sm:grid-cols-[minmax(0,1fr)_5.2rem]">
                <Bar share={row.planned / most} fill="var(--board-rule)" />
                <span className="text-ink-dim">
                  <span className="sr-only">planned </span>
                  {text(row.planned, row.unit)}
                </span>
                <Bar share={row.actual / most} fill={judge(row).colour} />
                <span className="font-semibold">
                  <span className="sr-only">actual </span>
                  {text(row.actual, row.unit)}
                </span>
              </span>
            );
          },
        },
        {
          id: 'difference',
          head: 'Difference',
          right: true,
          className: 'w-[6rem] py-1 pl-2 sm:w-[7.5rem]',
          cellClassName: 'text-small',
          cell: (row) => {
            const { word, colour } = judge(row);
            return <span style={{ color: colour }}>{word}</span>;
          },
        },
      ]}
    />
  );
}

const Bar = ({ share, fill }: { share: number; fill: string }) => (
  <span
    aria-hidden
    className="block h-2.5 rounded-sm"
    style={{ width: `${Math.max(0.6, share * 100)}%`, background: fill }}
  />
);

/** Within this share of the plan it is as planned. */
const SAME = 0.03;

/** Differences smaller than this are nothing at a bench, by unit. */
const NOTHING: Partial<Record<Comparison['unit'], number>> = {
  g: 0.3,
  share: 0.01,
  count: 1,
  mm: 0.03,
};

function judge({ planned, actual, unit, more }: Comparison): { word: string; colour: string } {
  const gap = actual - planned;
  const perPiece = unit === 'g' && Math.max(planned, actual) < 30 ? 0.1 : (NOTHING[unit] ?? 0);
  if (Math.abs(gap) <= Math.max(perPiece, Math.abs(planned) * SAME)) {
    return { word: '✓ as planned', colour: 'var(--verdigris)' };
  }
  const word = gap > 0 ? 'more' : 'less';
  const bad = more === 'either' || (more === 'good') === gap < 0;
  return bad
    ? { word: `▲ ${word}`, colour: 'var(--ochre)' }
    : { word: `✓ ${word}`, colour: 'var(--verdigris)' };
}

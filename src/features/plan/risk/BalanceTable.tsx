'use client';

import { useState } from 'react';
import type { MarginMap } from '@/core/risk/marginMap';
import { MARGIN_IDS } from '@/core/risk/margins';
import { useUnits } from '@/ui/units/UnitsContext';
import { MAP_AXES } from './mapAxes';
import { MARGIN_NAMES, spareWords } from '../marginWords';
import { capital } from '../words';
import { DataTable } from '@/ui/lists/DataTable';

/** Every so many columns of the map. */
const EVERY = 8;

type MapLine = MarginMap['lines'][number];

/** What the map draws, in words: up it, a row each; along it, a column each. */
export function BalanceTable({ map }: { map: MarginMap }) {
  const { text } = useUnits();
  const [open, setOpen] = useState(false);
  const axes = MAP_AXES[map.kind];
  const rows: readonly MapLine[] = map.lines.length
    ? map.lines
    : map.ys.filter((_, i) => i % EVERY === EVERY / 2).map((y) => ({ label: '', y }));
  const columns = map.xs.map((_, i) => i).filter((i) => i % EVERY === EVERY / 2);
  const nearest = (mm: number) =>
    map.ys.reduce(
      (best, each, i) => (Math.abs(each - mm) < Math.abs(map.ys[best]! - mm) ? i : best),
      0,
    );
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-[44px] py-2">The map as a table</summary>
      {open && (
        <DataTable
          className="w-full text-small"
          rows={rows}
          keyOf={({ y }) => String(y)}
          rowClassName={() => 'align-top'}
          columns={[
            {
              id: 'y',
              head: capital(axes.y.name),
              names: true,
              className: 'py-1 pr-2 whitespace-nowrap',
              cell: ({ label, y }: MapLine) => (
                <b>
                  {label && `${label}, `}
                  {text(y, axes.y.unit)}
                </b>
              ),
            },
            ...columns.map((k) => ({
              id: String(k),
              head: text(map.xs[k]!, axes.x.unit),
              className: 'py-1 pr-2',
              cell: ({ y }: MapLine) => {
                const at = nearest(y) * map.xs.length + k;
                const id = MARGIN_IDS[map.weakest[at]!]!;
                return `${MARGIN_NAMES[id]}, ${spareWords(id, map.margin[at]!)}`;
              },
            })),
          ]}
        />
      )}
    </details>
  );
}

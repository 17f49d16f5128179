'use client';

import {
  Bar,
  BarChart,
  CartesianGrid,
  LabelList,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import type { LogEntry } from '@/core/log/logEntry';
import { DataTable } from '@/ui/lists/DataTable';

/** Share burst, batch by batch, oldest first. */
export default function BurstChart({ entries }: { entries: readonly LogEntry[] }) {
  const rows = [...entries].reverse().map(({ madeOn, pieces, burst }) => ({
    day: madeOn.slice(5),
    burst: pieces > 0 ? Math.round((1000 * burst) / pieces) / 10 : 0,
  }));
  return (
    <figure className="mt-4">
      <figcaption className="mb-1">Burst, % of each batch</figcaption>
      <div className="h-[170px] overflow-hidden contain-inline-size" aria-hidden>
        <ResponsiveContainer width="100%" height="100%">
          <BarChart
            data={rows}
            margin={{ top: 20, right: 8, bottom: 0, left: -18 }}
            accessibilityLayer={false}
          >
            <CartesianGrid vertical={false} stroke="var(--board-line)" />
            <XAxis
              dataKey="day"
              tick={{ fill: 'var(--ink-dim)', fontSize: 13 }}
              stroke="var(--board-rule)"
              tickLine={false}
            />
            <YAxis
              tick={{ fill: 'var(--ink-dim)', fontSize: 13 }}
              stroke="transparent"
              allowDecimals={false}
            />
            <Bar
              dataKey="burst"
              fill="var(--dough-edge)"
              stroke="var(--draw)"
              maxBarSize={52}
              isAnimationActive={false}
            >
              <LabelList dataKey="burst" position="top" fill="var(--ink)" fontSize={14} />
            </Bar>
          </BarChart>
        </ResponsiveContainer>
      </div>
      <details>
        <summary className="min-h-[44px] py-2 text-small">Show as table</summary>
        <DataTable
          className="w-full max-w-[20rem] text-small"
          rows={rows}
          keyOf={(_row, index) => String(index)}
          columns={[
            { id: 'day', head: 'Day', names: true, cell: ({ day }) => day },
            { id: 'burst', head: 'Burst, %', right: true, cell: ({ burst }) => burst },
          ]}
        />
      </details>
    </figure>
  );
}

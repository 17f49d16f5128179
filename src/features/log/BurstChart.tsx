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

/** Share burst, batch by batch, oldest first. */
export default function BurstChart({ entries }: { entries: readonly LogEntry[] }) {
  const rows = [...entries].reverse().map(({ madeOn, pieces, burst }) => ({
    day: madeOn.slice(5),
    burst: pieces > 0 ? Math.round((1000 * burst) / pieces) / 10 : 0,
  }));
  return (
    <figure className="mt-4">
      <figcaption className="mb-1">Burst, % of each batch</figcaption>
      <div className="h-[170px]" aria-hidden>
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
        <summary className="min-h-[44px] py-2 text-small">The same as a table</summary>
        <table className="w-full max-w-[20rem] text-small">
          <thead>
            <tr className="text-left text-ink-dim">
              <th scope="col">Day</th>
              <th scope="col" className="text-right">
                Burst, %
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ day, burst }, index) => (
              <tr key={index} className="border-t border-board-line">
                <th scope="row" className="text-left font-normal">
                  {day}
                </th>
                <td className="text-right">{burst}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </figure>
  );
}

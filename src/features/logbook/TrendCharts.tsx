'use client';

import {
  Bar,
  BarChart,
  CartesianGrid,
  Line,
  LineChart,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import type { Month } from '@/core/log/trends';
import { WAY_IDS, WAYS, type WayId } from '@/core/run/ways';

/** Each cause has a fill and a pattern of its own. */
const FILLS: Readonly<Partial<Record<WayId, string>>> = {
  lip: 'var(--brick)',
  popped: 'var(--ochre)',
  torn: 'var(--dough-edge)',
  wet: 'var(--verdigris)',
  stuck: 'var(--board-rule)',
  unsaid: 'var(--board-line)',
};

const axis = { tick: { fill: 'var(--ink-dim)', fontSize: 13 }, tickLine: false } as const;

const percent = (share: number | null): number | null =>
  share === null ? null : Math.round(share * 1000) / 10;

const CHARTS = { lost: LostChart, off: OffChart, pace: PaceChart };

/** One trend, drawn; its table stands behind it. */
export default function TrendChart({
  which,
  months,
}: {
  which: keyof typeof CHARTS;
  months: readonly Month[];
}) {
  const Chart = CHARTS[which];
  return <Chart months={months} />;
}

/** Share lost by cause, month by month. */
function LostChart({ months }: { months: readonly Month[] }) {
  const ways = WAY_IDS.filter((way) => months.some(({ lost }) => (lost[way] ?? 0) > 0));
  const rows = months.map(({ month, lost }) => ({
    month,
    ...Object.fromEntries(ways.map((way) => [way, percent(lost[way] ?? 0)])),
  }));
  return (
    <>
      <div className="h-[220px] overflow-hidden contain-inline-size" aria-hidden>
        <ResponsiveContainer width="100%" height="100%">
          <BarChart
            data={rows}
            margin={{ top: 8, right: 8, bottom: 0, left: -12 }}
            accessibilityLayer={false}
          >
            <CartesianGrid vertical={false} stroke="var(--board-line)" />
            <XAxis dataKey="month" stroke="var(--board-rule)" {...axis} />
            <YAxis stroke="transparent" unit=" %" {...axis} />
            {ways.map((way) => (
              <Bar
                key={way}
                dataKey={way}
                stackId="lost"
                fill={FILLS[way] ?? 'var(--board-rule)'}
                stroke="var(--draw)"
                maxBarSize={56}
                isAnimationActive={false}
              />
            ))}
          </BarChart>
        </ResponsiveContainer>
      </div>
      <ul className="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-small" aria-hidden>
        {ways.map((way) => (
          <li key={way} className="flex items-center gap-1.5">
            <span
              className="inline-block size-3 border border-ink"
              style={{ background: FILLS[way] ?? 'var(--board-rule)' }}
            />
            {WAYS[way].name}
          </li>
        ))}
      </ul>
    </>
  );
}

/** How far predictions were off, month by month: dough solid, filling dashed. */
function OffChart({ months }: { months: readonly Month[] }) {
  const rows = months.map(({ month, doughOff, fillingOff }) => ({
    month,
    dough: percent(doughOff),
    filling: percent(fillingOff),
  }));
  return (
    <>
      <Lines rows={rows} unit=" %" keys={['dough', 'filling']} />
      <p className="text-small" aria-hidden>
        dough ──── filling ╌╌╌╌
      </p>
    </>
  );
}

/** Minutes a piece takes, month by month. */
function PaceChart({ months }: { months: readonly Month[] }) {
  const rows = months.map(({ month, minutesAPiece }) => ({
    month,
    pace: minutesAPiece === null ? null : Math.round(minutesAPiece * 600) / 10,
  }));
  return <Lines rows={rows} unit=" s" keys={['pace']} />;
}

function Lines({
  rows,
  unit,
  keys,
}: {
  rows: readonly object[];
  unit: string;
  keys: readonly string[];
}) {
  return (
    <div className="h-[200px] overflow-hidden contain-inline-size" aria-hidden>
      <ResponsiveContainer width="100%" height="100%">
        <LineChart
          data={[...rows]}
          margin={{ top: 8, right: 8, bottom: 0, left: -12 }}
          accessibilityLayer={false}
        >
          <CartesianGrid vertical={false} stroke="var(--board-line)" />
          <XAxis dataKey="month" stroke="var(--board-rule)" {...axis} />
          <YAxis stroke="transparent" unit={unit} {...axis} />
          {keys.map((key, i) => (
            <Line
              key={key}
              dataKey={key}
              stroke={i === 0 ? 'var(--ink)' : 'var(--verdigris)'}
              strokeWidth={2.5}
              {...(i > 0 && { strokeDasharray: '6 4' })}
              dot={{ r: 4, fill: 'var(--board)' }}
              connectNulls
              isAnimationActive={false}
            />
          ))}
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}

'use client';

import { useState } from 'react';
import type { MarginMap } from '@/core/risk/marginMap';
import { Choice } from '@/ui/fields/Choice';
import { useUnits } from '@/ui/units/UnitsContext';
import { useView } from '@/ui/layout/ViewContext';
import { chartBox } from './chartBox';
import { MAP_AXES } from './mapAxes';

/** Margins above this are drawn no higher. */
const TOP = 3;

/** The map cut through the plan's own point, along it or up it: where it falls below what holds. */
export function BalanceSlice({ map }: { map: MarginMap }) {
  const { text } = useUnits();
  const { box, ...drawn } = chartBox(useView(), { top: 10, height: 90, foot: 42 });
  const [open, setOpen] = useState(false);
  const [way, setWay] = useState<'x' | 'y'>('x');
  const axes = MAP_AXES[map.kind];
  const axis = axes[way];
  const along = way === 'x' ? map.xs : map.ys;
  const nearest = (values: readonly number[], to: number) =>
    values.reduce(
      (best, each, i) => (Math.abs(each - to) < Math.abs(values[best]! - to) ? i : best),
      0,
    );
  const fixed = way === 'x' ? nearest(map.ys, map.own.y) : nearest(map.xs, map.own.x);
  const marginAt = (i: number) =>
    way === 'x' ? map.margin[fixed * map.xs.length + i]! : map.margin[i * map.xs.length + fixed]!;
  const [from, to] = [along[0]!, along.at(-1)!];
  const x = (value: number) => box.left + (box.width * (value - from)) / (to - from);
  const y = (margin: number) => box.top + box.height * (1 - Math.min(TOP, margin) / TOP);
  const gives = along.find((_, i) => i > 0 && marginAt(i - 1) >= 1 && marginAt(i) < 1);
  const holds = along.find((_, i) => i > 0 && marginAt(i - 1) < 1 && marginAt(i) >= 1);
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-[44px] py-2">Cut through your point</summary>
      {open && (
        <>
          <div className="max-w-[420px]">
            <Choice
              label="Cut along"
              hideLabel
              value={way}
              onChange={(value: 'x' | 'y') => setWay(value)}
              options={[
                { value: 'x', label: `Along ${axes.x.name}` },
                { value: 'y', label: `Along ${axes.y.name}` },
              ]}
            />
          </div>
          <svg
            viewBox={`0 0 ${drawn.width} ${drawn.height}`}
            className="mt-2 w-full max-w-[640px]"
            aria-hidden
          >
            <rect
              x={box.left}
              y={y(1)}
              width={box.width}
              height={box.top + box.height - y(1)}
              fill="var(--verdict-fails)"
              opacity={0.75}
            />
            <path
              d={`M${box.left} ${y(1)}h${box.width}`}
              stroke="var(--brick)"
              strokeWidth={2}
              strokeDasharray="6 4"
            />
            <polyline
              points={along
                .map((value, i) => `${x(value).toFixed(1)},${y(marginAt(i)).toFixed(1)}`)
                .join(' ')}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={2.5}
            />
            <circle
              cx={x(map.own[way])}
              cy={y(map.own.margin)}
              r={7}
              fill="var(--verdict-holds)"
              stroke="var(--verdict-ink)"
              strokeWidth={3}
            />
            <g fontSize={13} fill="var(--ink)">
              <text x={box.left - 6} y={y(1) + 4} textAnchor="end">
                gives
              </text>
              <text x={box.left} y={drawn.height - 18}>
                {text(from, axis.unit)}
              </text>
              <text x={box.left + box.width} y={drawn.height - 18} textAnchor="end">
                {text(to, axis.unit)} {axis.name}
              </text>
            </g>
          </svg>
          <p>
            {gives !== undefined && `It gives from ${text(gives, axis.unit)} of ${axis.name} on. `}
            {holds !== undefined && `It holds from ${text(holds, axis.unit)} of ${axis.name} on.`}
            {gives === undefined &&
              holds === undefined &&
              (marginAt(0) >= 1 ? 'It holds all the way.' : 'It gives all the way.')}
          </p>
        </>
      )}
    </details>
  );
}

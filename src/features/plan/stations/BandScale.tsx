'use client';

import type { Working } from '@/core/working/working';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';

export interface Zone {
  readonly from: number;
  readonly to: number;
  readonly name: string;
  readonly fill: string;
}

const W = 600;
const PAD = 6;

/** Where a figure stands on a scale of named zones. */
export function BandScale({
  working,
  says,
  zones,
  unit,
}: {
  working: Working;
  says: string;
  zones: readonly Zone[];
  unit: 'share';
}) {
  const { text } = useUnits();
  const from = zones[0]?.from ?? 0;
  const to = zones[zones.length - 1]?.to ?? 1;
  const x = (at: number) =>
    PAD + ((W - 2 * PAD) * (Math.min(to, Math.max(from, at)) - from)) / (to - from);
  return (
    <section>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3>{working.label}</h3>
        <p>
          <span className="numeral text-figure">
            <Figure working={working} />
          </span>{' '}
          <span>{says}</span>
        </p>
      </div>
      <svg viewBox={`0 0 ${W} 58`} aria-hidden className="mt-1 block w-full">
        {zones.map((zone) => (
          <g key={zone.name}>
            <rect
              x={x(zone.from)}
              width={x(zone.to) - x(zone.from)}
              y={14}
              height={16}
              fill={zone.fill}
              stroke="var(--board-rule)"
            />
            <text
              x={(x(zone.from) + x(zone.to)) / 2}
              y={47}
              textAnchor="middle"
              fontSize={14}
              fill="var(--ink-dim)"
            >
              {zone.name}
            </text>
          </g>
        ))}
        <path d={`M${x(working.value) - 8} 2h16l-8 12z`} fill="var(--ink)" />
        <line
          x1={x(working.value)}
          x2={x(working.value)}
          y1={12}
          y2={31}
          stroke="var(--ink)"
          strokeWidth={2}
        />
      </svg>
      <p className="sr-only">
        {text(working.value, unit)}: {says}
      </p>
    </section>
  );
}

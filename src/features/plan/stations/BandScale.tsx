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
  const place = (Math.min(to, Math.max(from, working.value)) - from) / (to - from);
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
      <div aria-hidden className="relative mt-1 pt-3.5">
        <div className="flex">
          {zones.map((zone) => (
            <span
              key={zone.name}
              className="min-w-0"
              style={{ width: `${(100 * (zone.to - zone.from)) / (to - from)}%` }}
            >
              <span
                className="-mr-px block h-4 border border-board-rule"
                style={{ background: zone.fill }}
              />
              <span className="flex justify-center pt-0.5 text-small whitespace-nowrap text-ink-dim">
                {zone.name}
              </span>
            </span>
          ))}
        </div>
        <svg
          viewBox="-8 0 16 32"
          width={16}
          height={32}
          className="absolute top-0 -translate-x-1/2"
          style={{ left: `${100 * place}%` }}
        >
          <path d="M-8 2h16l-8 12z" fill="var(--ink)" />
          <line y1={12} y2={31} stroke="var(--ink)" strokeWidth={2} />
        </svg>
      </div>
      <p className="sr-only">
        {text(working.value, unit)}: {says}
      </p>
    </section>
  );
}

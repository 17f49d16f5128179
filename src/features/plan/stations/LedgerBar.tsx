'use client';

import type { Working } from '@/core/working/working';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';

/** A mass and where it goes, as one bar to scale with its parts named below. */
export function LedgerBar({
  title,
  total,
  parts,
}: {
  title: string;
  total: Working;
  parts: readonly { name: string; of: Working; fill: string }[];
}) {
  const { text } = useUnits();
  const shown = parts.filter((part) => part.of.value > 0.05);
  return (
    <section>
      <h3 className="mb-2 flex items-baseline justify-between">
        {title}
        <span className="numeral text-lead">
          <Figure working={total}>{text(total.value, 'g')}</Figure>
        </span>
      </h3>
      <div
        aria-hidden
        className="flex h-9 forced-color-adjust-none overflow-hidden rounded border-[1.5px] border-[var(--draw)]"
      >
        {shown.map(({ name, of, fill }) => (
          <div
            key={name}
            style={{ flexGrow: of.value, background: fill }}
            className="min-w-[2px] border-r border-[var(--draw)] last:border-r-0"
          />
        ))}
      </div>
      <ul className="mt-2 flex flex-wrap gap-x-5 gap-y-1">
        {shown.map(({ name, of, fill }) => (
          <li key={name} className="flex items-center gap-1.5">
            <span
              aria-hidden
              className="h-3 w-3 rounded-sm forced-color-adjust-none border border-[var(--draw)]"
              style={{ background: fill }}
            />
            {name}{' '}
            <b>
              <Figure working={of}>{text(of.value, 'g')}</Figure>
            </b>
          </li>
        ))}
      </ul>
    </section>
  );
}

'use client';

import { useState } from 'react';
import type { MarginMap } from '@/core/risk/marginMap';
import { MARGIN_IDS } from '@/core/risk/margins';
import { useUnits } from '@/ui/units/UnitsContext';
import { MAP_AXES } from './mapAxes';
import { MARGIN_NAMES, spareWords } from '../marginWords';
import { capital } from '../words';

/** Every so many columns of the map. */
const EVERY = 8;

/** What the map draws, in words: up it, a row each; along it, a column each. */
export function BalanceTable({ map }: { map: MarginMap }) {
  const { text } = useUnits();
  const [open, setOpen] = useState(false);
  const axes = MAP_AXES[map.kind];
  const rows = map.lines.length
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
        <div className="overflow-x-auto">
          <table className="w-full border-collapse text-small">
            <thead>
              <tr>
                <th scope="col" className="pr-2 text-left font-normal text-ink-dim">
                  {capital(axes.y.name)}
                </th>
                {columns.map((k) => (
                  <th key={k} scope="col" className="pr-2 text-left font-normal text-ink-dim">
                    {text(map.xs[k]!, axes.x.unit)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map(({ label, y }) => (
                <tr key={y} className="border-t border-board-line align-top">
                  <th scope="row" className="py-1 pr-2 text-left whitespace-nowrap">
                    {label && `${label}, `}
                    {text(y, axes.y.unit)}
                  </th>
                  {columns.map((k) => {
                    const at = nearest(y) * map.xs.length + k;
                    const id = MARGIN_IDS[map.weakest[at]!]!;
                    return (
                      <td key={k} className="py-1 pr-2">
                        {MARGIN_NAMES[id]}, {spareWords(id, map.margin[at]!)}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </details>
  );
}

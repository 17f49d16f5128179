'use client';

import { useState } from 'react';
import type { BalanceMap } from '@/core/risk/balanceMap';
import { MARGIN_IDS } from '@/core/risk/margins';
import { useUnits } from '@/ui/units/UnitsContext';
import { MARGIN_NAMES, spareWords } from '../marginWords';

/** Every so many columns of the map. */
const EVERY = 8;

/** What the map draws, in words: the dial's steps down, doses across. */
export function BalanceTable({ map }: { map: BalanceMap }) {
  const { text } = useUnits();
  const [open, setOpen] = useState(false);
  const columns = map.doseG.map((_, i) => i).filter((i) => i % EVERY === EVERY / 2);
  const nearest = (mm: number) =>
    map.thicknessMm.reduce(
      (best, each, i) => (Math.abs(each - mm) < Math.abs(map.thicknessMm[best]! - mm) ? i : best),
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
                  Dial
                </th>
                {columns.map((k) => (
                  <th key={k} scope="col" className="pr-2 text-left font-normal text-ink-dim">
                    {text(map.doseG[k]!, 'g')}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {map.dial.map(({ label, mm }) => (
                <tr key={label} className="border-t border-board-line align-top">
                  <th scope="row" className="py-1 pr-2 text-left whitespace-nowrap">
                    {label}, {text(mm, 'mm')}
                  </th>
                  {columns.map((k) => {
                    const at = nearest(mm) * map.doseG.length + k;
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

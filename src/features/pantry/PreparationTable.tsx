'use client';

import type { Preparation } from '@/core/composition/ingredient';
import { useUnits } from '@/ui/units/UnitsContext';

/** Preparations: what is left of a weight, and where the rest went. */
export function PreparationTable({
  rows,
  own,
  onOpen,
}: {
  rows: readonly Preparation[];
  own: ReadonlySet<string>;
  onOpen(row: Preparation): void;
}) {
  const { text } = useUnits();
  if (!rows.length)
    return <p className="py-6">Nothing by that name. “New preparation” adds one.</p>;
  return (
    <div className="overflow-x-auto">
      <table className="w-full">
        <thead>
          <tr className="border-b-[1.5px] border-board-rule text-small text-ink-dim">
            <th className="px-2 py-2 text-left font-normal">Preparation</th>
            <th className="px-2 text-right font-normal">Weight after</th>
            <th className="px-2 text-right font-normal">Solids lost</th>
            <th className="px-2 text-right font-normal max-sm:hidden">Drip, of the water lost</th>
            <th className="px-2 text-left font-normal max-md:hidden">For</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.id} className="border-b border-board-line hover:bg-band">
              <th scope="row" className="px-2 text-left font-normal">
                <button
                  type="button"
                  className="flex min-h-[44px] items-center gap-2 text-left"
                  onClick={() => onOpen(row)}
                >
                  {row.name}
                  {own.has(row.id) && (
                    <span className="rounded border border-board-rule px-1 text-small">yours</span>
                  )}
                </button>
              </th>
              <td className="px-2 text-right">{text(row.massYield, 'share')}</td>
              <td className="px-2 text-right">{text(row.solidsLost, 'share')}</td>
              <td className="px-2 text-right max-sm:hidden">{text(row.liquorShare, 'share')}</td>
              <td className="px-2 text-small text-ink-dim max-md:hidden">
                {row.appliesTo.includes('any') ? 'anything' : `${row.appliesTo.length} ingredients`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

'use client';

import { useUnits } from '@/ui/units/UnitsContext';

/** What to weigh out for this batch: the recipe scaled to what the pieces need. */
export function BatchTable({
  title,
  scale,
  rows,
  totalG,
}: {
  title: string;
  scale: number;
  rows: readonly { id: string; name: string; note?: string; g: number }[];
  totalG: number;
}) {
  const { text } = useUnits();
  return (
    <section>
      <h3 className="flex items-baseline justify-between gap-3">
        {title}
        <span className="text-small font-normal text-ink-dim">
          your recipe × {scale.toFixed(2)}
        </span>
      </h3>
      <table className="mt-1 w-full">
        <tbody>
          {rows.map((row, index) => (
            <tr key={`${row.id}${index}`} className="border-b border-board-line">
              <th scope="row" className="py-1.5 text-left font-normal">
                {row.name}
                {row.note && <span className="text-ink-dim">, {row.note}</span>}
              </th>
              <td className="numeral py-1.5 text-right text-lead whitespace-nowrap">
                {text(row.g, 'g')}
              </td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr>
            <th scope="row" className="py-1.5 text-left">
              In all, ready to use
            </th>
            <td className="numeral py-1.5 text-right text-lead whitespace-nowrap">
              {text(totalG, 'g')}
            </td>
          </tr>
        </tfoot>
      </table>
    </section>
  );
}

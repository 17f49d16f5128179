'use client';

import { partWorking } from '@/core/plan/workings/parts';
import type { Working } from '@/core/working/working';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';

/** What to weigh out for this batch: the recipe scaled to what the pieces need. */
export function BatchTable({
  title,
  scale,
  rows,
  total,
}: {
  title: string;
  scale: Working;
  rows: readonly { id: string; name: string; note?: string; recipeG: number; g: number }[];
  total: Working;
}) {
  const { text } = useUnits();
  return (
    <section>
      <h3 className="flex items-baseline justify-between gap-3">
        {title}
        <span className="text-small font-normal text-ink-dim">
          your recipe × <Figure working={scale} />
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
                <Figure working={partWorking(row, scale.value)}>{text(row.g, 'g')}</Figure>
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
              <Figure working={total}>{text(total.value, 'g')}</Figure>
            </td>
          </tr>
        </tfoot>
      </table>
    </section>
  );
}

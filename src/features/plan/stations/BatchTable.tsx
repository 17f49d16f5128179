'use client';

import { partWorking, type WeighedLine } from '@/core/plan/workings/weighed';
import type { Working } from '@/core/working/working';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { DataTable } from '@/ui/lists/DataTable';

/** Less than this no kitchen scale shows; it comes of making eggs whole. */
const isWeighable = ({ g, recipeG }: WeighedLine) => g >= 0.05 || recipeG > 0;

/** What to weigh out for this batch: the recipe scaled to what the pieces need. */
export function BatchTable({
  title,
  scale,
  rows,
  total,
  wholeEggs = false,
}: {
  title: string;
  scale: Working;
  rows: readonly (WeighedLine & { id: string; note?: string })[];
  total: Working;
  /** Eggs were made to come out whole. */
  wholeEggs?: boolean;
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
      <DataTable
        className="mt-1 w-full"
        headUnseen
        rows={rows.filter(isWeighable)}
        keyOf={({ id }, index) => `${id}${index}`}
        columns={[
          {
            id: 'what',
            head: 'What',
            names: true,
            className: 'py-1.5',
            cell: ({ name, count, note }) => (
              <>
                {name}
                {count && (
                  <b>
                    , {count.n} {count.word}
                    {count.n === 1 ? '' : 's'}
                  </b>
                )}
                {note && <span className="text-ink-dim">, {note}</span>}
              </>
            ),
          },
          {
            id: 'weight',
            head: 'Weight',
            right: true,
            className: 'py-1.5 whitespace-nowrap',
            cellClassName: 'numeral text-lead',
            cell: (row) => (
              <Figure working={partWorking(row, scale.value, wholeEggs)}>{text(row.g, 'g')}</Figure>
            ),
          },
        ]}
        foot={
          <tr className="border-t border-board-line">
            <th scope="row" className="py-1.5 text-left">
              In all, ready to use
            </th>
            <td className="numeral py-1.5 text-right text-lead whitespace-nowrap">
              <Figure working={total}>{text(total.value, 'g')}</Figure>
            </td>
          </tr>
        }
      />
    </section>
  );
}

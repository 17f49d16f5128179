'use client';

import type { Preparation } from '@/core/composition/ingredient';
import { useUnits } from '@/ui/units/UnitsContext';
import { OrderedTable } from '@/ui/lists/OrderedTable';

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
    <OrderedTable
      caption="Preparations"
      rows={rows}
      keyOf={({ id }) => id}
      rowClassName={() => 'hover:bg-band'}
      columns={[
        {
          id: 'name',
          head: 'Preparation',
          names: true,
          className: 'px-2',
          order: ({ name }) => name.toLowerCase(),
          cell: (row) => (
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
          ),
        },
        {
          id: 'after',
          head: 'Weight after',
          right: true,
          className: 'px-2',
          order: ({ massYield }) => massYield,
          cell: ({ massYield }) => text(massYield, 'share'),
        },
        {
          id: 'lost',
          head: 'Solids lost',
          right: true,
          className: 'px-2',
          order: ({ solidsLost }) => solidsLost,
          cell: ({ solidsLost }) => text(solidsLost, 'share'),
        },
        {
          id: 'drip',
          head: 'Drip, of the water lost',
          right: true,
          className: 'px-2 max-sm:hidden',
          order: ({ liquorShare }) => liquorShare,
          cell: ({ liquorShare }) => text(liquorShare, 'share'),
        },
        {
          id: 'for',
          head: 'For',
          className: 'px-2 max-md:hidden',
          cellClassName: 'text-small text-ink-dim',
          cell: ({ appliesTo }) =>
            appliesTo.includes('any') ? 'anything' : `${appliesTo.length} ingredients`,
        },
      ]}
    />
  );
}

'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import type { Ingredient } from '@/core/composition/ingredient';
import { useUnits } from '@/ui/units/UnitsContext';

const COLUMNS = [
  { key: 'name', label: 'Ingredient', align: 'text-left' },
  { key: 'group', label: 'Group', align: 'text-left max-md:hidden' },
  { key: 'water', label: 'Water', align: 'text-right' },
  { key: 'protein', label: 'Protein', align: 'text-right max-sm:hidden' },
  { key: 'fat', label: 'Fat', align: 'text-right max-sm:hidden' },
  { key: 'carbohydrate', label: 'Carbohydrate', align: 'text-right max-md:hidden' },
  { key: 'holding', label: 'Holds', align: 'text-right max-md:hidden' },
  { key: 'allergens', label: 'Allergens', align: 'text-left max-sm:hidden' },
] as const;

type Key = (typeof COLUMNS)[number]['key'];

/** One set of column widths for the head and every row. */
const GRID =
  'grid grid-cols-[minmax(0,1fr)_5rem] gap-x-3 sm:grid-cols-[minmax(0,1fr)_4.5rem_4.5rem_4rem_9rem] md:grid-cols-[minmax(0,1fr)_8rem_4.5rem_4.5rem_4rem_6.5rem_4rem_9rem]';

const ROW_PX = 48;

/** Ingredients as a table that stays quick at thousands: only the rows in sight are drawn. */
export function IngredientTable({
  rows,
  own,
  onOpen,
}: {
  rows: readonly Ingredient[];
  own: ReadonlySet<string>;
  onOpen(row: Ingredient): void;
}) {
  const { text } = useUnits();
  const [sort, setSort] = useState<{ key: Key; down: boolean } | null>(null);
  const scroller = useRef<HTMLDivElement>(null);
  const sorted = useMemo(
    () => (sort ? [...rows].sort(by(sort.key, sort.down)) : rows),
    [rows, sort],
  );
  const list = useVirtualizer({
    count: sorted.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 12,
    initialRect: { width: 1000, height: 700 },
  });
  return (
    <div>
      <div role="table" aria-label="Ingredients" aria-rowcount={sorted.length + 1}>
        <div
          role="row"
          aria-rowindex={1}
          className={`${GRID} border-b-[1.5px] border-board-rule px-2`}
        >
          {COLUMNS.map(({ key, label, align }) => (
            <span
              key={key}
              role="columnheader"
              aria-sort={sort?.key === key ? (sort.down ? 'descending' : 'ascending') : 'none'}
              className={align}
            >
              <button
                type="button"
                className="inline-flex min-h-[44px] min-w-[44px] items-center gap-1 text-small text-ink-dim hover:text-ink"
                onClick={() =>
                  setSort({ key, down: sort?.key === key ? !sort.down : key !== 'name' })
                }
              >
                {label}
                {sort?.key === key &&
                  (sort.down ? (
                    <ArrowDown size={14} aria-hidden />
                  ) : (
                    <ArrowUp size={14} aria-hidden />
                  ))}
              </button>
            </span>
          ))}
        </div>
        <div ref={scroller} className="max-h-[max(300px,calc(100dvh-360px))] overflow-y-auto">
          <div role="rowgroup" className="relative" style={{ height: list.getTotalSize() }}>
            {list.getVirtualItems().map(({ index, start }) => {
              const row = sorted[index]!;
              return (
                <div
                  key={row.id}
                  role="row"
                  aria-rowindex={index + 2}
                  className={`${GRID} absolute inset-x-0 top-0 items-center border-b border-board-line px-2 hover:bg-band`}
                  style={{ height: ROW_PX, transform: `translateY(${start}px)` }}
                >
                  <span role="cell" className="min-w-0">
                    <button
                      type="button"
                      className="flex min-h-[44px] w-full items-center gap-2 text-left leading-tight"
                      onClick={() => onOpen(row)}
                    >
                      <span className="truncate">{row.name}</span>
                      {own.has(row.id) && (
                        <span className="rounded border border-board-rule px-1 text-small">
                          yours
                        </span>
                      )}
                    </button>
                  </span>
                  <span role="cell" className="truncate text-ink-dim max-md:hidden">
                    {row.group.replace('-', ' ')}
                  </span>
                  <Cell>{text(row.water, 'share')}</Cell>
                  <Cell from="sm">{text(row.protein, 'share')}</Cell>
                  <Cell from="sm">{text(row.fat, 'share')}</Cell>
                  <Cell from="md">{text(row.carbohydrate, 'share')}</Cell>
                  <Cell from="md">{row.holding > 0 ? row.holding.toFixed(1) : '–'}</Cell>
                  <span role="cell" className="truncate text-small max-sm:hidden">
                    {row.allergens.join(', ')}
                  </span>
                </div>
              );
            })}
          </div>
        </div>
      </div>
      {sorted.length === 0 && (
        <p className="px-2 py-6">Nothing by that name. “New ingredient” adds one.</p>
      )}
      <p className="pt-2 text-small text-ink-dim">
        {sorted.length} {sorted.length === 1 ? 'ingredient' : 'ingredients'}. Holds: grams of water
        that a gram of its dry solids keeps.
      </p>
    </div>
  );
}

const Cell = ({ from, children }: { from?: 'sm' | 'md'; children: React.ReactNode }) => (
  <span
    role="cell"
    className={`text-right whitespace-nowrap ${from === 'sm' ? 'max-sm:hidden' : from === 'md' ? 'max-md:hidden' : ''}`}
  >
    {children}
  </span>
);

const by =
  (key: Key, down: boolean) =>
  (a: Ingredient, b: Ingredient): number => {
    const [x, y] = [a[key], b[key]];
    const order =
      typeof x === 'number' && typeof y === 'number' ? x - y : String(x).localeCompare(String(y));
    return (down ? -order : order) || a.name.localeCompare(b.name);
  };

'use client';

import {
  createSortedRowModel,
  rowSortingFeature,
  tableFeatures,
  useTable,
  type ColumnDef,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import type { ReactNode } from 'react';

const features = tableFeatures({ rowSortingFeature, sortedRowModel: createSortedRowModel() });

/** One column: its head, and what it shows of a row. */
export interface DataColumn<Row> {
  readonly id: string;
  readonly head: ReactNode;
  cell(row: Row): ReactNode;
  /** Names its row, for those who hear the table. */
  readonly names?: boolean;
  /** What its head says is heard and not seen. */
  readonly unseen?: boolean;
  /** Figures stand under one another. */
  readonly right?: boolean;
  /** What its rows may be put in order by, the smallest first. */
  order?(row: Row): number | string;
  /** Of its head and every cell; of its head alone; of its cells alone. */
  readonly className?: string;
  readonly headClassName?: string;
  readonly cellClassName?: string;
}

export interface DataTableProps<Row> {
  readonly rows: readonly Row[];
  readonly columns: readonly DataColumn<Row>[];
  /** What a row is known by as the rows change. */
  keyOf(row: Row, index: number): string;
  /** What the table is, for those who hear it; where nothing above it says so. */
  readonly caption?: string;
  /** The heads are heard and not seen. */
  readonly headUnseen?: boolean;
  rowClassName?(row: Row): string;
  readonly className?: string;
  /** Rows below all others, as they are. */
  readonly foot?: ReactNode;
}

/**
 * A table: heads that say what they are of, a name to each row, and order by a tap on a head where a column has one.
 * It may be wider than its place: then it scrolls in it.
 */
export function DataTable<Row>({
  rows,
  columns,
  keyOf,
  caption,
  headUnseen = false,
  rowClassName,
  className = 'w-full',
  foot,
}: DataTableProps<Row>) {
  const table = useTable<typeof features, Row & object>({
    features,
    data: rows as readonly (Row & object)[],
    columns: columns.map(({ id, order }): ColumnDef<typeof features, Row & object> => ({
      id,
      accessorFn: (row) => order?.(row),
      enableSorting: order !== undefined,
      sortDescFirst: false,
    })),
    getRowId: (row, index) => keyOf(row, index),
  });
  const tone = 'text-small font-normal text-ink-dim';
  return (
    <div className="max-w-full min-w-0 overflow-x-auto">
      <table className={`border-collapse ${className}`}>
        {caption && <caption className="sr-only">{caption}</caption>}
        <thead className={headUnseen ? 'sr-only' : ''}>
          <tr>
            {columns.map((column) => (
              <th
                key={column.id}
                scope="col"
                aria-sort={column.order && ariaSort(table.getColumn(column.id)?.getIsSorted())}
                className={`${tone} ${column.right ? 'text-right' : 'text-left'} ${column.className ?? ''} ${column.headClassName ?? ''}`}
              >
                {column.order ? (
                  <Order
                    sorted={table.getColumn(column.id)?.getIsSorted() ?? false}
                    onTurn={() => table.getColumn(column.id)?.toggleSorting()}
                  >
                    {column.head}
                  </Order>
                ) : column.unseen ? (
                  <span className="sr-only">{column.head}</span>
                ) : (
                  column.head
                )}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.getRowModel().rows.map(({ id, original }) => (
            <tr key={id} className={`border-t border-board-line ${rowClassName?.(original) ?? ''}`}>
              {columns.map((column) => {
                const side = column.right ? 'text-right' : 'text-left';
                const classes = `${side} ${column.className ?? ''} ${column.cellClassName ?? ''}`;
                return column.names ? (
                  <th key={column.id} scope="row" className={`font-normal ${classes}`}>
                    {column.cell(original)}
                  </th>
                ) : (
                  <td key={column.id} className={classes}>
                    {column.cell(original)}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
        {foot && <tfoot>{foot}</tfoot>}
      </table>
    </div>
  );
}

type Sorted = false | 'asc' | 'desc';

const ariaSort = (sorted: Sorted | undefined) =>
  sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none';

/** A head that puts the rows in its order, then the other way round, then back as they came. */
const Order = ({
  sorted,
  onTurn,
  children,
}: {
  sorted: Sorted;
  onTurn(): void;
  children: ReactNode;
}) => (
  <button
    type="button"
    className="inline-flex min-h-[44px] items-center gap-0.5 hover:underline"
    onClick={onTurn}
  >
    {children}
    {sorted === 'asc' && <ArrowUp size={14} aria-hidden />}
    {sorted === 'desc' && <ArrowDown size={14} aria-hidden />}
  </button>
);

'use client';

import { ArrowDown, ArrowUp } from 'lucide-react';
import type { ReactNode } from 'react';

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
  /** How the rows stand by a column, where a tap on its head may order them; none where it may not. */
  orderingOf?(columnId: string): Ordering | null;
}

/** How rows are ordered by one column, and the way to the next order. */
export interface Ordering {
  readonly sorted: false | 'asc' | 'desc';
  turn(): void;
}

/**
 * A table: heads that say what they are of, and a name to each row. It may be wider than its place: then it
 * scrolls in it. Rows that a tap on a head puts in order stand in an `OrderedTable`.
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
  orderingOf,
}: DataTableProps<Row>) {
  const tone = 'text-small font-normal text-ink-dim';
  return (
    <div className="max-w-full min-w-0 overflow-x-auto">
      <table className={`border-collapse ${className}`}>
        {caption && <caption className="sr-only">{caption}</caption>}
        <thead className={headUnseen ? 'sr-only' : ''}>
          <tr>
            {columns.map((column) => {
              const ordering = orderingOf?.(column.id);
              return (
                <th
                  key={column.id}
                  scope="col"
                  aria-sort={ordering ? ARIA_SORT[String(ordering.sorted)] : undefined}
                  className={`${tone} ${column.right ? 'text-right' : 'text-left'} ${column.className ?? ''} ${column.headClassName ?? ''}`}
                >
                  {ordering ? (
                    <Order {...ordering}>{column.head}</Order>
                  ) : column.unseen ? (
                    <span className="sr-only">{column.head}</span>
                  ) : (
                    column.head
                  )}
                </th>
              );
            })}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, index) => (
            <tr
              key={keyOf(row, index)}
              className={`border-t border-board-line ${rowClassName?.(row) ?? ''}`}
            >
              {columns.map((column) => {
                const side = column.right ? 'text-right' : 'text-left';
                const classes = `${side} ${column.className ?? ''} ${column.cellClassName ?? ''}`;
                return column.names ? (
                  <th key={column.id} scope="row" className={`font-normal ${classes}`}>
                    {column.cell(row)}
                  </th>
                ) : (
                  <td key={column.id} className={classes}>
                    {column.cell(row)}
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

const ARIA_SORT: Readonly<Record<string, 'ascending' | 'descending' | 'none'>> = {
  asc: 'ascending',
  desc: 'descending',
  false: 'none',
};

/** A head that puts the rows in its order, then the other way round, then back as they came. */
const Order = ({ sorted, turn, children }: Ordering & { children: ReactNode }) => (
  <button
    type="button"
    className="inline-flex min-h-[44px] items-center gap-0.5 hover:underline"
    onClick={turn}
  >
    {children}
    {sorted === 'asc' && <ArrowUp size={14} aria-hidden />}
    {sorted === 'desc' && <ArrowDown size={14} aria-hidden />}
  </button>
);

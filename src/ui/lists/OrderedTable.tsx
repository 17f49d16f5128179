'use client';

import {
  createSortedRowModel,
  rowSortingFeature,
  tableFeatures,
  useTable,
  type ColumnDef,
} from '@tanstack/react-table';
import { DataTable, type DataColumn, type DataTableProps } from './DataTable';

const features = tableFeatures({ rowSortingFeature, sortedRowModel: createSortedRowModel() });

/** A column whose head may put the rows in order. */
export interface OrderedColumn<Row> extends DataColumn<Row> {
  /** What its rows may be put in order by, the smallest first. */
  order?(row: Row): number | string;
}

/** A `DataTable` whose rows are put in order by a tap on a head: up, down, and as they came. */
export function OrderedTable<Row>({
  columns,
  ...props
}: Omit<DataTableProps<Row>, 'columns' | 'orderingOf'> & {
  readonly columns: readonly OrderedColumn<Row>[];
}) {
  const table = useTable<typeof features, Row & object>({
    features,
    data: props.rows as readonly (Row & object)[],
    columns: columns.map(({ id, order }): ColumnDef<typeof features, Row & object> => ({
      id,
      accessorFn: (row) => order?.(row),
      enableSorting: order !== undefined,
      sortDescFirst: false,
    })),
    getRowId: (row, index) => props.keyOf(row, index),
  });
  return (
    <DataTable
      {...props}
      rows={table.getRowModel().rows.map(({ original }) => original)}
      columns={columns}
      orderingOf={(id) => {
        const column = table.getColumn(id);
        return column?.getCanSort()
          ? { sorted: column.getIsSorted(), turn: () => column.toggleSorting() }
          : null;
      }}
    />
  );
}

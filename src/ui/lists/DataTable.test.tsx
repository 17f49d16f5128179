/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { act, render, renderHook, screen, within } from '@testing-library/react';
import { DataTable, type DataColumn } from './DataTable';
import { useRowIds } from './useRowIds';

interface Pass {
  readonly setting: number;
  readonly mm: number;
}

const PASSES: readonly Pass[] = [
  { setting: 1, mm: 2.5 },
  { setting: 4, mm: 1.6 },
];
const COLUMNS: readonly DataColumn<Pass>[] = [
  { id: 'setting', head: 'Setting', names: true, cell: ({ setting }) => setting },
  { id: 'mm', head: 'Thickness', right: true, headClassName: 'wide', cell: ({ mm }) => `${mm} mm` },
];

const table = (props: Partial<Parameters<typeof DataTable<Pass>>[0]> = {}) => {
  const all = { rows: PASSES, columns: COLUMNS, keyOf: ({ setting }: Pass) => String(setting) };
  render(<DataTable {...all} {...props} />);
  return screen.getByRole('table');
};

describe('a table that nobody orders', () => {
  it('has plain heads, and a name to each row', () => {
    table();
    expect(screen.queryByRole('button')).toBeNull();
    const [setting, thickness] = screen.getAllByRole('columnheader');
    expect(setting).not.toHaveAttribute('aria-sort');
    expect(thickness).toHaveClass('text-right', 'wide');
    expect(screen.getAllByRole('rowheader').map((row) => row.textContent)).toEqual(['1', '4']);
    expect(screen.getByRole('cell', { name: '1.6 mm' })).not.toHaveClass('wide');
  });

  it('may be heard and not seen in its heads, marked in a row, and have a foot', () => {
    const all = table({
      headUnseen: true,
      rowClassName: ({ setting }) => (setting === 4 ? 'last' : ''),
      foot: (
        <tr>
          <td colSpan={2}>stop here</td>
        </tr>
      ),
    });
    expect(within(all).getAllByRole('rowgroup')[0]).toHaveClass('sr-only');
    expect(within(all).getByRole('row', { name: /^4/ })).toHaveClass('last');
    expect(within(all).getAllByRole('row').at(-1)).toHaveTextContent('stop here');
  });

  it('is empty with its heads standing', () => {
    table({ rows: [], caption: 'Passes' });
    expect(screen.getByRole('table', { name: 'Passes' })).toBeInTheDocument();
    expect(screen.getAllByRole('row')).toHaveLength(1);
  });
});

describe('ids of rows that have none', () => {
  const ids = (count: number) =>
    renderHook(({ count }) => useRowIds(count), { initialProps: { count } });

  it('stay with their rows when one before them goes', () => {
    const { result, rerender } = ids(3);
    const [first, , third] = result.current.ids;
    act(() => result.current.removed(1));
    rerender({ count: 2 });
    expect(result.current.ids).toEqual([first, third]);
  });

  it('are new for rows that come, and never used again', () => {
    const { result, rerender } = ids(2);
    const before = [...result.current.ids];
    rerender({ count: 4 });
    const grown = [...result.current.ids];
    expect(grown.slice(0, 2)).toEqual(before);
    expect(new Set(grown).size).toBe(4);
    rerender({ count: 2 });
    rerender({ count: 3 });
    expect(result.current.ids.slice(0, 2)).toEqual(before);
    expect(new Set(result.current.ids).size).toBe(3);
  });
});

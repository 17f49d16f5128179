/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { OrderedTable, type OrderedColumn } from './OrderedTable';

interface Shape {
  readonly id: string;
  readonly name: string;
  readonly pieces: number;
}

const SHAPES: readonly Shape[] = [
  { id: 'a', name: 'Round', pieces: 40 },
  { id: 'b', name: 'Square', pieces: 52 },
  { id: 'c', name: 'Bonnet', pieces: 9 },
];

const COLUMNS: readonly OrderedColumn<Shape>[] = [
  { id: 'name', head: 'Shape', names: true, order: ({ name }) => name, cell: ({ name }) => name },
  {
    id: 'pieces',
    head: 'Pieces',
    right: true,
    order: ({ pieces }) => pieces,
    cell: ({ pieces }) => pieces,
  },
  { id: 'use', head: 'Use', unseen: true, cell: () => <button type="button">Use it</button> },
];

const shown = (props: Partial<Parameters<typeof OrderedTable<Shape>>[0]> = {}) =>
  render(<OrderedTable rows={SHAPES} columns={COLUMNS} keyOf={({ id }) => id} {...props} />);
const names = () => screen.getAllByRole('rowheader').map((cell) => cell.textContent);

describe('a table', () => {
  it('has a head to every column, heard where it is not seen, and a name to every row', () => {
    shown({ caption: 'Every shape' });
    expect(screen.getByRole('table', { name: 'Every shape' })).toBeInTheDocument();
    expect(screen.getAllByRole('columnheader').map((cell) => cell.textContent)).toEqual([
      'Shape',
      'Pieces',
      'Use',
    ]);
    expect(screen.getByText('Use', { exact: true })).toHaveClass('sr-only');
    expect(names()).toEqual(['Round', 'Square', 'Bonnet']);
    const square = screen.getByRole('row', { name: /^Square/ });
    expect(within(square).getByRole('cell', { name: '52' })).toHaveClass('text-right');
  });

  it('is put in order by a tap on a head: up, down, and as the rows came', async () => {
    shown();
    const head = () => screen.getByRole('columnheader', { name: 'Pieces' });
    const tap = () => userEvent.click(screen.getByRole('button', { name: 'Pieces' }));
    expect(head()).toHaveAttribute('aria-sort', 'none');
    await tap();
    expect(names()).toEqual(['Bonnet', 'Round', 'Square']);
    expect(head()).toHaveAttribute('aria-sort', 'ascending');
    await tap();
    expect(names()).toEqual(['Square', 'Round', 'Bonnet']);
    expect(head()).toHaveAttribute('aria-sort', 'descending');
    await tap();
    expect(names()).toEqual(['Round', 'Square', 'Bonnet']);
    // Words by their letters; by keys alone.
    screen.getByRole('button', { name: 'Shape' }).focus();
    await userEvent.keyboard('{Enter}');
    expect(names()).toEqual(['Bonnet', 'Round', 'Square']);
    expect(screen.getByRole('columnheader', { name: 'Use' })).not.toHaveAttribute('aria-sort');
  });

  it('keeps its order, and where the hand is, as its rows change', async () => {
    const { rerender } = shown();
    await userEvent.click(screen.getByRole('button', { name: 'Pieces' }));
    const button = within(screen.getByRole('row', { name: /^Round/ })).getByRole('button');
    button.focus();
    const more = [{ id: 'd', name: 'Half-moon', pieces: 12 }, ...SHAPES];
    rerender(<OrderedTable rows={more} columns={COLUMNS} keyOf={({ id }) => id} />);
    expect(names()).toEqual(['Bonnet', 'Half-moon', 'Round', 'Square']);
    expect(button).toHaveFocus();
  });

  it('may have rows below all others, and no head to be seen', async () => {
    shown({
      headUnseen: true,
      foot: (
        <tr>
          <th scope="row">In all</th>
          <td>101</td>
        </tr>
      ),
    });
    expect(screen.getAllByRole('rowgroup')[0]).toHaveClass('sr-only');
    expect(screen.getAllByRole('row').at(-1)).toHaveTextContent('In all101');
  });
});

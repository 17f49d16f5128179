/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { EditableList } from './EditableList';

interface Row {
  readonly name: string;
}

function Gear({ start, least = 0 }: { start: readonly Row[]; least?: number }) {
  const [rows, setRows] = useState(start);
  return (
    <EditableList
      rows={rows}
      nameOf={({ name }) => name}
      onChange={setRows}
      least={least}
      empty={<p>None yet.</p>}
      add={(insert) => (
        <button type="button" onClick={() => insert({ name: 'fresh' })}>
          Add
        </button>
      )}
    >
      {(row, { replace, remove }) => (
        <>
          <input
            aria-label={`Name of ${row.name}`}
            value={row.name}
            onChange={(event) => replace({ name: event.target.value })}
          />
          {remove}
        </>
      )}
    </EditableList>
  );
}

const rows = [{ name: 'one' }, { name: 'two' }, { name: 'three' }];

describe('EditableList', () => {
  it('keeps the focus in a field while its row’s own name is typed', async () => {
    render(<Gear start={rows} />);
    const field = screen.getByLabelText('Name of two');
    await userEvent.type(field, ' more');
    expect(screen.getByDisplayValue('two more')).toHaveFocus();
  });

  it('takes the focus to a new row’s field', async () => {
    render(<Gear start={rows} />);
    await userEvent.click(screen.getByRole('button', { name: 'Add' }));
    expect(screen.getByLabelText('Name of fresh')).toHaveFocus();
  });

  it('takes it to the row in a removed one’s place, the last, then to what adds', async () => {
    render(<Gear start={rows} />);
    await userEvent.click(screen.getByRole('button', { name: 'Remove two' }));
    expect(screen.getByRole('button', { name: 'Remove three' })).toHaveFocus();
    await userEvent.keyboard('{Enter}');
    expect(screen.getByRole('button', { name: 'Remove one' })).toHaveFocus();
    await userEvent.keyboard('{Enter}');
    expect(screen.getByText('None yet.')).toBeVisible();
    expect(screen.getByRole('button', { name: 'Add' })).toHaveFocus();
  });

  it('lets the last that must stay rest, without losing the focus', async () => {
    render(<Gear start={rows.slice(0, 1)} least={1} />);
    const remove = screen.getByRole('button', { name: 'Remove one' });
    expect(remove).toHaveAttribute('aria-disabled', 'true');
    await userEvent.click(remove);
    expect(screen.getByDisplayValue('one')).toBeVisible();
    expect(remove).toHaveFocus();
  });
});

/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { CheckField } from './CheckField';
import { Choice } from './Choice';
import { QuantityField } from './QuantityField';
import { SelectField } from './SelectField';

describe('a choice', () => {
  const options = [
    { value: 'a', label: 'First' },
    { value: 'b', label: 'Second' },
  ];

  it('answers the finger before what holds it does, and gives way when it was refused', async () => {
    jest.useFakeTimers();
    const user = userEvent.setup({ advanceTimers: jest.advanceTimersByTime });
    render(<Choice label="Pick" value="a" options={options} onChange={() => {}} />);
    await user.click(screen.getByRole('radio', { name: 'Second' }));
    expect(screen.getByRole('radio', { name: 'Second' })).toBeChecked();
    act(() => void jest.advanceTimersByTime(2500));
    expect(screen.getByRole('radio', { name: 'First' })).toBeChecked();
    jest.useRealTimers();
  });

  it('follows what holds it', () => {
    const { rerender } = render(
      <Choice label="Pick" value="a" options={options} onChange={() => {}} />,
    );
    rerender(<Choice label="Pick" value="b" options={options} onChange={() => {}} />);
    expect(screen.getByRole('radio', { name: 'Second' })).toBeChecked();
  });
});

describe('a check and a list', () => {
  it('tell what was asked, by their names', async () => {
    const asked: unknown[] = [];
    render(
      <>
        <CheckField label="Fluted" checked={false} onChange={(on) => asked.push(on)} />
        <SelectField
          label="Flour"
          hint="as sold"
          value="x"
          options={[
            { value: 'x', label: 'Fine', group: 'Soft' },
            { value: 'y', label: 'Coarse', group: 'Hard' },
          ]}
          onChange={(value) => asked.push(value)}
        />
      </>,
    );
    await userEvent.click(screen.getByRole('checkbox', { name: 'Fluted' }));
    await userEvent.selectOptions(screen.getByLabelText('Flour'), 'Coarse');
    expect(asked).toEqual([true, 'y']);
    expect(screen.getByLabelText('Flour')).toHaveValue('y');
  });
});

function Amount({ refuse }: { refuse?: string }) {
  const [g, setG] = useState(200);
  return (
    <QuantityField
      label="Amount"
      kind="mass"
      range={{ min: 0, max: 1000, unit: 'g' }}
      value={g}
      step={10}
      extraUnits={{ eggs: 50 }}
      onChange={(next) => refuse ?? setG(next)}
    />
  );
}

describe('a quantity', () => {
  const field = () => screen.getByRole('textbox', { name: /Amount/ });

  it('is typed in any unit, nudged by arrows, and keeps the focus', async () => {
    render(<Amount />);
    await userEvent.clear(field());
    await userEvent.type(field(), '6 eggs{Enter}');
    expect(field()).toHaveValue('300');
    await userEvent.keyboard('{ArrowUp}{ArrowUp}');
    expect(field()).toHaveValue('320');
    await userEvent.keyboard('{Shift>}{ArrowDown}{/Shift}');
    expect(field()).toHaveValue('319');
    expect(field()).toHaveFocus();
  });

  it('tells its unit and its range before anything is typed', () => {
    render(<Amount />);
    expect(field()).toHaveAccessibleDescription('a number from 0 to 1000 g');
  });

  it('says what is wrong, by name and range, and loses nothing', async () => {
    render(<Amount />);
    await userEvent.clear(field());
    await userEvent.type(field(), '5 kg{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent(
      'Amount must be a number from 0 to 1000 g. Still 200 g.',
    );
    expect(field()).toHaveValue('5 kg');
    // The same again is spoken again: what says it is a new one.
    const first = screen.getByRole('alert');
    await userEvent.keyboard('{Enter}');
    expect(screen.getByRole('alert')).not.toBe(first);
    await userEvent.keyboard('{Escape}');
    expect(field()).toHaveValue('200');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('shows a refusal of what it is for', async () => {
    render(<Amount refuse="must leave some dough" />);
    await userEvent.clear(field());
    await userEvent.type(field(), '10{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent('Amount must leave some dough');
  });

  it('leaves undo to the page only while nothing is being typed', async () => {
    render(<Amount />);
    expect(field()).toHaveAttribute('data-undo', 'plan');
    await userEvent.type(field(), '7');
    expect(field()).not.toHaveAttribute('data-undo');
  });
});

describe('a choice that goes back before it has settled', () => {
  it('shows what stands, as after an undo right away', async () => {
    const options = [
      { value: 'a', label: 'A' },
      { value: 'b', label: 'B' },
    ];
    const select = (value: string) => (
      <SelectField label="Which" value={value} options={options} onChange={() => {}} />
    );
    const { rerender } = render(select('a'));
    await userEvent.selectOptions(screen.getByRole('combobox'), 'B');
    expect(screen.getByRole('combobox')).toHaveValue('b');
    rerender(select('b'));
    rerender(select('a'));
    expect(screen.getByRole('combobox')).toHaveValue('a');
  });
});

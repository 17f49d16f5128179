/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { LogEntry } from '@/core/log/logEntry';
import { US_CUSTOMARY } from '@/core/units/units';
import { takeOutLogEntry, writeLogEntry } from '@/server/actions/log';
import { UnitsProvider } from '@/ui/units/UnitsContext';
import { LogForm } from './LogForm';
import { LogPage } from './LogPage';
import { PlannedActual } from './PlannedActual';
import { dayOf } from './useLogDraft';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
}));
jest.mock('@/server/actions/log', () => ({ writeLogEntry: jest.fn(), takeOutLogEntry: jest.fn() }));
jest.mock('../bench/useToBench', () => ({ useToBench: () => jest.fn() }));
jest.mock('../shell/PlanBar', () => ({ PlanBar: () => null }));
jest.mock('./BurstChart', () => ({
  __esModule: true,
  BurstChart: () => null,
  default: () => null,
}));
const said: { text: string; undo?: () => void }[] = [];
jest.mock('@/ui/layout/say', () => ({
  say: (text: string, more?: { undo?: () => void }) => said.push({ text, ...more }),
  sayTrouble: (text: string) => said.push({ text }),
}));

const planned = { pieces: 48, thicknessMm: 0.8, doseG: 9 };
const entry: LogEntry = {
  id: '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0001',
  madeOn: '2026-11-20',
  cook: 'Maren',
  pieces: 48,
  burst: 3,
  doughLeftG: 40,
  fillingLeftG: 25,
  note: 'The corners ate hard.',
};
const field = (name: string | RegExp) => screen.getByRole('textbox', { name });
async function put(name: string | RegExp, text: string) {
  await userEvent.clear(field(name));
  if (text) await userEvent.type(field(name), text);
}
const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const sent = () =>
  jest.mocked(writeLogEntry).mock.calls.at(-1)![0] as { entry: LogEntry; again: boolean };
const form = () =>
  render(<LogForm planId="celeriac" revision={2} cooks={['Maren', 'Ivo']} planned={planned} />);

beforeEach(() => {
  jest.clearAllMocks();
  said.length = 0;
  localStorage.clear();
  jest.mocked(writeLogEntry).mockResolvedValue({ ok: true, value: undefined } as never);
  jest.mocked(takeOutLogEntry).mockResolvedValue({ ok: true, value: undefined } as never);
});

describe('writing down a batch', () => {
  it('takes what was counted, today, and leaves out what was not taken', async () => {
    form();
    await put(/^Pieces/, '48');
    await put(/^Burst/, '3');
    await userEvent.type(screen.getByRole('combobox', { name: 'Cook' }), 'Ivo');
    await tap('Save');
    await waitFor(() => expect(said[0]?.text).toBe('Written down.'));
    expect(sent()).toMatchObject({
      planId: 'celeriac',
      revision: 2,
      again: false,
      entry: { pieces: 48, burst: 3, cook: 'Ivo', madeOn: dayOf(new Date()) },
    });
    expect(sent().entry).not.toHaveProperty('thicknessMm');
    expect(field(/^Pieces/)).toHaveValue('');
  });

  it('is refused by name and range, focus on the first that is wrong, what was typed kept', async () => {
    form();
    await put(/^Pieces/, 'many');
    await put(/^Dough left/, '-5');
    await tap('Save');
    const [first] = screen.getAllByRole('alert');
    expect(first).toHaveTextContent(/^Pieces .*must be a whole number from/);
    expect(field(/^Pieces/)).toHaveFocus();
    expect(field(/^Pieces/)).toHaveValue('many');
    expect(writeLogEntry).not.toHaveBeenCalled();
  });

  it('burst no more than were made', async () => {
    form();
    await put(/^Pieces/, '10');
    await put(/^Burst/, '11');
    await tap('Save');
    expect(screen.getByRole('alert')).toHaveTextContent(
      'Burst must be a whole number from 0 to 10, the pieces made',
    );
  });

  it('asks for a day', async () => {
    form();
    await put(/^Pieces/, '10');
    await userEvent.clear(screen.getByLabelText('Day'));
    await tap('Save');
    expect(screen.getByRole('alert')).toHaveTextContent('Date must be a day');
  });

  it('shows what the kitchen refuses at its field, and else below', async () => {
    form();
    await put(/^Pieces/, '10');
    jest.mocked(writeLogEntry).mockResolvedValueOnce({
      ok: false,
      error: 'Dose must be a number from 0.1 to 200 g',
      path: 'doseG',
    });
    await tap('Save');
    expect(await screen.findByRole('alert')).toHaveTextContent(/^Dose must be/);
    expect(field(/dose/i)).toBeInvalid();
    jest.mocked(writeLogEntry).mockResolvedValueOnce({ ok: false, error: 'There is no such plan' });
    await tap('Save');
    expect(await screen.findByText('There is no such plan')).toBeVisible();
  });

  it('loses nothing where no answer comes, nor by a reload', async () => {
    jest.mocked(writeLogEntry).mockRejectedValue(new Error('no line'));
    const { unmount } = form();
    await put(/^Pieces/, '42');
    await put(/^Note/, 'Dampened with mist.');
    await tap('Save');
    expect(await screen.findByText(/What you typed is kept here; try again/)).toBeVisible();
    const { id } = sent().entry;
    unmount();
    form();
    expect(field(/^Pieces/)).toHaveValue('42');
    expect(field(/^Note/)).toHaveValue('Dampened with mist.');
    await tap('Save');
    // The same one, so that one that arrived after all is not there twice.
    await waitFor(() => expect(sent().entry.id).toBe(id));
  });

  it('is cleared with a way back', async () => {
    form();
    await put(/^Pieces/, '42');
    await tap('Clear');
    expect(field(/^Pieces/)).toHaveValue('');
    said[0]!.undo!();
    await waitFor(() => expect(field(/^Pieces/)).toHaveValue('42'));
  });

  it('is typed and stored in the cook’s own units', async () => {
    render(
      <UnitsProvider initial={US_CUSTOMARY}>
        <LogForm planId="celeriac" revision={2} cooks={[]} planned={planned} />
      </UnitsProvider>,
    );
    await put(/^Pieces/, '10');
    await put(/^Dough left, oz/, '2');
    await tap('Save');
    await waitFor(() => expect(writeLogEntry).toHaveBeenCalled());
    expect(sent().entry.doughLeftG).toBeCloseTo(56.7, 1);
  });
});

describe('what came of it', () => {
  const page = (...entries: LogEntry[]) =>
    render(
      <LogPage
        id="celeriac"
        name="Celeriac"
        revision={2}
        cooks={[]}
        planned={planned}
        entries={entries.map((each) => ({ entry: each, revision: 1, comparisons: [] }))}
      />,
    );
  const entries = () => screen.getByRole('region', { name: 'Entries' });

  it('says what to write down where nothing is', () => {
    page();
    expect(entries()).toHaveTextContent(/Nothing written down yet/);
  });

  it('counts what came out whole, with the note', () => {
    page(entry);
    expect(entries()).toHaveTextContent(/45 whole of 48, 3 burst \(6\.3 %\)/);
    expect(entries()).toHaveTextContent('The corners ate hard.');
    expect(within(entries()).getByRole('link', { name: /In full/ })).toHaveAttribute(
      'href',
      `/logbook/${entry.id}`,
    );
  });

  it('is put right in its place, and focus comes back', async () => {
    page(entry);
    await tap(/^Change/);
    const own = within(within(entries()).getByRole('listitem'));
    const burst = own.getByRole('textbox', { name: /^Burst/ });
    expect(burst).toHaveValue('3');
    await userEvent.clear(burst);
    await userEvent.type(burst, '4');
    await userEvent.click(own.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(said[0]?.text).toBe('Put right.'));
    expect(sent()).toMatchObject({ again: true, entry: { id: entry.id, burst: 4 } });
    expect(own.getByRole('button', { name: /^Change/ })).toHaveFocus();
  });

  it('is taken out with a way back', async () => {
    page(entry);
    await tap(/^Delete/);
    await waitFor(() => expect(said[0]?.text).toBe('Entry taken out'));
    expect(takeOutLogEntry).toHaveBeenCalledWith('celeriac', entry.id);
    said[0]!.undo!();
    await waitFor(() => expect(sent().entry).toEqual(entry));
  });
});

describe('planned beside actual', () => {
  it.each([
    [{ planned: 48, actual: 48, unit: 'count' as const, more: 'good' as const }, '✓ as planned'],
    [{ planned: 48, actual: 40, unit: 'count' as const, more: 'good' as const }, '▲ less'],
    [{ planned: 48, actual: 60, unit: 'count' as const, more: 'good' as const }, '✓ more'],
    [{ planned: 0.05, actual: 0.2, unit: 'share' as const, more: 'bad' as const }, '▲ more'],
    [{ planned: 0.2, actual: 0.05, unit: 'share' as const, more: 'bad' as const }, '✓ less'],
    [{ planned: 9, actual: 9.05, unit: 'g' as const, more: 'either' as const }, '✓ as planned'],
    [{ planned: 9, actual: 10, unit: 'g' as const, more: 'either' as const }, '▲ more'],
    [{ planned: 0.8, actual: 0.82, unit: 'mm' as const, more: 'either' as const }, '✓ as planned'],
  ])('%j is %s', (row, word) => {
    render(<PlannedActual rows={[{ key: 'dose', label: 'Dose', ...row }]} />);
    expect(screen.getAllByRole('row')[1]).toHaveTextContent(word);
  });
});

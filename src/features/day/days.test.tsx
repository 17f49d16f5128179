/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { importDay, removeDay, shelveDay, startDay } from '@/server/actions/days';
import { DayList } from './DayList';
import { NewDay } from './NewDay';

const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh: jest.fn() }) }));
jest.mock('@/server/actions/days', () => ({
  importDay: jest.fn(),
  removeDay: jest.fn(),
  shelveDay: jest.fn(),
  startDay: jest.fn(),
}));
const said: { text: string; undo?: () => void }[] = [];
jest.mock('@/ui/layout/say', () => ({
  say: (text: string, more?: { undo?: () => void }) => said.push({ text, ...more }),
  sayTrouble: (text: string) => said.push({ text }),
}));

beforeEach(() => {
  jest.clearAllMocks();
  said.length = 0;
  jest.mocked(startDay).mockResolvedValue({ ok: true, value: 'new-day' });
  jest.mocked(importDay).mockResolvedValue({ ok: true, value: 'new-day' });
  jest.mocked(shelveDay).mockResolvedValue({ ok: true, value: undefined } as never);
  jest.mocked(removeDay).mockResolvedValue({ ok: true, value: undefined } as never);
});

const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));

describe('days', () => {
  const day = { id: 'friday', name: 'A Friday', date: '2026-11-27', serves: 'Ravioli', people: 2 };

  it('are made by name and date', async () => {
    render(<NewDay today="2026-11-27" />);
    await userEvent.type(screen.getByRole('textbox', { name: 'What is it?' }), 'Supper');
    await tap('New day');
    await waitFor(() => expect(push).toHaveBeenCalledWith('/days/new-day'));
    expect(startDay).toHaveBeenCalledWith(
      expect.objectContaining({ name: 'Supper', date: '2026-11-27' }),
    );
  });

  it('are opened from a file, and one that is none is refused by name', async () => {
    render(<NewDay today="2026-11-27" />);
    const give = (text: string) =>
      fireEvent.change(screen.getByLabelText('Day file'), {
        target: {
          files: [
            Object.assign(new File([text], 'day.json'), { text: () => Promise.resolve(text) }),
          ],
        },
      });
    give('eggs');
    expect(await screen.findByRole('alert')).toHaveTextContent('day.json is not a day file');
    expect(importDay).not.toHaveBeenCalled();
    give('{"name":"A day"}');
    await waitFor(() => expect(push).toHaveBeenCalledWith('/days/new-day'));
  });

  it('are deleted with a way back, and for ever only when asked', async () => {
    const { unmount } = render(<DayList days={[day]} deleted={false} />);
    await tap('Delete A Friday');
    await waitFor(() => expect(said[0]?.text).toBe('A Friday: deleted'));
    said[0]!.undo!();
    await waitFor(() => expect(shelveDay).toHaveBeenLastCalledWith('friday', 'current'));
    unmount();
    render(<DayList days={[day]} deleted />);
    await tap('Delete for ever');
    const asked = await screen.findByRole('alertdialog');
    expect(asked).toHaveTextContent('Plans and batches stay');
    await userEvent.click(within(asked).getByRole('button', { name: 'Delete for ever' }));
    await waitFor(() => expect(removeDay).toHaveBeenCalledWith('friday'));
  });
});

/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { METRIC } from '@/core/units/units';
import { standInForScreen } from '../testing/standIns';
import { useUnits } from '../units/UnitsContext';
import { BenchBar } from './BenchBar';
import { Chrome, type Theme } from './Chrome';

const went: string[] = [];
let mockPath = '/';

const mockRouter = { push: (to: string) => went.push(to) };
jest.mock('next/navigation', () => ({
  useRouter: () => mockRouter,
  usePathname: () => mockPath,
  useSearchParams: () => new URLSearchParams(),
}));

beforeAll(standInForScreen);
beforeEach(() => {
  went.length = 0;
  mockPath = '/';
  delete document.documentElement.dataset.listens;
  delete document.documentElement.dataset.theme;
});

const Dough = () => <p>{useUnits().text(500, 'g')} of dough</p>;

const page = ({ theme = 'system', keys = true }: { theme?: Theme; keys?: boolean } = {}) =>
  render(
    <Chrome units={METRIC} theme={theme} keys={keys}>
      <BenchBar />
      <main id="main">
        <Dough />
      </main>
    </Chrome>,
  );

const kept = (name: string) => new RegExp(`${name}=([^;]+)`).exec(document.cookie)?.[1];

describe('what every page shares', () => {
  it('says when it listens', () => {
    page();
    expect(document.documentElement).toHaveAttribute('data-listens');
  });

  it('leads past the bar first, then home and to every part', async () => {
    mockPath = '/logbook/trends';
    page();
    await userEvent.tab();
    const past = screen.getByRole('link', { name: /Past the bar/ });
    expect(past).toHaveFocus();
    expect(past).toHaveAttribute('href', '#main');
    const parts = within(screen.getByRole('navigation', { name: 'Main' })).getAllByRole('link');
    expect(parts.map((part) => part.textContent)).toEqual([
      'Plans',
      'Days',
      'Logbook',
      'Shopping',
      'Kitchen',
      'Pantry',
      'Sums',
      'Faults',
      'Practice',
    ]);
    expect(parts.filter((part) => part.hasAttribute('aria-current'))).toEqual([
      screen.getByRole('link', { name: 'Logbook' }),
    ]);
  });

  it('does by name what there is to do, found by a few letters', async () => {
    page();
    await userEvent.keyboard('{Control>}k{/Control}');
    const box = await screen.findByPlaceholderText('What would you like to do?');
    expect(box).toHaveFocus();
    await userEvent.keyboard('shopp{Enter}');
    expect(went).toEqual(['/shopping']);
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });

  it('says so when nothing goes by that name', async () => {
    page();
    await userEvent.click(screen.getByRole('button', { name: 'Commands, Ctrl K' }));
    await userEvent.type(await screen.findByPlaceholderText(/What would you/), 'zzz');
    expect(screen.getByText('Nothing by that name.')).toBeInTheDocument();
  });

  it('lists its keys at ?, those of a ruler too', async () => {
    page();
    await userEvent.keyboard('?');
    const list = await screen.findByRole('dialog', { name: 'Keys' });
    expect(list).toHaveTextContent('Ctrl KCommands');
    expect(list).toHaveTextContent('Shift ← →nudge finely');
    await userEvent.click(within(list).getByRole('button', { name: 'Close' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });

  it('turns single keys off, keeps that, and Ctrl K stays', async () => {
    page();
    await userEvent.click(screen.getByRole('button', { name: /^Units and look/ }));
    await userEvent.click(await screen.findByRole('radio', { name: 'Off' }));
    expect(kept('keys')).toBe('off');
    await userEvent.keyboard('{Escape}');
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    await userEvent.keyboard('?');
    expect(screen.queryByRole('dialog')).toBeNull();
    await userEvent.keyboard('{Control>}k{/Control}');
    expect(await screen.findByRole('dialog')).toBeInTheDocument();
  });

  it('takes units and look at once, and keeps them for the next page', async () => {
    page();
    await userEvent.click(screen.getByRole('button', { name: 'Units and look: g · mm · °C' }));
    await userEvent.click(await screen.findByRole('radio', { name: 'oz, in' }));
    expect(screen.getByText('1 lb 1.6 oz of dough')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('radio', { name: '°C' }));
    await userEvent.click(screen.getByRole('radio', { name: 'none' }));
    await userEvent.click(screen.getByRole('radio', { name: '7:00 PM' }));
    await userEvent.click(screen.getByRole('radio', { name: 'Dark' }));
    expect(document.documentElement.dataset.theme).toBe('dark');
    expect(kept('theme')).toBe('dark');
    expect(JSON.parse(decodeURIComponent(kept('units')!))).toEqual({
      system: 'us',
      temperature: 'C',
      spoons: 'none',
      clock: '12',
    });
    await userEvent.keyboard('{Escape}');
    expect(
      screen.getByRole('button', { name: 'Units and look: oz · in · °C', hidden: true }),
    ).toBeInTheDocument();
  });

  it('is dark or light by a command too', async () => {
    page({ theme: 'dark' });
    await userEvent.keyboard('{Control>}k{/Control}');
    await screen.findByPlaceholderText(/What would you/);
    await userEvent.keyboard('light{Enter}');
    expect(document.documentElement.dataset.theme).toBe('light');
    expect(kept('theme')).toBe('light');
  });
});

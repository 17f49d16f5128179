/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { endEverySession, giveKey, takeKey } from '@/server/actions/door';
import { DoorPage } from './DoorPage';
import { KeysPage } from './KeysPage';

const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh }) }));
jest.mock('@/server/actions/door', () => ({
  giveKey: jest.fn(),
  takeKey: jest.fn(),
  endEverySession: jest.fn(),
}));
jest.mock('@/ui/layout/BenchBar', () => ({ BenchBar: () => null }));
jest.mock('@/ui/layout/say', () => ({ say: jest.fn() }));

const done = { ok: true as const, value: undefined };
const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));

beforeEach(() => jest.resetAllMocks());

describe('the door', () => {
  it('sends what was typed as JSON, and says why it stays shut', async () => {
    const fetched = jest.fn().mockResolvedValue({
      ok: false,
      json: () => Promise.resolve({ error: 'Too many tries. The next is looked at in 4 s.' }),
    });
    globalThis.fetch = fetched;
    render(<DoorPage to="/" />);
    await userEvent.type(screen.getByLabelText(/^Name/), 'Ines');
    await userEvent.type(screen.getByLabelText('Passphrase'), 'a long secret{Enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent('Too many tries.');
    const [url, sent] = fetched.mock.calls[0] as [string, RequestInit];
    expect(url).toBe('/api/door');
    expect(sent.headers).toEqual({ 'content-type': 'application/json' });
    expect(JSON.parse(sent.body as string)).toEqual({ name: 'Ines', passphrase: 'a long secret' });
    // And can be tried again.
    expect(screen.getByRole('button', { name: 'Sign in' })).not.toHaveAttribute('aria-disabled');
  });

  it('says so when there is no answer', async () => {
    globalThis.fetch = jest.fn().mockRejectedValue(new Error('down'));
    render(<DoorPage to="/" />);
    await userEvent.type(screen.getByLabelText('Passphrase'), 'a long secret{Enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent('No answer from the server.');
  });
});

describe('who may come in', () => {
  const keys = [
    { id: 'k1', name: '', role: 'plan' },
    { id: 'k2', name: 'ines maria', role: 'bench' },
  ] as const;
  const page = (asks: boolean) =>
    render(<KeysPage keys={keys} asks={asks} me={{ name: '', role: 'plan' }} />);

  it('is named with what each may do; signing out is offered only where somebody is asked', () => {
    const { unmount } = page(false);
    expect(screen.getByText('Ines Maria')).toBeVisible();
    expect(screen.getByText(/Only this device can open/)).toBeVisible();
    expect(screen.queryByRole('button', { name: /Sign/ })).toBeNull();
    unmount();
    page(true);
    expect(screen.getByRole('button', { name: 'Sign out' })).toBeVisible();
  });

  it('is given a key; what was typed stays when it is refused', async () => {
    jest
      .mocked(giveKey)
      .mockResolvedValueOnce({ ok: false, error: 'passphrase must be 10 to 200 letters, not 9' });
    page(false);
    await userEvent.type(screen.getByLabelText(/^Name/), 'Otto');
    await userEvent.click(screen.getByLabelText(/Look at everything/));
    await userEvent.type(screen.getByLabelText(/^Passphrase/), 'long enough');
    await press('Give access');
    expect(giveKey).toHaveBeenCalledWith({
      name: 'Otto',
      role: 'look',
      passphrase: 'long enough',
    });
    expect(screen.getByRole('alert')).toHaveTextContent('must be 10 to 200 letters');
    expect(screen.getByLabelText(/^Name/)).toHaveValue('Otto');
    jest.mocked(giveKey).mockResolvedValueOnce(done);
    await press('Give access');
    await waitFor(() => expect(refresh).toHaveBeenCalled());
    expect(screen.getByLabelText(/^Name/)).toHaveValue('');
  });

  it('loses a key only once it was asked', async () => {
    jest.mocked(takeKey).mockResolvedValue(done);
    page(true);
    await press('Remove access of Ines Maria');
    await press('Keep');
    expect(takeKey).not.toHaveBeenCalled();
    await press('Remove access of Ines Maria');
    await press('Remove access');
    expect(takeKey).toHaveBeenCalledWith('k2');
  });

  it('says so when not everybody could be signed out', async () => {
    jest.mocked(endEverySession).mockResolvedValue({ ok: false, error: 'Your key lets you look.' });
    page(true);
    await press('Sign everybody out');
    expect(await screen.findByRole('alert')).toHaveTextContent('Your key lets you look.');
  });
});

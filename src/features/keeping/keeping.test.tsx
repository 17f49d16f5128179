/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { act, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { copyNow, mend, removeUnreadable, restoreCopy } from '@/server/actions/keeping';
import { goBackToRevision } from '@/server/actions/plans';
import type { ComingIn } from '@/server/vault/archive/comingIn';
import type { Unreadable } from '@/server/repositories/unreadable';
import { ArchiveSection } from './ArchiveSection';
import { KeepingPage } from './KeepingPage';
import { MendPage } from './MendPage';
import { sendArchive } from './sendArchive';

const push = jest.fn();
const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh }) }));
jest.mock('@/server/actions/keeping', () => ({
  copyNow: jest.fn(),
  restoreCopy: jest.fn(),
  mend: jest.fn(),
  removeUnreadable: jest.fn(),
}));
jest.mock('@/server/actions/plans', () => ({ goBackToRevision: jest.fn() }));
jest.mock('@/ui/layout/BenchBar', () => ({ BenchBar: () => null }));
jest.mock('@/ui/layout/say', () => ({ say: jest.fn() }));
jest.mock('./sendArchive', () => ({ sendArchive: jest.fn() }));

const ok = { ok: true as const, value: 'copy.db' };
const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));

beforeEach(() => jest.resetAllMocks());

describe('backups', () => {
  const copies = [
    { name: 'b.db', kind: 'by-hand', at: '2026-11-25T05:06:07.000Z', bytes: 1_234_567 },
    { name: 'a.db', kind: 'daily', at: '2026-11-24T05:06:07.000Z', bytes: 9_900 },
  ] as const;

  it('says when the last copy was made, or that there is none', () => {
    const { rerender } = render(<KeepingPage copies={copies} notice={null} />);
    expect(screen.getByText(/The last copy of everything/)).toHaveTextContent('2026');
    expect(screen.getByText('1.2 MB')).toBeVisible();
    expect(screen.getByText('10 kB')).toBeVisible();
    rerender(<KeepingPage copies={[]} notice={null} />);
    expect(screen.getByText('There is no copy of this kitchen yet.')).toBeVisible();
  });

  it('makes a copy, and says what stands in the way when it cannot', async () => {
    jest.mocked(copyNow).mockResolvedValueOnce(ok);
    render(<KeepingPage copies={[]} notice={null} />);
    await press('Make a copy now');
    expect(refresh).toHaveBeenCalledTimes(1);
    jest.mocked(copyNow).mockResolvedValueOnce({ ok: false, error: 'The disk is full.' });
    await press('Make a copy now');
    expect(screen.getByRole('alert')).toHaveTextContent('The disk is full.');
    expect(refresh).toHaveBeenCalledTimes(1);
  });

  it('restores only once it was asked, and the safe answer has the focus', async () => {
    jest.mocked(restoreCopy).mockResolvedValue(ok);
    render(<KeepingPage copies={copies} notice={null} />);
    await userEvent.click(screen.getAllByRole('button', { name: 'Restore' })[1]!);
    expect(screen.getByRole('button', { name: 'Leave it as it is' })).toHaveFocus();
    await press('Leave it as it is');
    expect(restoreCopy).not.toHaveBeenCalled();
    await userEvent.click(screen.getAllByRole('button', { name: 'Restore' })[1]!);
    await userEvent.click(screen.getAllByRole('button', { name: 'Restore' }).at(-1)!);
    await waitFor(() => expect(restoreCopy).toHaveBeenCalledWith('a.db'));
  });

  it('restores a file of the reader’s own, by its name', async () => {
    const fetched = jest.fn().mockResolvedValue({
      ok: false,
      json: () => Promise.resolve({ error: 'This isn’t a Mortar Sheet file.' }),
    });
    globalThis.fetch = fetched;
    render(<KeepingPage copies={[]} notice={null} />);
    const file = new File(['x'], 'mine.db');
    await userEvent.upload(screen.getByLabelText('A kitchen’s copy'), file);
    expect(screen.getByRole('alertdialog')).toHaveTextContent('Restore mine.db?');
    await press('Restore');
    await waitFor(() =>
      expect(screen.getByRole('alert')).toHaveTextContent('This isn’t a Mortar Sheet file.'),
    );
    expect(fetched.mock.calls[0]).toEqual([
      '/api/copies',
      expect.objectContaining({ headers: { 'content-type': 'application/vnd.sqlite3' } }),
    ]);
  });
});

describe('an archive', () => {
  const none = { fresh: 0, same: 0, different: [] };
  const coming: ComingIn = {
    kitchen: { ...none, same: 1 },
    ingredients: none,
    preparations: none,
    plans: { fresh: 2, same: 3, different: ['First', 'Second'] },
    batches: none,
    days: none,
    practice: none,
  };
  const choose = () =>
    userEvent.upload(screen.getByLabelText('An archive'), new File(['zip'], 'all.zip'));

  it('shows what it would change before anything is, and takes it as it was chosen', async () => {
    jest.mocked(sendArchive).mockResolvedValue({ changes: coming });
    render(<ArchiveSection />);
    await choose();
    expect(await screen.findByText('2 new, 3 the same, 2 different (First, Second)')).toBeVisible();
    const asked = () =>
      jest.mocked(sendArchive).mock.calls.map(([file, where]) => [file.name, where]);
    expect(asked()).toEqual([['all.zip', 'look']]);
    await userEvent.click(screen.getByRole('radio', { name: 'Take the archive’s' }));
    await press('Take it in');
    await waitFor(() => expect(refresh).toHaveBeenCalled());
    expect(asked().at(-1)).toEqual(['all.zip', 'take']);
  });

  it('with nothing new offers nothing to take', async () => {
    const changes = { ...coming, plans: { ...none, same: 5 } };
    jest.mocked(sendArchive).mockResolvedValue({ changes });
    render(<ArchiveSection />);
    await choose();
    expect(await screen.findByRole('button', { name: 'Nothing new in it' })).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Take it in' })).toBeNull();
    expect(screen.queryByRole('radio')).toBeNull();
  });

  it('that is none is refused by its name and the reason', async () => {
    jest.mocked(sendArchive).mockResolvedValue({ error: 'archive.json is missing' });
    render(<ArchiveSection />);
    await choose();
    expect(await screen.findByRole('alert')).toHaveTextContent(
      'all.zip was not taken: archive.json is missing',
    );
  });
});

describe('an archive that takes long', () => {
  it('shows how far it is, and is called off', async () => {
    jest.mocked(sendArchive).mockImplementation(
      (_file, _where, { onProgress, signal }) =>
        new Promise((resolve) => {
          act(() => onProgress(0.4));
          signal.addEventListener('abort', () => resolve({ error: 'It was called off.' }));
        }),
    );
    render(<ArchiveSection />);
    await userEvent.upload(screen.getByLabelText('An archive'), new File(['zip'], 'all.zip'));
    expect(await screen.findByRole('progressbar', { name: 'Reading all.zip' })).toHaveValue(0.4);
    await press('Call it off');
    expect(await screen.findByRole('alert')).toHaveTextContent('It was called off.');
    expect(screen.queryByRole('progressbar')).toBeNull();
  });
});

describe('a document that cannot be read', () => {
  const document: Unreadable = { kind: 'plan', id: 'a', name: 'Half', reason: 'it is not JSON' };
  const page = (more: Partial<Parameters<typeof MendPage>[0]> = {}) =>
    render(<MendPage document={document} text='{"name":"Half"}' lastReadable={null} {...more} />);

  it('says why, laid out in lines, and offers an older revision only where there is one', () => {
    page();
    expect(screen.getByText('It is not JSON.')).toBeVisible();
    expect(screen.getByRole('textbox')).toHaveValue('{\n  "name": "Half"\n}');
    expect(screen.queryByRole('button', { name: /Go back/ })).toBeNull();
  });

  it('goes back to the last revision that can be read', async () => {
    jest.mocked(goBackToRevision).mockResolvedValue({ ok: true, value: undefined });
    page({ lastReadable: 3 });
    await press('Go back to revision 3');
    expect(goBackToRevision).toHaveBeenCalledWith('a', 3);
    expect(push).toHaveBeenCalledWith('/plans/a');
  });

  it('keeps what was typed when it is no document yet', async () => {
    jest.mocked(mend).mockResolvedValueOnce({ ok: false, error: 'document cannot be read yet' });
    page();
    await userEvent.clear(screen.getByRole('textbox'));
    await userEvent.type(screen.getByRole('textbox'), 'almost');
    await press('Put this in its place');
    expect(mend).toHaveBeenCalledWith({ kind: 'plan', id: 'a' }, 'almost');
    expect(screen.getByRole('alert')).toHaveTextContent('document cannot be read yet');
    expect(screen.getByRole('textbox')).toHaveValue('almost');
    expect(push).not.toHaveBeenCalled();
  });

  it('is removed only once it was asked', async () => {
    jest.mocked(removeUnreadable).mockResolvedValue({ ok: true, value: undefined });
    page();
    await press('Remove it');
    expect(removeUnreadable).not.toHaveBeenCalled();
    await press('Remove');
    expect(removeUnreadable).toHaveBeenCalledWith({ kind: 'plan', id: 'a' });
    expect(push).toHaveBeenCalledWith('/kitchen/keeping');
  });
});

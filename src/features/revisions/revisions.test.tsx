/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { goBackToRevision, putRevisionName } from '@/server/actions/plans';
import { RevisionName } from './RevisionName';
import { RevisionsPage, type RevisionsPageProps, type ShownRevision } from './RevisionsPage';

const push = jest.fn();
const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh }) }));
jest.mock('@/server/actions/plans', () => ({
  goBackToRevision: jest.fn(),
  putRevisionName: jest.fn(),
}));
jest.mock('../shell/PlanBar', () => ({ PlanBar: () => null }));
const said: string[] = [];
jest.mock('@/ui/layout/say', () => ({
  say: (text: string) => said.push(text),
  sayTrouble: (text: string) => said.push(text),
}));

beforeEach(() => {
  jest.clearAllMocks();
  said.length = 0;
  jest.mocked(goBackToRevision).mockResolvedValue({ ok: true, value: undefined } as never);
  jest.mocked(putRevisionName).mockResolvedValue({ ok: true, value: undefined } as never);
});

const revision = (number: number, more: Partial<ShownRevision> = {}): ShownRevision => ({
  number,
  savedAt: '2026-11-20T12:00:00Z',
  name: '',
  pieces: 48,
  margin: 1.6,
  weakest: 'lip',
  state: 'holds',
  logged: 0,
  ...more,
});
const page = (more: Partial<RevisionsPageProps> = {}) =>
  render(
    <RevisionsPage
      id="celeriac"
      name="Celeriac"
      newest={2}
      notice={null}
      revisions={[revision(2), revision(1, { state: 'edge', margin: 1.1, logged: 3 })]}
      compared={null}
      {...more}
    />,
  );
const list = () => within(screen.getByRole('region', { name: 'Revisions' }));
const compared = () => screen.getByRole('region', { name: 'Compared' });

describe('revisions of a plan', () => {
  it('say what each comes to, and how often it was made', () => {
    page();
    const [newest, first] = list().getAllByRole('listitem');
    expect(newest).toHaveTextContent(/48 pieces, weakest lip/i);
    expect(newest).not.toHaveTextContent('made');
    expect(first).toHaveTextContent('made 3 times');
  });

  it('go back to an older one; the newest has nothing to go back to', async () => {
    page();
    const [newest, first] = list().getAllByRole('listitem');
    expect(within(newest!).queryByRole('button', { name: /Go back/ })).toBeNull();
    await userEvent.click(within(first!).getByRole('button', { name: /Go back to it/ }));
    await waitFor(() => expect(push).toHaveBeenCalledWith('/plans/celeriac'));
    expect(goBackToRevision).toHaveBeenCalledWith('celeriac', 1);
    expect(said).toEqual(['Revision 1 is the newest again; the others stay.']);
  });

  it('say what to do where nothing is compared, and where there is nothing to', () => {
    const { unmount } = page();
    expect(compared()).toHaveTextContent('Choose a revision to compare with the newest.');
    expect(list().getByRole('link', { name: /Compare/ })).toHaveAttribute(
      'href',
      '/plans/celeriac/revisions?before=1&after=2',
    );
    unmount();
    page({ revisions: [revision(1)], newest: 1 });
    expect(compared()).toHaveTextContent('Only one revision so far.');
  });

  it('stand side by side in what follows and in what was changed', async () => {
    page({
      compared: {
        before: 1,
        after: 2,
        figures: [{ label: 'Pieces', unit: 'count', before: 40, after: 48 }],
        differences: [],
      },
    });
    const row = within(compared()).getByRole('row', { name: /^Pieces/ });
    expect(row).toHaveTextContent(/40.*48/);
    expect(compared()).toHaveTextContent('Nothing: the two are the same.');
    await userEvent.selectOptions(
      within(compared()).getByRole('combobox', { name: 'Before' }),
      '2',
    );
    expect(push).toHaveBeenCalledWith('/plans/celeriac/revisions?before=2&after=2');
  });
});

describe('what a revision is called', () => {
  const named = (name = '') => render(<RevisionName planId="celeriac" number={3} name={name} />);
  const field = () => screen.getByRole('textbox', { name: 'Name of revision 3' });

  it('is typed where it stands, and kept once', async () => {
    named();
    await userEvent.click(screen.getByRole('button'));
    expect(field()).toHaveFocus();
    await userEvent.type(field(), ' as at the supper {Enter}');
    expect(jest.mocked(putRevisionName).mock.calls).toEqual([['celeriac', 3, 'as at the supper']]);
    await waitFor(() => expect(screen.getByRole('button')).toHaveFocus());
  });

  it('is kept when the hand goes elsewhere', async () => {
    named();
    await userEvent.click(screen.getByRole('button'));
    await userEvent.type(field(), 'before the frost');
    await userEvent.tab();
    expect(putRevisionName).toHaveBeenCalledWith('celeriac', 3, 'before the frost');
  });

  it('stays as it was by Escape, and where nothing was changed', async () => {
    named('as at the supper');
    await userEvent.click(screen.getByRole('button', { name: /as at the supper/ }));
    await userEvent.type(field(), ' or not{Escape}');
    await userEvent.click(screen.getByRole('button', { name: /as at the supper/ }));
    await userEvent.keyboard('{Enter}');
    expect(putRevisionName).not.toHaveBeenCalled();
  });
});

/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Happening } from '@/core/run/events';
import { eventsFrom } from '@/core/testing/kitchens';
import { linkToRun, takeLinksBack } from '@/server/actions/door';
import { planAgainFrom } from '@/server/actions/runs';
import { RunLinks } from './RunLinks';
import { RunPage } from './RunPage';
import { made, plan, RUN } from './testing/madeBatch';

const push = jest.fn();
const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh }) }));
jest.mock('@/server/actions/runs', () => ({ planAgainFrom: jest.fn() }));
jest.mock('@/server/actions/door', () => ({ linkToRun: jest.fn(), takeLinksBack: jest.fn() }));
const send = jest.fn();
jest.mock('@/features/bench/sync', () => ({ serverOf: () => ({ send }) }));
jest.mock('@/features/bench/BenchContext', () => ({}));
const said: { text: string; undo?: () => void }[] = [];
jest.mock('@/ui/layout/say', () => ({
  say: (text: string, more?: { undo?: () => void }) => said.push({ text, ...more }),
  sayTrouble: (text: string) => said.push({ text }),
}));

const given = (happenings: readonly Happening[] = made) => ({
  id: RUN,
  planId: 'celeriac',
  revision: 3,
  plan,
  pantry: { ingredients: [], preparations: [] },
  learnt: [],
  alsoHandles: [],
  events: eventsFrom(happenings),
  last: happenings.length,
});
const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const region = (name: string) => screen.getByRole('region', { name });

beforeEach(() => {
  jest.clearAllMocks();
  said.length = 0;
  send.mockResolvedValue(undefined);
  jest.mocked(planAgainFrom).mockResolvedValue({ ok: true, value: 'celeriac' });
  jest.mocked(linkToRun).mockResolvedValue({ ok: true, value: '/shared/abc' });
  jest.mocked(takeLinksBack).mockResolvedValue({ ok: true, value: undefined });
});

describe('a batch read in full', () => {
  const open = (happenings = made) =>
    render(
      <RunPage
        run={given(happenings)}
        others={[{ id: 'other', name: 'Another', madeOn: '2026-11-13' }]}
        links={0}
      />,
    );

  it('says what came of it, planned beside actual, and closes its account in grams', () => {
    open();
    expect(document.body).toHaveTextContent(/45 whole of 48, 6\.3 % lost/);
    expect(document.body).toHaveTextContent('Opened at the lip: 2');
    expect(within(region('Planned and actual')).getAllByRole('row').length).toBeGreaterThan(3);
    const grams = within(region('Where it went'))
      .getAllByRole('row')
      .slice(1)
      .map((each) =>
        within(each)
          .getAllByRole('cell')
          .map((cell) => parseFloat(cell.textContent)),
      );
    const [went, pieces, left, trim, off] = grams;
    for (const bowl of [0, 1]) {
      expect(pieces![bowl]! + left![bowl]! + trim![bowl]! + off![bowl]!).toBeCloseTo(
        went![bowl]!,
        -1,
      );
    }
  });

  it('tells what happened in its order, and what was found', () => {
    open([...made, { kind: 'traced', cause: 'overfilled', signs: [] }]);
    const lines = within(region('As it went')).getAllByRole('listitem');
    expect(lines[0]).toHaveTextContent('Begun');
    expect(lines.at(-1)).toHaveTextContent(/Closed|Found/);
    expect(screen.getByText(/Why, as it was found:/)).toBeVisible();
  });

  it('leads to its bench while it is open', () => {
    open(made.slice(0, -1));
    expect(screen.getByRole('link', { name: 'To the bench' })).toHaveAttribute(
      'href',
      `/runs/${RUN}`,
    );
  });

  it('is planned again with what it changed, each change listed', async () => {
    open([...made.slice(0, 1), { kind: 'changed', doseG: 7.5 }, ...made.slice(1)]);
    expect(region('Plan again')).toHaveTextContent(/Dose: .* → 7\.5 g/);
    await tap('Plan again with these');
    await waitFor(() => expect(push).toHaveBeenCalledWith('/plans/celeriac'));
    expect(planAgainFrom).toHaveBeenCalledWith(RUN);
  });

  it('that changed nothing says what it moves all the same', () => {
    open();
    expect(region('Plan again')).toHaveTextContent(/changed nothing in the plan itself/);
    expect(screen.queryByRole('button', { name: 'Plan again with these' })).toBeNull();
  });

  it('has its day, though nobody said it: the one it began on', () => {
    open([{ kind: 'begun' }, { kind: 'finished' }]);
    expect(document.querySelector('time')).toHaveTextContent(/2026/);
  });

  it('is left out of what is learnt, and back', async () => {
    open();
    await tap('Don’t learn from this batch');
    expect(send.mock.calls[0]![0]).toMatchObject([{ kind: 'leftOut' }]);
    await waitFor(() => expect(said[0]!.text).toBe('Nothing is learned from this batch.'));
    said[0]!.undo!();
    expect(send.mock.calls[1]![0]).toMatchObject([
      { kind: 'takenBack', event: send.mock.calls[0]![0][0].id },
    ]);
  });

  it('that was left out counts again by one tap', async () => {
    open([...made, { kind: 'leftOut' }]);
    await tap('Learn from it again');
    expect(send.mock.calls[0]![0]).toMatchObject([{ kind: 'takenBack' }]);
  });

  it('says that nothing was changed where no answer comes', async () => {
    send.mockRejectedValue(new Error('no line'));
    open();
    await tap('Delete');
    await waitFor(() => expect(said[0]!.text).toMatch(/nothing was changed/));
  });

  it('shows pictures taken at the bench, told by their time', () => {
    open([...made, { kind: 'pictured', image: 'data:image/png;base64,AAAA' }]);
    expect(within(region('Pictures')).getByRole('img')).toHaveAccessibleName(/^Taken at the bench/);
  });
});

describe('links to look at a batch', () => {
  it('are made, shown whole, and taken back', async () => {
    render(<RunLinks run={RUN} links={0} />);
    expect(screen.queryByRole('button', { name: /back/ })).toBeNull();
    await tap('Make a link to look at it');
    expect(await screen.findByRole('textbox')).toHaveValue('http://localhost/shared/abc');
    await tap('Take the link back');
    await waitFor(() => expect(screen.queryByRole('textbox')).toBeNull());
    expect(takeLinksBack).toHaveBeenCalledWith(RUN);
  });

  it('of before are counted', () => {
    render(<RunLinks run={RUN} links={3} />);
    expect(screen.getByRole('button', { name: 'Take its 3 links back' })).toBeVisible();
  });
});

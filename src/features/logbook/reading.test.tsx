/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { startingBasis } from '@/core/basis/basis';
import type { Learnt, QuantityId } from '@/core/basis/learnt';
import { HOLD_ALL } from '@/core/calibrate/learntKeys';
import { QUANTITIES } from '@/core/calibrate/quantities';
import type { Finding } from '@/core/log/findings';
import type { Month } from '@/core/log/trends';
import type { Happening } from '@/core/run/events';
import { foldRun } from '@/core/run/fold';
import { summaryOf } from '@/core/run/summary';
import { eventsFrom } from '@/core/testing/kitchens';
import { planWith } from '@/core/testing/plans';
import { linkToRun, takeLinksBack } from '@/server/actions/door';
import { holdAtTypical, planAgainFrom } from '@/server/actions/runs';
import type { RunRow } from '@/server/repositories/runs';
import { BesideView } from './BesideView';
import { choicesOf, findRuns, type RunQuery } from './findRuns';
import { LearntTable } from './LearntTable';
import { RunLinks } from './RunLinks';
import { RunList } from './RunList';
import { RunPage } from './RunPage';
import { TrendsView } from './TrendsView';

const push = jest.fn();
const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh }) }));
jest.mock('@/server/actions/runs', () => ({ planAgainFrom: jest.fn(), holdAtTypical: jest.fn() }));
jest.mock('@/server/actions/door', () => ({ linkToRun: jest.fn(), takeLinksBack: jest.fn() }));
const send = jest.fn();
jest.mock('@/features/bench/sync', () => ({ serverOf: () => ({ send }) }));
jest.mock('@/features/bench/BenchContext', () => ({}));
const said: { text: string; undo?: () => void }[] = [];
jest.mock('@/ui/layout/say', () => ({
  say: (text: string, more?: { undo?: () => void }) => said.push({ text, ...more }),
  sayTrouble: (text: string) => said.push({ text }),
}));
// Charts have their tables beside them, which say the same.
jest.mock('./TrendCharts', () => ({ __esModule: true, default: () => null }));

const RUN = '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0001';
const plan = planWith({ batch: { portions: 8 } });
const made: readonly Happening[] = [
  { kind: 'begun' },
  { kind: 'weighed', what: 'doses', g: 45, n: 5 },
  { kind: 'sheetDone', pieces: 24, torn: false },
  { kind: 'sheetDone', pieces: 24, torn: false },
  { kind: 'burst', how: 'lip', pieces: 2 },
  { kind: 'burst', how: 'popped', pieces: 1 },
  { kind: 'left', what: 'dough', g: 40 },
  { kind: 'left', what: 'filling', g: 25 },
  { kind: 'finished' },
];
const given = (happenings: readonly Happening[] = made) => ({
  id: RUN,
  planId: 'celeriac',
  revision: 3,
  plan,
  pantry: { ingredients: [], preparations: [] },
  learnt: [],
  events: eventsFrom(happenings),
  last: happenings.length,
});
const row = (more: Partial<RunRow> = {}, happenings = made): RunRow => ({
  id: RUN,
  planId: 'celeriac',
  revision: 3,
  madeOn: '2026-11-20',
  updatedAt: '2026-11-20T12:00:00Z',
  summary: summaryOf(plan, foldRun(eventsFrom(happenings)), startingBasis),
  ...more,
});
const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const region = (name: string) => screen.getByRole('region', { name });

beforeEach(() => {
  jest.clearAllMocks();
  said.length = 0;
  send.mockResolvedValue(undefined);
  jest.mocked(planAgainFrom).mockResolvedValue({ ok: true, value: 'celeriac' });
  jest.mocked(holdAtTypical).mockResolvedValue({ ok: true, value: undefined });
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

  it('is left out of what is learnt, and back', async () => {
    open();
    await tap('Leave it out of what is learnt');
    expect(send.mock.calls[0]![0]).toMatchObject([{ kind: 'leftOut' }]);
    await waitFor(() => expect(said[0]!.text).toBe('Left out of what is learnt.'));
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
    await tap('Take it out of the logbook');
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

describe('the list of batches', () => {
  it('leads to the bench of an open one, and into the log of the others', () => {
    render(<RunList rows={[row({ id: 'open' }, made.slice(0, 3)), row({ id: 'closed' })]} />);
    const [open, closed] = screen.getAllByRole('link');
    expect(open).toHaveAttribute('href', '/runs/open');
    expect(open).toHaveTextContent(/at the bench.*24of \d+ so far/);
    expect(closed).toHaveAttribute('href', '/logbook/closed');
    expect(closed).toHaveTextContent(/45whole of 48, 6\.3 % lost/);
  });

  it('says which were given up, and which are not learnt from', () => {
    render(
      <RunList
        rows={[
          row({ id: 'a' }, [...made.slice(0, 3), { kind: 'abandoned', why: '' }]),
          row({ id: 'b' }, [...made, { kind: 'leftOut' }]),
        ]}
      />,
    );
    const [up, out] = screen.getAllByRole('listitem');
    expect(up).toHaveTextContent('given up');
    expect(out).toHaveTextContent('left out of what is learnt');
  });
});

describe('finding a batch', () => {
  const summary = row().summary;
  const named = (
    id: string,
    name: string,
    more: Partial<typeof summary> = {},
    madeOn = '2026-11-20',
  ) =>
    row({
      id,
      planId: name,
      madeOn,
      summary: { ...summary, ...more, planned: { ...summary.planned, name } },
    });
  const rows = [
    named('1', 'Celeriac', { cooks: ['Maren'], note: 'Dampened with mist' }),
    named('2', 'Beetroot', { cooks: ['Ivo', 'Maren'] }, '2026-10-09'),
    named('3', 'Barley', { cooks: ['Ivo'] }, '2026-09-18'),
  ];
  const none: RunQuery = { q: '', cook: '', plan: '', shape: '', roller: '', month: '' };
  const found = (query: Partial<RunQuery>) =>
    findRuns(rows, { ...none, ...query }).map(({ id }) => id);

  it.each([
    [{}, ['1', '2', '3']],
    [{ cook: 'Ivo' }, ['2', '3']],
    [{ plan: 'Barley' }, ['3']],
    [{ month: '2026-10' }, ['2']],
    [{ q: 'MIST maren' }, ['1']],
    [{ q: 'mist ivo' }, []],
    [{ shape: 'tortelloni' }, []],
    [{ roller: 'none such' }, []],
    [{ cook: 'Maren', month: '2026-11' }, ['1']],
  ])('%j finds %j', (query, ids) => expect(found(query)).toEqual(ids));

  it('offers only what there is, months the latest first', () => {
    const choices = choicesOf(rows);
    expect(choices.cooks).toEqual(['Ivo', 'Maren']);
    expect(choices.plans.map(([, name]) => name)).toEqual(['Barley', 'Beetroot', 'Celeriac']);
    expect(choices.months).toEqual(['2026-11', '2026-10', '2026-09']);
    expect(choices.shapes).toEqual([[plan.shape.family, expect.any(String)]]);
  });
});

describe('two batches side by side', () => {
  it('mark what differs, and say what was not taken', () => {
    const other = row({ id: 'other' }, [
      { kind: 'begun' },
      { kind: 'counted', pieces: 30 },
      { kind: 'finished' },
    ]);
    render(<BesideView a={row()} b={other} />);
    const line = (name: RegExp) => screen.getByRole('row', { name });
    expect(line(/differs: Pieces/)).toHaveTextContent(/48.*30/);
    expect(line(/differs: Dose as it came/)).toHaveTextContent(/9 g.*not taken/);
    expect(line(/^Dose planned/)).not.toHaveTextContent('differs');
    expect(line(/differs: Opened at the lip/)).toHaveTextContent(/2.*0/);
  });
});

describe('how it goes', () => {
  const month = (name: string, more: Partial<Month> = {}): Month => ({
    month: name,
    runs: 3,
    pieces: 300,
    lost: { lip: 0.05 },
    doughOff: 0.04,
    fillingOff: null,
    minutesAPiece: 0.2,
    ...more,
  });
  const finding: Finding = {
    planId: 'celeriac',
    plan: 'Celeriac',
    since: { what: 'finish', to: 'wheel' },
    before: 0.12,
    after: 0.03,
    runsBefore: 1,
    runsAfter: 4,
    sure: 0.986,
  };

  it('says in words what is shown beyond chance, and how sure', () => {
    render(<TrendsView months={[month('2026-10')]} findings={[finding]} />);
    expect(region('What the evidence says')).toHaveTextContent(
      /Celeriac: pieces lost fell from 12 % to 3 % since the edge is closed with: .* \(1 batch before, 4 since; 98 in 100 sure/,
    );
  });

  it.each([
    [
      { since: { what: 'doseG', to: 8 }, after: 0.2 } as const,
      /rose from 12 % to 20 % since the dose is 8 g/,
    ],
    [{ since: { what: 'thicknessMm', to: 0.9 } } as const, /since the sheet is 0\.90 mm/],
  ])('of %j', (more, says) => {
    render(<TrendsView months={[]} findings={[{ ...finding, ...more }]} />);
    expect(region('What the evidence says')).toHaveTextContent(says);
  });

  it('says that there is nothing yet', () => {
    render(<TrendsView months={[]} findings={[]} />);
    expect(region('What the evidence says')).toHaveTextContent(/Nothing yet that the batches show/);
  });

  it('has a table behind every chart', () => {
    render(
      <TrendsView
        months={[month('2026-10'), month('2026-11', { doughOff: null, minutesAPiece: null })]}
        findings={[]}
      />,
    );
    const lost = screen.getByRole('table', { name: 'Pieces lost, by what was seen', hidden: true });
    expect(within(lost).getAllByRole('row', { hidden: true })[1]).toHaveTextContent(
      /2026-10.*3.*5 %/,
    );
    const pace = screen.getByRole('table', { name: 'Seconds a piece takes', hidden: true });
    const [, october, november] = within(pace).getAllByRole('row', { hidden: true });
    expect(october).toHaveTextContent('2026-1012.0');
    expect(november).toHaveTextContent(/^2026-11$/);
  });
});

describe('what it taught', () => {
  const learnt = (quantity: QuantityId, more: Partial<Learnt> = {}): Learnt => {
    const { typical } = QUANTITIES[quantity];
    return {
      quantity,
      key: '',
      value: typical * 1.1,
      low: typical * 1.05,
      high: typical * 1.2,
      typical,
      runs: 6,
      held: false,
      ...more,
    };
  };

  it.each(Object.keys(QUANTITIES) as QuantityId[])(
    '%s is told by name, with typical, range and runs',
    (id) => {
      render(<LearntTable rows={[{ learnt: learnt(id), whose: '' }]} allHeld={false} />);
      const item = screen.getByRole('listitem');
      expect(item).toHaveTextContent(QUANTITIES[id].name);
      expect(item).toHaveTextContent(/typical/);
      expect(item).toHaveTextContent(/likely .* to .*, from 6 batches/);
      expect(item).not.toHaveTextContent(/NaN|undefined/);
    },
  );

  it('is held at typical one by one, and all of it', async () => {
    render(<LearntTable rows={[{ learnt: learnt('burst'), whose: '' }]} allHeld={false} />);
    await tap(/^Hold at typical/);
    await waitFor(() =>
      expect(holdAtTypical).toHaveBeenLastCalledWith({
        name: expect.stringMatching(/burst/),
        held: true,
      }),
    );
    await tap('Hold everything at typical');
    await waitFor(() =>
      expect(holdAtTypical).toHaveBeenLastCalledWith({ name: HOLD_ALL, held: true }),
    );
  });

  it('that is held shows what is typical, and what is here', () => {
    render(
      <LearntTable
        rows={[{ learnt: learnt('burst', { held: true }), whose: '' }]}
        allHeld={false}
      />,
    );
    expect(screen.getByRole('listitem')).toHaveTextContent(/held at typical; here/);
  });

  it('says when everything waits', async () => {
    render(<LearntTable rows={[{ learnt: learnt('burst'), whose: '' }]} allHeld />);
    expect(screen.getByText(/what is learnt here waits/)).toBeVisible();
    await tap('Let plans stand on it again');
    await waitFor(() =>
      expect(holdAtTypical).toHaveBeenCalledWith({ name: HOLD_ALL, held: false }),
    );
  });
});

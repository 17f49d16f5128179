/** @jest-environment jsdom */
import { learntOf } from '@/core/testing/learntOf';
import '@testing-library/jest-dom';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { startingBasis } from '@/core/basis/basis';
import type { Learnt, QuantityId } from '@/core/basis/learnt';
import { HOLD_ALL } from '@/core/calibrate/learntKeys';
import { QUANTITIES } from '@/core/calibrate/quantities';
import type { Finding } from '@/core/log/findings';
import type { Month } from '@/core/log/trends';
import { foldRun } from '@/core/run/fold';
import { summaryOf } from '@/core/run/summary';
import { eventsFrom } from '@/core/testing/kitchens';
import { holdAtTypical } from '@/server/actions/runs';
import type { RunRow } from '@/server/repositories/runs';
import { BesideView } from './BesideView';
import { choicesOf, findRuns, type RunQuery } from './findRuns';
import { LearntTable } from './LearntTable';
import { RunList } from './RunList';
import { TrendsView } from './TrendsView';
import { made, plan, RUN } from './testing/madeBatch';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
}));
jest.mock('@/server/actions/runs', () => ({ holdAtTypical: jest.fn() }));
jest.mock('@/ui/layout/say', () => ({ say: jest.fn(), sayTrouble: jest.fn() }));
// Charts have their tables beside them, which say the same.
jest.mock('./TrendCharts', () => ({ __esModule: true, default: () => null }));

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
  jest.mocked(holdAtTypical).mockResolvedValue({ ok: true, value: undefined });
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
    expect(out).toHaveTextContent('not learned from');
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
  const learnt = (quantity: QuantityId, more: Partial<Learnt> = {}) =>
    learntOf(quantity, QUANTITIES[quantity].typical * 1.1, more);

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
    await tap(/^Use the typical value/);
    await waitFor(() =>
      expect(holdAtTypical).toHaveBeenLastCalledWith({
        name: expect.stringMatching(/burst/),
        held: true,
      }),
    );
    await tap('Use typical values for everything');
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
    expect(screen.getByRole('listitem')).toHaveTextContent(/using typical; here/);
  });

  it('says when everything waits', async () => {
    render(<LearntTable rows={[{ learnt: learnt('burst'), whose: '' }]} allHeld />);
    expect(screen.getByText(/use typical values for now/)).toBeVisible();
    await tap('Use what we’ve learned');
    await waitFor(() =>
      expect(holdAtTypical).toHaveBeenCalledWith({ name: HOLD_ALL, held: false }),
    );
  });
});

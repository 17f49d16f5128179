/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { act, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import type { Happening, RunEvent } from '@/core/run/events';
import { eventsFrom } from '@/core/testing/kitchens';
import { planWith } from '@/core/testing/plans';
import { BenchProvider, useBench, type GivenRun } from './BenchContext';
import { Clocks, clockText, spoken } from './Clocks';
import { BurstKeys, ClosePanel } from './ClosePanel';
import { FeelPanel } from './FeelPanel';
import { FillKeys } from './FillStep';
import { Keypad } from './Keypad';
import { Lines } from './Lines';
import { LivePanel } from './LivePanel';
import { outbox } from './outbox';
import { TestedPanel } from './TestedPanel';
import { Weigh } from './Weigh';

// What is kept on the device is tested by itself and in a browser.
jest.mock('./outbox', () => ({
  outbox: {
    add: jest.fn(() => Promise.resolve()),
    seen: jest.fn(() => Promise.resolve()),
    of: jest.fn(() => Promise.resolve([])),
    waiting: jest.fn(() => Promise.resolve([])),
    sent: jest.fn(() => Promise.resolve()),
    refuse: jest.fn(() => Promise.resolve()),
    refused: jest.fn(() => Promise.resolve([])),
  },
}));
const mockPush = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: mockPush }) }));
jest.mock('./devices/DevicesContext', () => ({ useDevices: () => ({ reading: () => null }) }));

const plan = planWith({ batch: { portions: 8 } });
const given = (happenings: readonly Happening[]): GivenRun => ({
  id: 'run',
  planId: 'plan',
  revision: 1,
  plan,
  pantry: { ingredients: [], preparations: [] },
  learnt: [],
  alsoHandles: [],
  events: eventsFrom(happenings),
  last: 0,
});

/** What was tapped, in its order, without ids and times. */
const tapped = () =>
  jest.mocked(outbox.add).mock.calls.flatMap(([, events]) =>
    events.map((event: RunEvent) => {
      const { id: _id, at: _at, by, ...what } = event;
      expect(by).toBe('Runa');
      return what;
    }),
  );

async function atBench(part: ReactNode, happenings: readonly Happening[] = []) {
  const view = render(
    <BenchProvider given={given(happenings)} cook="Runa">
      {part}
    </BenchProvider>,
  );
  // What this device kept of the run is asked for first.
  await act(() => Promise.resolve());
  return view;
}
const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));

beforeEach(() => {
  jest.clearAllMocks();
  globalThis.fetch = jest.fn().mockRejectedValue(new Error('no line'));
});

describe('a sheet filled and sealed', () => {
  function Count() {
    return <p>{useBench().state.pieces} so far</p>;
  }

  it('gives what it holds at one tap, some fewer or more, or nothing when it tore', async () => {
    await atBench(
      <>
        <FillKeys onRoll={() => {}} onDone={() => {}} />
        <Count />
      </>,
    );
    const full = Number(
      /: (\d+) piece/.exec(screen.getByRole('button', { name: /piece/ }).textContent!)![1],
    );
    await press(/: \d+ piece/);
    expect(screen.getByText(`${full} so far`)).toBeVisible();
    await press(/One fewer/);
    await press(/One fewer/);
    await press(new RegExp(`: ${full - 2} piece`));
    await press(/One more/);
    await press(new RegExp(`: ${full + 1} piece`));
    await press(/It tore/);
    expect(tapped().map((each) => 'pieces' in each && each.pieces)).toEqual([
      full,
      full - 2,
      full + 1,
      0,
    ]);
    expect(screen.getByText(`${3 * full - 1} so far`)).toBeVisible();
  });

  it('counts once where a finger bounces, and twice where it was meant', async () => {
    jest.useFakeTimers({ advanceTimers: true });
    await atBench(<FillKeys onRoll={() => {}} onDone={() => {}} />);
    const seal = () => fireEvent.click(screen.getByRole('button', { name: /: \d+ piece/ }));
    seal();
    seal();
    expect(tapped()).toHaveLength(1);
    jest.advanceTimersByTime(700);
    seal();
    expect(tapped()).toHaveLength(2);
    fireEvent.click(screen.getByRole('button', { name: /One fewer/ }));
    seal();
    expect(tapped()).toHaveLength(3);
    jest.useRealTimers();
  });

  it('stops the clock of the open sheet, and says how long it took', async () => {
    await atBench(<FillKeys onRoll={() => {}} onDone={() => {}} />, [
      { kind: 'timerSet', timer: 'open', minutes: 12 },
    ]);
    await press(/: \d+ piece/);
    expect(tapped().map(({ kind }) => kind)).toEqual(['sheetDone', 'timerStopped']);
  });

  it('asks no more once all are made', async () => {
    const onDone = jest.fn();
    await atBench(<FillKeys onRoll={() => {}} onDone={onDone} />, [
      { kind: 'counted', pieces: 5000 },
    ]);
    await press(/All 5000 are made/);
    expect(onDone).toHaveBeenCalled();
    expect(tapped()).toEqual([]);
  });
});

describe('clocks', () => {
  it.each([
    [161, '2:41'],
    [59.2, '1:00'],
    [0, '0:00'],
    [-61, '−1:01'],
    [3723, '1:02:03'],
  ])('%p s read %s', (seconds, text) => expect(clockText(seconds)).toBe(text));

  it.each([
    [161, '2 min 41 s left'],
    [59.2, '1 min left'],
    [9, '9 s left'],
    [3723, '1 h 2 min left'],
    [-61, 'over for 1 min 1 s'],
  ])('%p s are said as %s', (seconds, text) => expect(spoken(seconds)).toBe(text));

  it('run side by side, and each is stopped by a tap', async () => {
    await atBench(<Clocks />, [
      { kind: 'timerSet', timer: 'rest', minutes: 30 },
      { kind: 'timerSet', timer: 'cool', minutes: 20 },
    ]);
    expect(within(screen.getByRole('list', { name: 'Clocks' })).getAllByRole('timer')).toHaveLength(
      2,
    );
    await press(/^filling cooling, .+: stop this clock$/);
    expect(tapped()).toMatchObject([{ kind: 'timerStopped' }]);
    expect(screen.getAllByRole('timer')).toHaveLength(1);
  });
});

describe('a number by knuckle', () => {
  const asked = {
    label: 'The dough weighs',
    kind: 'mass',
    range: { min: 0, max: 200_000, unit: 'g' },
  } as const;

  it('is tapped or typed, and refused by name and range with what was typed', async () => {
    const onTake = jest.fn();
    render(<Keypad asked={asked} onTake={onTake} onCancel={() => {}} />);
    const field = screen.getByRole('textbox', { name: /The dough weighs, g/ });
    expect(field).toHaveFocus();
    for (const key of ['6', '1', '.', '5']) await press(key);
    expect(field).toHaveValue('61.5');
    await press('Save');
    expect(onTake).toHaveBeenLastCalledWith(61.5);
    await userEvent.clear(field);
    await userEvent.type(field, 'some{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent(/The dough weighs must be a number/);
    expect(field).toHaveValue('some');
    expect(onTake).toHaveBeenCalledTimes(1);
  });

  it('is taken from a scale only while that is steady', async () => {
    const onTake = jest.fn();
    const pad = (steady: boolean) => (
      <Keypad asked={asked} reading={{ value: 612, steady }} onTake={onTake} onCancel={() => {}} />
    );
    const { rerender } = render(pad(false));
    await press(/Take 612/);
    expect(onTake).not.toHaveBeenCalled();
    rerender(pad(true));
    await press(/Take 612/);
    expect(onTake).toHaveBeenCalledWith(612);
  });

  it('is left by Escape', async () => {
    const onCancel = jest.fn();
    render(<Keypad asked={asked} onTake={() => {}} onCancel={onCancel} />);
    await userEvent.keyboard('{Escape}');
    expect(onCancel).toHaveBeenCalled();
  });
});

describe('what happens', () => {
  it('a dose weighed in fives counts as one of five', async () => {
    await atBench(<Weigh tests={['doses']} />);
    await press(/Weigh some doses/);
    const many = screen.getByRole('group', { name: 'How many together?' });
    await userEvent.click(within(many).getByRole('button', { name: '5' }));
    await userEvent.type(screen.getByRole('textbox'), '42{Enter}');
    expect(tapped()).toEqual([{ kind: 'weighed', what: 'doses', g: 42, n: 5 }]);
  });

  it('a burst piece is one tap on what it looks like', async () => {
    await atBench(<BurstKeys />);
    const keys = within(screen.getByRole('group', { name: 'What went wrong with a piece' }));
    const [first] = keys.getAllByRole('button');
    await userEvent.click(first!);
    await userEvent.click(first!);
    expect(tapped()).toMatchObject([
      { kind: 'burst', pieces: 1 },
      { kind: 'burst', pieces: 1 },
    ]);
    expect(within(first!).getByText('2')).toBeVisible();
  });

  it('an ingredient is ticked, and by another tap is not', async () => {
    const lines = [
      { item: 'flour-00', name: 'Fine flour', amount: '400 g', g: 400 },
      { item: 'egg-whole', name: 'Whole eggs', amount: '4', g: null },
    ];
    await atBench(<Lines step="weigh" lines={lines} />);
    const flour = screen.getByRole('checkbox', { name: /Fine flour/ });
    await userEvent.click(flour);
    expect(flour).toBeChecked();
    expect(screen.getByRole('checkbox', { name: /Whole eggs/ })).not.toBeChecked();
    await userEvent.click(flour);
    expect(flour).not.toBeChecked();
    expect(tapped().map(({ kind }) => kind)).toEqual(['ticked', 'takenBack']);
  });

  it('a feel leads to one small step, done by a tap and said back', async () => {
    await atBench(<FeelPanel />);
    const [feel] = within(screen.getByRole('group', { name: 'How does it feel?' })).getAllByRole(
      'button',
    );
    await userEvent.click(feel!);
    expect(feel).toHaveAttribute('aria-pressed', 'true');
    await userEvent.click(screen.getAllByRole('button', { name: /^Done:/ })[0]!);
    expect(tapped()).toMatchObject([{ kind: 'corrected' }]);
    expect(screen.getByText(/So far:/)).toBeVisible();
  });

  it('a batch that ends uneven offers what would even it, each with what it comes to', async () => {
    const doseG = plan.shape.doseG;
    const heavy: Happening[] = [
      { kind: 'counted', pieces: 12 },
      { kind: 'weighed', what: 'doses', g: 12 * (doseG + 3), n: 12 },
    ];
    await atBench(<LivePanel />, heavy);
    const panel = screen.getByRole('region', { name: 'The rest of the batch' });
    expect(panel).toHaveTextContent(/left over/);
    const [change] = within(panel).getAllByRole('button');
    await userEvent.click(change!);
    expect(tapped()).toHaveLength(1);
  });
});

describe('the end of a batch', () => {
  it('leads on to what came of it once the server has it, not before', async () => {
    await atBench(<ClosePanel tests={[]} />);
    let taken = () => {};
    globalThis.fetch = jest.fn(
      () =>
        new Promise<Response>((done) => {
          taken = () => done({ ok: true, status: 200 } as Response);
        }),
    );
    const kept = { run: 'run', event: eventsFrom([{ kind: 'finished' }])[0]!, sent: 0 as const };
    jest.mocked(outbox.waiting).mockResolvedValueOnce([kept]);
    await press(/^Close the batch/);
    expect(tapped()).toEqual([
      { kind: 'finished', madeOn: expect.stringMatching(/^\d{4}-\d\d-\d\d$/) },
    ]);
    expect(mockPush).not.toHaveBeenCalled();
    await act(async () => taken());
    expect(mockPush).toHaveBeenCalledWith('/logbook/run');
  });

  it('without a line stays where it is', async () => {
    await atBench(<ClosePanel tests={[]} />);
    const kept = { run: 'run', event: eventsFrom([{ kind: 'finished' }])[0]!, sent: 0 as const };
    jest.mocked(outbox.waiting).mockResolvedValue([kept]);
    await press(/^Give it up/);
    expect(tapped()).toEqual([{ kind: 'abandoned', why: '' }]);
    expect(mockPush).not.toHaveBeenCalled();
    jest.mocked(outbox.waiting).mockResolvedValue([]);
  });
});

describe('a test that finds what the plan did not reckon with', () => {
  const soft: Happening = { kind: 'measured', test: 'spoonMm', value: 44, of: 15 };
  const panel = () => screen.queryByRole('region', { name: 'As it was tested' });

  it('is silent while nothing was tested, and where the test only bears the plan out', async () => {
    await atBench(<TestedPanel />, [{ kind: 'measured', test: 'spoonMm', value: 24, of: 15 }]);
    expect(panel()).toBeNull();
  });

  it('is told with what mends it, and a smaller dose is one tap', async () => {
    await atBench(<TestedPanel />, [soft]);
    expect(panel()).toHaveTextContent(/As it was tested, it fails: Lip/);
    await press(/less filling/);
    expect(tapped()).toEqual([{ kind: 'changed', doseG: expect.any(Number) }]);
    expect(panel()).toBeNull();
  });
});

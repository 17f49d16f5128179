/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { act, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DRILL_IDS, type Drill, type DrillId } from '@/core/drills/drill';
import { drill, DRILLS, GENERIC_GEAR } from '@/core/drills/drills';
import type { DrillAnswer } from '@/core/drills/skill';
import { GLOSSARY } from '@/core/glossary';
import { UnitsProvider } from '@/ui/units/UnitsContext';
import { BackPage } from './BackPage';
import { DrillPage } from './DrillPage';
import { PaperPage } from './PaperPage';
import { PracticeHome } from './PracticeHome';
import { practice } from './usePractice';
import { inMetric } from '@/core/testing/inMetric';
import { G_PER_OZ, US_CUSTOMARY } from '@/core/units/units';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn() }) }));
jest.mock('@/ui/browser/useKeptOffline', () => ({ useKeptOffline: jest.fn() }));
// The end is played out by a worker; here by the page itself, as where none can be fetched.
jest.mock('@/ui/browser/workerClient', () => ({
  workerClient: () => () => Promise.reject(new Error('no worker')),
}));

/** What this device kept, as a practice begins. */
let kept: DrillAnswer[] = [];
jest.mock('./usePractice', () => {
  const state = { cook: '', answers: [] as DrillAnswer[], waiting: [] as DrillAnswer[] };
  return {
    practice: () => ({
      read: () => ({ ...state, answers: kept }),
      keep: jest.fn((answer: DrillAnswer) => kept.push(answer)),
      name: jest.fn((cook: string) => {
        state.cook = cook;
      }),
    }),
    usePractice: () => ({ ...state, answers: kept }),
  };
});

beforeEach(() => {
  kept = [];
});

const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const told = () => screen.getByRole('group', { name: 'What it is' });
const open = (kind: DrillId, first = 7) =>
  render(<DrillPage kind={kind} first={first} gear={GENERIC_GEAR} />);

/** Answers an exercise rightly, or by the wrong choice or a far number. */
async function answer({ asked, right }: Drill, rightly: boolean) {
  if (asked.kind === 'choice') {
    const given = asked.choices.find(({ id }) => (id === right) === rightly)!;
    return userEvent.click(screen.getByRole('button', { name: given.says }));
  }
  const { best } = right as Exclude<Drill['right'], string>;
  if (asked.kind === 'number') {
    const given = rightly ? best : best > (asked.min + asked.max) / 2 ? asked.min : asked.max;
    await userEvent.type(
      screen.getByRole('textbox', { name: new RegExp(asked.label) }),
      String(given),
    );
    return tap('Check answer');
  }
  await tap('Put it in');
  await act(() => jest.advanceTimersByTimeAsync(rightly ? (best / 8) * 1000 : 100));
  return tap('Lift it out');
}

describe.each(DRILL_IDS)('the exercise %s', (kind) => {
  const timed = drill(kind, 7).asked.kind === 'moment';
  beforeEach(() => {
    if (timed) jest.useFakeTimers({ advanceTimers: true });
  });
  afterEach(() => jest.useRealTimers());

  it('is seen in words as in its picture, with its words explained', () => {
    open(kind);
    const each = drill(kind, 7);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(DRILLS[kind].name);
    expect(screen.getByRole('heading', { level: 2 })).toHaveTextContent(each.asks);
    expect(screen.getByText(inMetric(each.sees))).toBeVisible();
    for (const id of DRILLS[kind].words) {
      expect(
        screen.getByRole('button', { name: `${GLOSSARY[id].word} what is that?` }),
      ).toBeVisible();
    }
  });

  it('is right where it was answered rightly, and says how that comes', async () => {
    open(kind);
    const each = drill(kind, 7);
    await answer(each, true);
    expect(told()).toHaveTextContent(/Right/);
    expect(told()).toHaveFocus();
    expect(within(told()).getAllByRole('listitem')).toHaveLength(each.working.length);
    expect(kept).toMatchObject([{ kind, seed: 7, right: true, sure: null }]);
  });

  it('is not so where it was not, and goes on to another', async () => {
    open(kind);
    await answer(drill(kind, 7), false);
    expect(told()).toHaveTextContent(/Not so/);
    expect(kept).toMatchObject([{ kind, right: false }]);
    await tap('Another');
    expect(screen.queryByRole('group', { name: 'What it is' })).toBeNull();
  });
});

describe('an answer', () => {
  it('says how sure one was, where one does', async () => {
    open('opens');
    await userEvent.click(screen.getAllByRole('radio')[1]!);
    await answer(drill('opens', 7), true);
    expect(kept[0]!.sure).not.toBeNull();
  });

  it('is in the cook’s units, as the exercise is worded', async () => {
    render(
      <UnitsProvider initial={US_CUSTOMARY}>
        <DrillPage kind="dose" first={7} gear={GENERIC_GEAR} />
      </UnitsProvider>,
    );
    expect(screen.getByText(/^A mound/)).toHaveTextContent(
      /\d in across.* of \d\.\d tsp.*oz\/cup\.$/,
    );
    const { best } = drill('dose', 7).right as Exclude<Drill['right'], string>;
    await userEvent.type(screen.getByRole('textbox', { name: 'Dose' }), String(best / G_PER_OZ));
    await tap('Check answer');
    expect(told()).toHaveTextContent(/Right, you said \d+(\.\d+)? oz/);
  });

  it('that cannot be read is none, whatever was typed before', async () => {
    open('dose');
    const field = screen.getByRole('textbox');
    await userEvent.type(field, '30{Tab}');
    await userEvent.clear(field);
    await userEvent.type(field, 'plenty');
    await tap('Check answer');
    expect(kept).toEqual([]);
    expect(field).toHaveFocus();
  });

  it('of nothing is none: the focus goes to what is asked', async () => {
    open('dose');
    await tap('Check answer');
    expect(kept).toEqual([]);
    expect(screen.getByRole('textbox')).toHaveFocus();
  });
});

describe('what was missed', () => {
  const missed = (kind: DrillId, seed: number): DrillAnswer => ({
    id: `00000000-0000-4000-8000-${String(seed).padStart(12, '0')}`,
    kind,
    seed,
    given: 'nothing',
    right: false,
    sure: null,
    at: '2026-01-01T10:00:00Z',
  });

  it('comes back, one after the other, until that was all', async () => {
    kept = [missed('opens', 3), missed('opens', 4)];
    render(<BackPage gear={GENERIC_GEAR} />);
    expect(screen.getByText(/^1 of 2, missed once/)).toBeVisible();
    for (const way of ['The next', 'Done']) {
      const asks = screen.getAllByRole('group', { name: 'Answers' })[0]!;
      await userEvent.click(within(asks).getAllByRole('button')[0]!);
      await tap(way);
    }
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('That was all for today');
  });

  it('is nothing where nothing was', () => {
    render(<BackPage gear={GENERIC_GEAR} />);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Nothing comes back today');
  });

  it('is offered at home, beside how good a hand is', () => {
    kept = [
      missed('opens', 3),
      { ...missed('dose', 9), right: true, given: 12, sure: 'sure' as never },
    ];
    render(<PracticeHome classSeed={412} cooks={['Maren', 'Ivo']} />);
    expect(screen.getByRole('region', { name: 'What comes back' })).toHaveTextContent(
      /1 missed in all/,
    );
    expect(screen.getByRole('link', { name: /^Dose/ })).toHaveTextContent('1 of the last 1 right');
    expect(screen.getByRole('link', { name: /^Light/ })).toHaveTextContent('Not tried yet');
    expect(screen.getByRole('textbox', { name: 'Number of the set' })).toHaveValue('412');
  });

  it('is somebody’s once a hand is named', async () => {
    render(<PracticeHome classSeed={1} cooks={['Maren', 'Ivo']} />);
    expect(screen.getByText('What you answer stays on this device.')).toBeVisible();
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Cook' }), 'Ivo');
    expect(practice().read().cook).toBe('Ivo');
  });
});

describe('a batch on paper', () => {
  it('asks nine things, each of which can be decided again, and ends with what they cost', async () => {
    render(<PaperPage first={11} gear={GENERIC_GEAR} />);
    const deciding = () => screen.getByText(/, \d of 9$/).closest('section')!;
    for (let n = 1; n <= 9; n += 1) {
      expect(deciding()).toHaveTextContent(`${n} of 9`);
      await userEvent.click(within(deciding()).getAllByRole('button')[0]!);
      if (n > 1) continue;
      await tap(/Decide again/);
      expect(deciding()).toHaveTextContent('1 of 9');
      await userEvent.click(within(deciding()).getAllByRole('button')[0]!);
    }
    expect(screen.queryByText(/of 9$/)).toBeNull();
    expect(await screen.findByRole('button', { name: /again/i })).toBeVisible();
  });
});

/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { NuqsTestingAdapter } from 'nuqs/adapters/testing';
import { CAUSES } from '@/core/faults/causes';
import { QUESTIONS, type QuestionId } from '@/core/faults/questions';
import { SIGN_IDS, SIGNS, type SignId } from '@/core/faults/signs';
import { STAGE_NAMES, STAGES } from '@/core/faults/stages';
import { startingBasis } from '@/core/basis/basis';
import { basisPartsFor } from '@/core/plan/model/withLearnt';
import { planWith } from '@/core/testing/plans';
import { keepFinding, mendPlan } from '@/server/actions/faults';
import { QuestionDrawing, SignDrawing } from './FaultScene';
import { FaultsPage, type FaultsOf } from './FaultsPage';
import { likelyWords } from './likely';

const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh: jest.fn() }) }));
jest.mock('@/server/actions/faults', () => ({ keepFinding: jest.fn(), mendPlan: jest.fn() }));
const send = jest.fn();
jest.mock('../bench/sync', () => ({ serverOf: () => ({ send }) }));
const said: string[] = [];
let undo: (() => void) | undefined;
jest.mock('@/ui/layout/say', () => ({
  say: (text: string, more?: { undo?: () => void }) => {
    said.push(text);
    undo = more?.undo;
  },
  sayTrouble: (text: string) => said.push(text),
}));

const plan = planWith();
const RUN = '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0001';
const of = (more: Partial<FaultsOf> = {}): FaultsOf => ({
  planId: null,
  runId: null,
  plan: null,
  basis: basisPartsFor(plan, startingBasis),
  events: null,
  found: {},
  ...more,
});
/** The page, with what was seen in its address. */
const show = ({ signs = [], ...more }: Partial<FaultsOf> & { signs?: SignId[] } = {}) =>
  render(
    <NuqsTestingAdapter hasMemory searchParams={signs.map((sign) => `sign=${sign}`).join('&')}>
      <FaultsPage of={of(more)} />
    </NuqsTestingAdapter>,
  );
const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const pickSign = (sign: SignId) => tap(new RegExp(`^${SIGNS[sign].name}`));
const causes = () => screen.getByRole('region', { name: 'Causes' });
const firstCause = () => within(causes()).getAllByRole('listitem')[0]!;
const asked = () => screen.getByRole('region', { name: 'Questions' });

beforeEach(() => {
  jest.clearAllMocks();
  said.length = 0;
  undo = undefined;
  jest.mocked(keepFinding).mockResolvedValue({ ok: true, value: null });
  jest.mocked(mendPlan).mockResolvedValue({ ok: true, value: 'mended-plan' });
});

describe('drawings', () => {
  it.each(SIGN_IDS)('there is one of %s, and words say the same', (sign) => {
    const { container } = render(<SignDrawing sign={sign} className="" />);
    expect(container.querySelector('svg')).toHaveAttribute('aria-hidden', 'true');
    expect(container.querySelectorAll('path, circle, ellipse, rect').length).toBeGreaterThan(0);
    expect(SIGNS[sign].looks).not.toBe('');
  });

  it.each(Object.keys(QUESTIONS) as QuestionId[])('there is one of %s', (question) => {
    const { container } = render(<QuestionDrawing question={question} className="" />);
    expect(container.querySelectorAll('path, circle, ellipse, rect').length).toBeGreaterThan(0);
  });
});

describe('what is seen', () => {
  it('is offered in the order of the work, all of it', () => {
    show();
    const heads = screen.getAllByRole('heading', { level: 2 }).map((head) => head.textContent);
    const used = STAGES.filter((stage) => SIGN_IDS.some((sign) => SIGNS[sign].stage === stage));
    expect(heads).toEqual(used.map((stage) => STAGE_NAMES[stage]));
    for (const sign of SIGN_IDS) {
      expect(
        screen.getByRole('button', { name: new RegExp(`^${SIGNS[sign].name}`) }),
      ).toBeInTheDocument();
    }
  });

  it.each(SIGN_IDS)(
    '%s leads to causes, the likeliest first, or to what is asked next',
    async (sign) => {
      show({ signs: [sign] });
      const all = within(causes())
        .getAllByText(/in 100$/)
        .map((each) => Number(/(\d+) in 100/.exec(each.textContent)![1]));
      expect([...all].sort((a, b) => b - a)).toEqual(all);
      expect(all.reduce((sum, each) => sum + each, 0)).toBeLessThanOrEqual(102);
      expect(within(firstCause()).getByText('Next time').nextSibling).not.toBeEmptyDOMElement();
      expect(asked()).not.toBeEmptyDOMElement();
    },
  );

  it('is taken back one by one, or all at once', async () => {
    show();
    await pickSign('opensAtLip');
    await userEvent.selectOptions(
      screen.getByRole('combobox', { name: /Something else as well/ }),
      'sticksToTray',
    );
    const picked = () => screen.getByRole('list', { name: 'What you see' });
    expect(within(picked()).getAllByRole('listitem')).toHaveLength(2);
    await tap(`Not this: ${SIGNS.opensAtLip.name}`);
    expect(within(picked()).getAllByRole('listitem')).toHaveLength(1);
    await tap('Start again');
    expect(screen.queryByRole('region', { name: 'Causes' })).toBeNull();
  });

  it('is told without a plan as what is usual, and of a plan or batch by name', () => {
    const { unmount } = show();
    expect(screen.getByText(/Without a plan: what is usual everywhere/)).toBeVisible();
    unmount();
    show({ planId: 'celeriac', plan, runId: RUN, events: [] });
    expect(screen.getByRole('link', { name: 'A batch' })).toHaveAttribute(
      'href',
      `/logbook/${RUN}`,
    );
    expect(screen.getByRole('link', { name: plan.name })).toHaveAttribute(
      'href',
      '/plans/celeriac',
    );
  });
});

describe('questions', () => {
  it('are asked one at a time; an answer moves what is likely, and is taken back', async () => {
    show({ signs: ['opensAtLip'] });
    const before = causes().textContent;
    const question = within(asked()).getByRole('heading').textContent;
    const [first] = within(within(asked()).getByRole('group')).getAllByRole('button');
    await userEvent.click(first!);
    expect(causes().textContent).not.toBe(before);
    expect(asked()).not.toHaveTextContent(`${question}?`.repeat(2));
    const answered = screen.getByRole('list', { name: 'What you answered' });
    await userEvent.click(within(answered).getByRole('button'));
    expect(causes().textContent).toBe(before);
    expect(within(asked()).getByRole('heading')).toHaveTextContent(question!);
  });

  it('give the focus on to the next one', async () => {
    show({ signs: ['opensAtLip'] });
    const [first] = within(within(asked()).getByRole('group')).getAllByRole('button');
    await userEvent.click(first!);
    expect(asked().firstElementChild).toHaveFocus();
  });

  it('end, and say so', async () => {
    show({ signs: ['opensAtLip'] });
    for (let i = 0; i < 40; i += 1) {
      const group = within(asked()).queryByRole('group');
      if (!group) break;
      await userEvent.click(within(group).getAllByRole('button')[0]!);
    }
    expect(asked()).toHaveTextContent(/Nothing more to ask/);
  });
});

describe('a cause', () => {
  const confirm = () =>
    userEvent.click(within(firstCause()).getByRole('button', { name: 'It was this' }));

  it('is kept when it was this, and taken back', async () => {
    show({ signs: ['sticksToTray'] });
    await confirm();
    await waitFor(() => expect(said[0]).toMatch(/^Kept: /));
    expect(jest.mocked(keepFinding).mock.calls).toHaveLength(1);
    expect(within(firstCause()).getByRole('button', { name: '✓ It was this' })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    undo!();
    await waitFor(() =>
      expect(keepFinding).toHaveBeenLastCalledWith(expect.objectContaining({ back: true })),
    );
    expect(within(firstCause()).getByRole('button', { name: 'It was this' })).toBeVisible();
  });

  it('goes into the log of its batch, where there is one', async () => {
    show({ signs: ['sticksToTray'], planId: 'p', plan, runId: RUN, events: [] });
    await confirm();
    await waitFor(() => expect(send).toHaveBeenCalled());
    expect(send.mock.calls[0]![0]).toMatchObject([{ kind: 'traced', signs: ['sticksToTray'] }]);
    undo!();
    await waitFor(() => expect(send).toHaveBeenCalledTimes(2));
    expect(send.mock.calls[1]![0]).toMatchObject([
      { kind: 'takenBack', event: send.mock.calls[0]![0][0].id },
    ]);
    expect(keepFinding).not.toHaveBeenCalled();
  });

  it('that could not be kept is not shown as kept, and says why', async () => {
    jest.mocked(keepFinding).mockResolvedValue({ ok: false, error: 'The kitchen is locked.' });
    show({ signs: ['sticksToTray'] });
    await confirm();
    await waitFor(() => expect(said).toContain('The kitchen is locked.'));
    expect(within(firstCause()).getByRole('button', { name: 'It was this' })).toHaveAttribute(
      'aria-pressed',
      'false',
    );
  });

  it('is mended in the plan by one tap, which opens it', async () => {
    const loose = planWith({ shape: { doseG: 18 } });
    show({ signs: ['opensAtLip'], planId: 'celeriac', plan: loose });
    const title = within(causes()).getAllByText('In the plan')[0]!;
    await userEvent.click(
      within(title.parentElement!).getAllByRole('button', { hidden: true })[0]!,
    );
    await waitFor(() => expect(push).toHaveBeenCalledWith('/plans/mended-plan'));
    expect(mendPlan).toHaveBeenCalledWith(expect.objectContaining({ planId: 'celeriac' }));
  });

  it('has nothing to mend without a plan', () => {
    show({ signs: ['opensAtLip'] });
    expect(within(causes()).queryByText('In the plan')).toBeNull();
  });

  it('of each there is, is named in words a cook has', () => {
    for (const { name, does, known, now, next } of Object.values(CAUSES)) {
      for (const words of [name, does, known, now, next]) {
        expect(words.length).toBeGreaterThan(3);
        expect(words).not.toMatch(/undefined|NaN|kPa|\bPa\b/);
      }
    }
  });
});

describe('how likely, in words', () => {
  it.each([
    [0.9, 'as good as sure'],
    [0.8, 'as good as sure'],
    [0.5, 'most likely'],
    [0.2, 'quite likely'],
    [0.1, 'possible'],
    [0.01, 'hardly'],
  ])('%p is %s', (probability, words) => expect(likelyWords(probability)).toBe(words));
});

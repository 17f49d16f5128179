/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { startingKitchen } from '@/core/kitchen/kitchen';
import type { NewPlan } from '@/core/plan/questions/newPlan';
import {
  beginPlan,
  deleteForEver,
  duplicatePlan,
  importPlan,
  renamePlan,
  shelvePlan,
  startPlan,
  tagPlan,
} from '@/server/actions/plans';
import { standInForScreen } from '@/ui/testing/standIns';
import { ImportPlan } from './ImportPlan';
import { NewPlanForm } from './NewPlanForm';
import { PlanList, type PlanSummary } from './PlanList';
import PlanMenu from './PlanMenu';

const push = jest.fn();
const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh }) }));
jest.mock('@/server/actions/plans', () => ({
  beginPlan: jest.fn(),
  deleteForEver: jest.fn(),
  duplicatePlan: jest.fn(),
  importPlan: jest.fn(),
  renamePlan: jest.fn(),
  shelvePlan: jest.fn(),
  startPlan: jest.fn(),
  tagPlan: jest.fn(),
}));
const said: { text: string; undo?: () => void }[] = [];
jest.mock('@/ui/layout/say', () => ({
  say: (text: string, more?: { undo?: () => void }) => said.push({ text, ...more }),
  sayTrouble: (text: string) => said.push({ text }),
}));
// What is fetched after the page is here at once.
jest.mock('./LatePlanMenu', () => ({
  LatePlanMenu: jest.requireActual<{ default: unknown }>('./PlanMenu').default,
}));

beforeAll(standInForScreen);
beforeEach(() => {
  jest.resetAllMocks();
  said.length = 0;
  for (const action of [beginPlan, duplicatePlan, importPlan, startPlan]) {
    jest.mocked(action).mockResolvedValue({ ok: true, value: 'new-plan' } as never);
  }
  for (const action of [deleteForEver, renamePlan, shelvePlan, tagPlan]) {
    jest.mocked(action).mockResolvedValue({ ok: true, value: undefined } as never);
  }
});

const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const choose = (name: string | RegExp) => userEvent.click(screen.getByRole('radio', { name }));

const summary = (more: Partial<PlanSummary> = {}): PlanSummary => ({
  id: 'celeriac',
  name: 'Celeriac and smoked curd',
  tags: [],
  family: 'ravioliSquare',
  familyName: 'Square ravioli',
  colour: '#8fa87e',
  pieces: 320,
  portions: 48,
  doughG: 2100,
  fillingG: 3131,
  state: 'holds',
  failing: null,
  weakest: 'lip',
  margin: 1.6,
  madeTimes: 0,
  madeOn: null,
  ...more,
});

describe('the list of plans', () => {
  const shown = (...plans: PlanSummary[]) => render(<PlanList plans={plans} shelf="current" />);
  const row = () => screen.getAllByRole('listitem')[0]!;

  it('says of each what it comes to, and whether it holds', () => {
    shown(summary());
    expect(screen.getByRole('link', { name: summary().name })).toHaveAttribute(
      'href',
      '/plans/celeriac',
    );
    expect(row()).toHaveTextContent(/320pieces/);
    expect(row()).toHaveTextContent(/Holds: /);
  });

  it.each([
    [{ state: 'edge' as const }, /On the edge: /],
    [{ state: 'fails' as const, margin: 0.7 }, /Fails: /],
    [
      {
        state: 'fails' as const,
        failing: { station: 'filling' as const, word: 'too slow to cool' },
      },
      /Fails: filling, too slow to cool/,
    ],
    [{ madeTimes: 1, madeOn: '2026-11-20T12:00:00Z' }, /made once, last on/],
    [{ madeTimes: 7, madeOn: '2026-11-20T12:00:00Z' }, /made 7 times/],
    [{ tags: ['winter', 'stall'] }, /winter, stall/],
  ])('with %j', (more, says) => {
    shown(summary(more));
    expect(row()).toHaveTextContent(says);
  });

  const menu = async (item: string) => {
    await tap(/^What to do with/);
    await userEvent.click(await screen.findByRole('menuitem', { name: item }));
  };

  it('renames in its row; nothing is asked of the server where nothing changed', async () => {
    shown(summary());
    await menu('Rename');
    const field = await screen.findByRole('textbox', { name: 'New name' });
    await waitFor(() => expect(field).toHaveFocus());
    await userEvent.keyboard('{Enter}');
    expect(renamePlan).not.toHaveBeenCalled();
    await menu('Rename');
    await userEvent.clear(screen.getByRole('textbox'));
    await userEvent.type(screen.getByRole('textbox'), 'Celeriac for the hall{Enter}');
    expect(renamePlan).toHaveBeenCalledWith('celeriac', 'Celeriac for the hall');
  });

  it('keeps what was typed where the name is refused, and says why', async () => {
    jest.mocked(renamePlan).mockResolvedValue({ ok: false, error: 'Name must not be empty' });
    shown(summary());
    await menu('Rename');
    await userEvent.clear(await screen.findByRole('textbox'));
    await userEvent.keyboard('{Enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent('Name must not be empty');
    expect(screen.getByRole('textbox')).toBeInvalid();
    await userEvent.keyboard('{Escape}');
    expect(screen.queryByRole('textbox')).toBeNull();
  });

  it('takes tags with a comma between, none of them empty', async () => {
    shown(summary({ tags: ['winter'] }));
    await menu('Tags');
    const field = await screen.findByRole('textbox');
    expect(field).toHaveValue('winter');
    await userEvent.type(field, ', stall, ,{Enter}');
    expect(tagPlan).toHaveBeenCalledWith('celeriac', ['winter', 'stall']);
  });
});

describe('what can be done with a plan', () => {
  const opened = async (props: Partial<React.ComponentProps<typeof PlanMenu>> = {}) => {
    render(<PlanMenu id="celeriac" name="Celeriac" shelf="current" {...props} />);
    await tap('What to do with Celeriac');
    return (await screen.findAllByRole('menuitem')).map((item) => item.textContent.trim());
  };
  const item = (name: string) => userEvent.click(screen.getByRole('menuitem', { name }));

  it.each([
    ['current', false, ['Duplicate', 'Save as a file', 'Save as recipe data', 'Archive', 'Delete']],
    [
      'archived',
      false,
      ['Duplicate', 'Save as a file', 'Save as recipe data', 'Bring back', 'Delete'],
    ],
    ['deleted', false, ['Bring back', 'Delete for ever']],
    [
      'current',
      true,
      [
        'Duplicate',
        'Save as a file',
        'Save as recipe data',
        'Archive',
        'Delete',
        'Delete for ever',
      ],
    ],
  ] as const)('is, of one that is %s (inside: %p), %j', async (shelf, inside, items) => {
    expect(await opened({ shelf, inside })).toEqual(items);
  });

  it('archives, with a way back', async () => {
    await opened();
    await item('Archive');
    await waitFor(() => expect(said[0]?.text).toBe('Celeriac: archived'));
    expect(shelvePlan).toHaveBeenCalledWith('celeriac', 'archived');
    said[0]!.undo!();
    await waitFor(() => expect(shelvePlan).toHaveBeenLastCalledWith('celeriac', 'current'));
  });

  it('stores what was typed before it takes the plan away', async () => {
    const order: string[] = [];
    jest.mocked(shelvePlan).mockImplementation(() => {
      order.push('away');
      return Promise.resolve({ ok: true, value: undefined } as never);
    });
    await opened({
      inside: true,
      before: () => {
        order.push('stored');
        return Promise.resolve();
      },
    });
    await item('Delete');
    await waitFor(() => expect(push).toHaveBeenCalledWith('/'));
    expect(order).toEqual(['stored', 'away']);
  });

  it('duplicates, and opens what it made', async () => {
    await opened();
    await item('Duplicate');
    await waitFor(() => expect(push).toHaveBeenCalledWith('/plans/new-plan'));
  });

  it('asks once before it deletes for ever', async () => {
    await opened({ shelf: 'deleted' });
    await item('Delete for ever');
    const asked = await screen.findByRole('alertdialog');
    expect(asked).toHaveTextContent(/There is no way back/);
    await userEvent.click(within(asked).getByRole('button', { name: 'Keep it' }));
    expect(deleteForEver).not.toHaveBeenCalled();
    await tap('What to do with Celeriac');
    await userEvent.click(await screen.findByRole('menuitem', { name: 'Delete for ever' }));
    await userEvent.click(
      within(await screen.findByRole('alertdialog')).getByRole('button', {
        name: 'Delete for ever',
      }),
    );
    await waitFor(() => expect(deleteForEver).toHaveBeenCalledWith('celeriac'));
  });

  it('says that nothing was changed where no answer comes', async () => {
    jest.mocked(shelvePlan).mockRejectedValue(new Error('no line'));
    await opened();
    await item('Archive');
    await waitFor(() => expect(said[0]?.text).toMatch(/nothing was changed/));
  });
});

describe('a plan file', () => {
  const give = (name: string, text: string) =>
    fireEvent.change(screen.getByLabelText('Plan file'), {
      target: {
        files: [Object.assign(new File([text], name), { text: () => Promise.resolve(text) })],
      },
    });

  it('is opened, and leads to its plan', async () => {
    render(<ImportPlan />);
    give('plan.json', '{"name":"A plan"}');
    await waitFor(() => expect(push).toHaveBeenCalledWith('/plans/new-plan'));
    expect(jest.mocked(importPlan).mock.calls[0]![0]).toEqual({ name: 'A plan' });
  });

  it('that is none is refused by name, before anything is asked', async () => {
    render(<ImportPlan />);
    give('shopping.txt', 'eggs');
    expect(await screen.findByRole('alert')).toHaveTextContent('shopping.txt is not a plan file');
    expect(importPlan).not.toHaveBeenCalled();
  });

  it('that the kitchen cannot take says why', async () => {
    jest
      .mocked(importPlan)
      .mockResolvedValue({ ok: false, error: 'dough.parts: must not be empty' });
    render(<ImportPlan />);
    give('plan.json', '{}');
    expect(await screen.findByRole('alert')).toHaveTextContent(
      'plan.json was not taken: dough.parts: must not be empty',
    );
  });
});

describe('a new plan', () => {
  const fillings = [
    { id: 'greens', name: 'Greens and curd', says: 'Firm', colour: '#668855', contents: 'milk' },
    { id: 'squash', name: 'Squash', says: 'Sweet', colour: '#cc8844', contents: 'plant' },
  ];
  const doughs = [
    { id: 'egg', name: 'Whole egg', says: 'The usual one' },
    { id: 'water', name: 'Water and semolina', says: 'No egg' },
  ];
  const form = () =>
    render(
      <NewPlanForm
        fillings={fillings}
        doughs={doughs}
        egg={startingKitchen}
        ownRows={{ ingredients: [], preparations: [] }}
      />,
    );
  const asked = () => jest.mocked(beginPlan).mock.calls[0]![0] as NewPlan;
  const show = async () => {
    await tap('Make the plan');
    await waitFor(() => expect(beginPlan).toHaveBeenCalled());
  };

  it('is at its answer in one tap', async () => {
    form();
    await show();
    expect(asked()).toMatchObject({
      portions: 4,
      filling: { kind: 'starting', id: 'greens' },
      dough: { kind: 'style', id: 'egg' },
    });
    expect(asked()).not.toHaveProperty('family');
    expect(push).toHaveBeenCalledWith('/plans/new-plan?at=count');
  });

  it('takes for how many, what shape, what filling and what dough', async () => {
    form();
    const field = screen.getByRole('textbox', { name: 'For how many?' });
    await userEvent.clear(field);
    await userEvent.type(field, '10{Tab}');
    await choose(/Tortelloni/i);
    await choose(/^Squash/);
    await choose(/^Water and semolina/);
    await show();
    expect(asked()).toMatchObject({
      portions: 10,
      family: 'tortelloni',
      filling: { id: 'squash' },
      dough: { id: 'water' },
    });
  });

  it.each(['6000', '0', 'lots', ''])(
    'makes no plan for “%s”: it says what it takes',
    async (text) => {
      form();
      const field = screen.getByRole('textbox', { name: 'For how many?' });
      await userEvent.clear(field);
      if (text) await userEvent.type(field, text);
      await tap('Make the plan');
      expect(field).toHaveFocus();
      expect(field).toHaveValue(text);
      expect(screen.getAllByRole('alert')[0]).toHaveTextContent(/For how many\? must be/);
      expect(beginPlan).not.toHaveBeenCalled();
      await userEvent.clear(field);
      await userEvent.type(field, '6{Enter}');
      await waitFor(() => expect(beginPlan).toHaveBeenCalled());
      expect(asked().portions).toBe(6);
    },
  );

  it('begins with the flour and eggs there are', async () => {
    form();
    await choose(/^Flour and eggs I have/);
    const eggs = screen.getByRole('textbox', { name: 'Eggs in hand' });
    await userEvent.clear(eggs);
    await userEvent.type(eggs, '6{Tab}');
    await show();
    expect(asked().dough).toEqual({ kind: 'inHand', flour: 'flour-00', flourG: 400, eggs: 6 });
  });

  it('begins with a recipe pasted, all of it used where it is what there is', async () => {
    form();
    await choose('I have a recipe');
    await userEvent.click(screen.getByRole('textbox', { name: /^Paste or type it/ }));
    await userEvent.paste('Ricotta ravioli\nServes 8\n500 g ricotta\n400 g flour\n4 eggs');
    await userEvent.click(screen.getByRole('checkbox', { name: /what I have: use it all/ }));
    await show();
    const { dough, filling, ...rest } = asked();
    expect(rest).toMatchObject({ portions: 8, name: 'Ricotta ravioli' });
    expect(filling).toMatchObject({ kind: 'recipe', had: true });
    expect(dough).toMatchObject({
      kind: 'recipe',
      had: true,
      parts: [
        { id: 'flour-all-purpose', g: 400 },
        { id: 'egg-whole', g: 4 * startingKitchen.eggG },
      ],
    });
  });

  it('does not begin while a line is not told, and says so', async () => {
    form();
    await choose('I have a recipe');
    await userEvent.click(screen.getByRole('textbox', { name: /^Paste or type it/ }));
    await userEvent.paste('a handful of moonbeams');
    await tap('Make the plan');
    expect(screen.getByRole('alert')).toHaveTextContent(/Some lines are not told yet/);
    expect(beginPlan).not.toHaveBeenCalled();
  });

  it('asked twice is one plan: the same wish goes under the same id', async () => {
    jest.mocked(beginPlan).mockRejectedValueOnce(new Error('no line'));
    form();
    await tap('Make the plan');
    expect(await screen.findByRole('alert')).toHaveTextContent(/No answer from the server/);
    await tap('Make the plan');
    await waitFor(() => expect(beginPlan).toHaveBeenCalledTimes(2));
    const [first, second] = jest.mocked(beginPlan).mock.calls;
    expect(second![1]).toBe(first![1]);
  });
});

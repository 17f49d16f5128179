/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { ShoppingPage } from './ShoppingPage';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn() }) }));
jest.mock('@/ui/layout/BenchBar', () => ({ BenchBar: () => null }));
// What is asked stands in the address; here in the page.
jest.mock('nuqs', () => {
  const { useState } = jest.requireActual<typeof import('react')>('react');
  return {
    parseAsArrayOf: () => null,
    parseAsString: null,
    useQueryState: (of: string) => useState<unknown>(of === 'q' ? '' : null),
  };
});
const said: { text: string; undo?: () => void }[] = [];
jest.mock('@/ui/layout/say', () => ({
  say: (text: string, more?: { undo?: () => void }) => said.push({ text, ...more }),
  sayTrouble: (text: string) => said.push({ text }),
}));

const plan = (id: string, name: string, needs: readonly (readonly [string, number])[]) => ({
  id,
  name,
  pieces: 48,
  needs: needs.map(([each, g]) => ({ id: each, g })),
  eggs: { whole: needs.some(([each]) => each === 'egg-whole') ? 3 : 0, yolks: 0, whites: 0 },
});
const plans = [
  plan('a', 'Curd', [
    ['flour-00', 300],
    ['egg-whole', 150],
    ['ricotta-fresh', 400],
  ]),
  plan('b', 'Squash', [
    ['flour-00', 500],
    ['squash-raw', 900],
  ]),
];
const page = (all = true) =>
  render(
    <ShoppingPage
      plans={plans}
      all={all}
      rows={{ ingredients: [], preparations: [] }}
      notice={null}
    />,
  );
/** A line of the list, told by what is bought; a plan's own line has no way to put it aside. */
const lineOf = (name: RegExp) =>
  screen
    .queryAllByRole('listitem')
    .find(
      (each) =>
        name.test(each.textContent) &&
        within(each).queryByRole('button', { name: /Already have|To buy/ }) !== null,
    );
const line = (name: RegExp) => lineOf(name)!;
const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));

beforeEach(() => {
  localStorage.clear();
  said.length = 0;
});

describe('what to buy', () => {
  it('is merged over all plans, each line saying which want it', () => {
    page();
    expect(line(/Soft wheat flour/)).toHaveTextContent(/800 g needed.*for all/);
    expect(line(/squash raw/i)).toHaveTextContent('for Squash');
    expect(line(/egg/i)).toHaveTextContent(/3/);
  });

  it('is of the plans that are ticked', async () => {
    page();
    await userEvent.click(screen.getByRole('checkbox', { name: /^Squash.*pieces/ }));
    expect(line(/Soft wheat flour/)).toHaveTextContent('300 g needed');
    expect(lineOf(/squash raw/i)).toBeUndefined();
    await userEvent.click(screen.getByRole('checkbox', { name: /^Curd.*pieces/ }));
    expect(screen.getByText(/Tick a plan, and what it needs stands here/)).toBeVisible();
  });

  it('chooses none by itself where there are too many plans to show', () => {
    page(false);
    expect(screen.getByText(/Tick a plan/)).toBeVisible();
    expect(screen.getByRole('searchbox')).toBeVisible();
  });

  it('keeps what is in the basket over a reload, for that very set of plans', async () => {
    const { unmount } = page();
    const box = () => within(line(/Soft wheat flour/)).getByRole('checkbox');
    await userEvent.click(box());
    expect(box()).toBeChecked();
    unmount();
    page();
    await waitFor(() => expect(box()).toBeChecked());
    await userEvent.click(screen.getByRole('checkbox', { name: /^Squash.*pieces/ }));
    expect(box()).not.toBeChecked();
  });

  it('puts aside what is in hand already, and back', async () => {
    page();
    const flour = () => line(/Soft wheat flour/);
    await userEvent.click(within(flour()).getByRole('button', { name: /Already have/ }));
    expect(within(flour()).queryByRole('checkbox')).toBeNull();
    await userEvent.click(within(flour()).getByRole('button', { name: /To buy/ }));
    expect(within(flour()).getByRole('checkbox')).not.toBeChecked();
  });

  it('is copied as text, without what is in hand; where that is forbidden, it says what else', async () => {
    const user = userEvent.setup();
    page();
    await user.click(within(line(/squash raw/i)).getByRole('button', { name: /Already have/ }));
    await user.click(screen.getByRole('button', { name: 'Copy' }));
    await waitFor(() => expect(said[0]?.text).toBe('The list is copied.'));
    const text = await navigator.clipboard.readText();
    expect(text).toMatch(/Soft wheat flour/);
    expect(text).not.toMatch(/squash raw/i);
    jest.spyOn(navigator.clipboard, 'writeText').mockRejectedValue(new Error('no'));
    await user.click(screen.getByRole('button', { name: 'Copy' }));
    await waitFor(() => expect(said[1]?.text).toMatch(/Save it as text instead/));
  });

  it('takes lines of the cook’s own, and gives one back by undo', async () => {
    page();
    await userEvent.type(screen.getByRole('textbox'), 'Kitchen twine{Enter}');
    expect(screen.getByText('Kitchen twine')).toBeVisible();
    await tap(/^Remove Kitchen twine/);
    expect(screen.queryByText('Kitchen twine')).toBeNull();
    said.at(-1)!.undo!();
    expect(await screen.findByText('Kitchen twine')).toBeVisible();
  });
});

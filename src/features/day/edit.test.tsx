/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactNode } from 'react';
import { startingBasis } from '@/core/basis/basis';
import { parseDay, type Day } from '@/core/schedule/document/day';
import { DAY_PLANS, dayWith, supper } from '@/core/schedule/testing/days';
import { solveDay } from '@/core/schedule/timetable/solveDay';
import { standInForScreen } from '@/ui/testing/standIns';
import { About } from './edit/About';
import { Gear } from './edit/Gear';
import { People } from './edit/People';
import { Served } from './edit/Served';

beforeAll(standInForScreen);

const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const solved = (day: Day) => solveDay(day, DAY_PLANS, startingBasis, { tries: 150 });

/** A part of a day that keeps what is done to it; every day it comes to is one that is taken. */
function editing(start: Day, part: (day: Day, change: (next: Partial<Day>) => void) => ReactNode) {
  let last = start;
  function Holder() {
    const [day, set] = useState(start);
    return part(day, (next) => {
      last = parseDay(JSON.parse(JSON.stringify({ ...day, ...next })));
      set(last);
    });
  }
  render(<Holder />);
  return () => last;
}

describe('people', () => {
  const shown = (day = supper()) =>
    editing(day, (now, change) => <People day={now} onChange={(people) => change({ people })} />);

  it('are added with hours like the first, all of them able to do all', async () => {
    const now = shown();
    await tap('Somebody more');
    const [first, , third] = now().people;
    expect(third).toMatchObject({ name: 'Helper 3', hours: first!.hours });
    expect(new Set(now().people.map(({ id }) => id)).size).toBe(3);
  });

  it('are named, and no name is emptied', async () => {
    const now = shown();
    const [name] = screen.getAllByRole('textbox', { name: 'Name' });
    await userEvent.clear(name!);
    await userEvent.tab();
    expect(now().people[0]!.name).toBe('Maren');
    await userEvent.clear(name!);
    await userEvent.type(name!, 'Runa{Enter}');
    expect(now().people[0]!.name).toBe('Runa');
  });

  it('do what they can, at their own pace', async () => {
    const now = shown();
    const can = screen.getByRole('group', { name: 'Maren can' });
    await userEvent.click(within(can).getByRole('checkbox', { name: 'boil' }));
    expect(now().people[0]!.can).not.toContain('boil');
    await userEvent.click(within(can).getByRole('checkbox', { name: 'boil' }));
    expect(now().people[0]!.can).toEqual(supper().people[0]!.can);
    await userEvent.selectOptions(
      screen.getByRole('combobox', { name: 'Maren fills' }),
      'Learning',
    );
    expect(now().people[0]!.pace).toBe(1.6);
  });

  it('are there on some days, from when to when', async () => {
    const now = shown();
    const hours = screen.getByRole('list', { name: 'Maren is there' });
    const [first] = within(hours).getAllByRole('checkbox');
    await userEvent.click(first!);
    expect(now().people[0]!.hours.map(({ date }) => date)).not.toContain('2026-11-26');
    await userEvent.click(first!);
    expect(now().people[0]!.hours[0]).toEqual({ date: '2026-11-26', from: '10:00', to: '22:00' });
    fireEvent.change(within(hours).getAllByLabelText(/^Maren from/)[0]!, {
      target: { value: '09:15' },
    });
    expect(now().people[0]!.hours[0]!.from).toBe('09:15');
    await userEvent.click(within(hours).getByRole('button', { name: 'Another day' }));
    expect(now().people[0]!.hours.at(-1)!.date).toBe('2026-11-29');
  });

  it('say that nobody works where nobody does', () => {
    shown({ ...supper(), people: [] });
    expect(screen.getByText('Nobody works on this day yet.')).toBeVisible();
  });
});

describe('what is served', () => {
  const choices = [...DAY_PLANS].map(([id, plan]) => ({
    id,
    name: plan.name,
    portions: plan.batch.portions,
  }));
  const bench = jest.fn();
  const shown = (day = supper(), clock: Parameters<typeof Served>[0]['timetable'] = null) =>
    editing(day, (now, change) => (
      <Served
        day={now}
        choices={choices as never}
        timetable={clock}
        onChange={(services) => change({ services })}
        onBench={bench}
      />
    ));

  it('is put on the day at the hour of the last, for as many as its plan', async () => {
    const now = shown();
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Plan' }), 'Half-moons');
    await tap('Add to day');
    expect(now().services).toHaveLength(2);
    expect(now().services[1]).toMatchObject({
      planId: 'half-moons',
      at: '2026-11-27T19:00',
      portions: 8,
      kind: 'plates',
    });
  });

  it('becomes trays handed over, or a class of pairs', async () => {
    const now = shown();
    expect(screen.getByRole('textbox', { name: /Service lasts/ })).toBeVisible();
    await userEvent.selectOptions(
      screen.getByRole('combobox', { name: 'Ravioli for' }),
      'A class makes it',
    );
    expect(now().services[0]!.kind).toBe('class');
    expect(screen.queryByRole('textbox', { name: /Service lasts/ })).toBeNull();
    const pairs = screen.getByRole('textbox', { name: 'Pairs' });
    await userEvent.clear(pairs);
    await userEvent.type(pairs, '6{Enter}');
    expect(now().services[0]!.pairs).toBe(6);
    expect(screen.getByLabelText('Begins')).toHaveValue('2026-11-27T19:00');
  });

  it('says what it comes to on the clock, and goes to its bench', async () => {
    const day = supper();
    shown(day, solved(day).timetable);
    expect(screen.getByRole('listitem')).toHaveTextContent(/\d+ pieces; \d+ rounds? in the pot/);
    await tap('At the bench');
    expect(bench).toHaveBeenCalledWith('s1');
  });

  it('takes bowls of its own and ribbons as they are ticked', async () => {
    const now = shown();
    for (const name of ['Dough in a bowl of its own', 'Trim to ribbons for the staff']) {
      await userEvent.click(screen.getByRole('checkbox', { name }));
    }
    expect(now().services[0]).toMatchObject({ ownDough: true, ribbons: true, ownFilling: false });
  });

  it('names a plan that is gone as such', () => {
    shown(dayWith([{ planId: 'no-longer' }]));
    expect(screen.getByRole('link', { name: 'A plan that is gone' })).toBeVisible();
  });
});

describe('about the day, and its gear', () => {
  it('keeps what is minded, its note and its first date', async () => {
    const day = supper();
    const now = editing(day, (each, change) => (
      <About day={each} timetable={solved(day).timetable} onChange={change} />
    ));
    await userEvent.selectOptions(
      screen.getByRole('combobox', { name: /^People standing about.* as it is/ }),
      'Very much',
    );
    expect(now().minds.idle).toBe(3);
    await userEvent.type(screen.getByRole('textbox', { name: 'Note' }), 'Snow is told.');
    expect(now().note).toBe('');
    await userEvent.tab();
    expect(now().note).toBe('Snow is told.');
  });

  it('borrows a roller under an id of its own, and gives one back', async () => {
    const now = editing(supper(), (each, change) => (
      <Gear day={each} onChange={(gear) => change({ gear })} />
    ));
    const rollers = screen.getByRole('region', { name: 'Rollers' });
    await userEvent.click(within(rollers).getByRole('button', { name: 'Add' }));
    expect(now().gear.rollers.map(({ name }) => name)).toEqual(['Crank', 'Borrowed roller']);
    expect(new Set(now().gear.rollers.map(({ id }) => id)).size).toBe(2);
    await userEvent.click(within(rollers).getByRole('button', { name: /^Remove Crank/ }));
    expect(now().gear.rollers.map(({ name }) => name)).toEqual(['Borrowed roller']);
  });
});

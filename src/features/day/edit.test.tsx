/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactNode } from 'react';
import { startingBasis } from '@/core/basis/basis';
import { parseDay, type Day } from '@/core/schedule/document/day';
import { DAY_PLANS, dayWith, supper, weekend } from '@/core/schedule/testing/days';
import { blocksOf } from '@/core/schedule/timetable/blocks';
import { solveDay } from '@/core/schedule/timetable/solveDay';
import { importDay, removeDay, shelveDay, startDay } from '@/server/actions/days';
import { standInForScreen } from '@/ui/testing/standIns';
import { BlockPanel } from './BlockPanel';
import { dayClient } from './clock/dayClient';
import { DayList } from './DayList';
import { About } from './edit/About';
import { Gear } from './edit/Gear';
import { People } from './edit/People';
import { Served } from './edit/Served';
import { HandsView } from './HandsView';
import { headlineText } from './Headline';
import { Lists } from './Lists';
import { NewDay } from './NewDay';
import { TroubleList } from './TroubleList';

const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh: jest.fn() }) }));
jest.mock('@/server/actions/days', () => ({
  importDay: jest.fn(),
  removeDay: jest.fn(),
  shelveDay: jest.fn(),
  startDay: jest.fn(),
}));
jest.mock('./clock/dayClient', () => ({ dayClient: jest.fn() }));
const said: { text: string; undo?: () => void }[] = [];
jest.mock('@/ui/layout/say', () => ({
  say: (text: string, more?: { undo?: () => void }) => said.push({ text, ...more }),
  sayTrouble: (text: string) => said.push({ text }),
}));

beforeAll(standInForScreen);
beforeEach(() => {
  jest.clearAllMocks();
  said.length = 0;
  jest.mocked(startDay).mockResolvedValue({ ok: true, value: 'new-day' });
  jest.mocked(importDay).mockResolvedValue({ ok: true, value: 'new-day' });
  jest.mocked(shelveDay).mockResolvedValue({ ok: true, value: undefined } as never);
  jest.mocked(removeDay).mockResolvedValue({ ok: true, value: undefined } as never);
});

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
    await tap('Put it on the day');
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
    expect(screen.getByRole('textbox', { name: /Plates go out over/ })).toBeVisible();
    await userEvent.selectOptions(
      screen.getByRole('combobox', { name: 'Ravioli for' }),
      'A class makes it',
    );
    expect(now().services[0]!.kind).toBe('class');
    expect(screen.queryByRole('textbox', { name: /Plates go out over/ })).toBeNull();
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

describe('what the day comes to', () => {
  const told = (day: Day, soonerMin: number | null | undefined, underWay = false) => {
    const {
      work,
      solved: found,
      timetable,
    } = solved(day) as never as Parameters<typeof headlineText>[0];
    return headlineText({ work, solved: found, timetable, soonerMin }, underWay);
  };

  it.each([
    [undefined, /^On the plates at 19:00$/],
    [45, /^On the plates at 19:00, 45 min in hand$/],
    [0, /nothing in hand$/],
  ])('is told with %p min sooner', (soonerMin, title) => {
    expect(told(supper(), soonerMin).title).toMatch(title);
    expect(told(supper(), soonerMin).says).toMatch(/^Work begins .*(as short as it can be|within)/);
  });

  it('of several is all of them', () => {
    expect(told(weekend(), 30).title).toBe('All 2 ready in time, 30 min in hand');
  });

  it('of nothing says so', () => {
    expect(told(dayWith([]), null).title).toBe('Nothing is on this day yet');
  });

  it('that cannot be done says by how much, and how late it is once it is under way', () => {
    const short = dayWith([{ planId: 'ravioli', portions: 12 }], {
      people: [
        { id: 'maren', name: 'Maren', hours: [{ date: '2026-11-27', from: '18:30', to: '19:30' }] },
      ] as never,
    });
    expect(told(short, -40)).toMatchObject({
      title: 'It cannot be done like this',
      says: 'Served 40 min later it could be done.',
    });
    expect(told(short, -40, true).title).toBe('About 40 min late');
    expect(told(short, null, true).title).toBe('It will not be ready in time');
  });
});

describe('everybody’s list', () => {
  it('is in order, and each thing is ticked by name', async () => {
    const day = supper();
    const { work, timetable } = solved(day);
    const onDone = jest.fn();
    render(<Lists day={day} work={work} timetable={timetable} onDone={onDone} />);
    for (const { id, name } of day.people) {
      const own = within(screen.getByRole('region', { name: `${name}’s list` }));
      const blocks = blocksOf(timetable, id);
      expect(own.queryAllByRole('listitem')).toHaveLength(blocks.length);
      blocks
        .slice(1)
        .forEach(({ fromMin }, i) => expect(fromMin).toBeGreaterThanOrEqual(blocks[i]!.fromMin));
    }
    const [done] = screen.getAllByRole('button', { name: /^Done: / });
    await userEvent.click(done!);
    expect(onDone).toHaveBeenCalledTimes(1);
  });

  it('opens a block: sooner, later, by another, kept, done', async () => {
    const day = supper();
    const { work, timetable } = solved(day);
    const [block] = blocksOf(timetable, 'maren');
    const [onMove, onRelease, onDone] = [jest.fn(), jest.fn(), jest.fn()];
    render(
      <BlockPanel
        block={{ ...block!, pinned: true }}
        person="maren"
        day={day}
        work={work}
        onMove={onMove}
        onRelease={onRelease}
        onDone={onDone}
      />,
    );
    await tap('5 min sooner');
    await tap('5 min later');
    expect(onMove.mock.calls.map(([{ byMin }]) => byMin)).toEqual([-5, 5]);
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Done by' }), 'Ivo');
    expect(onMove).toHaveBeenLastCalledWith(expect.objectContaining({ byMin: 0, to: 'ivo' }));
    await tap('Let it move again');
    await tap('It is done');
    expect(onRelease).toHaveBeenCalled();
    expect(onDone).toHaveBeenCalled();
  });
});

describe('what stands in the way', () => {
  const late = dayWith([{ planId: 'ravioli', portions: 12 }], {
    pins: [{ task: 'dough:s1/mix', at: '2026-11-27T18:50', people: ['maren'] }] as never,
  });
  const question = { day: late } as never as Parameters<typeof TroubleList>[0]['question'];
  const shown = (underWay = false, onTake = jest.fn()) => {
    render(
      <TroubleList
        timetable={solved(late).timetable}
        question={question}
        settled
        underWay={underWay}
        onTake={onTake}
      />,
    );
    return onTake;
  };

  it('is named, with changes that mend it, each worked out, taken by one tap', async () => {
    const mended = supper();
    jest.mocked(dayClient).mockResolvedValue({
      mends: () =>
        Promise.resolve([
          { id: 'a', says: 'Serve it half an hour later', day: mended, enough: true, breaches: 0 },
          { id: 'b', says: 'Somebody more', day: mended, enough: false, breaches: 2 },
        ]),
    } as never);
    const onTake = shown();
    expect(screen.getByText('Trying changes, one at a time…')).toBeVisible();
    await userEvent.click(
      await screen.findByRole('button', { name: 'Serve it half an hour later' }),
    );
    expect(onTake).toHaveBeenCalledWith(mended, 'Serve it half an hour later');
    expect(screen.getByText('not enough alone: 2 left')).toBeVisible();
  });

  it('says when no small change is enough', async () => {
    jest.mocked(dayClient).mockRejectedValue(new Error('no worker'));
    shown();
    expect(await screen.findByText(/No one or two changes are enough/)).toBeVisible();
  });

  it('is not planned anew once it is under way', () => {
    shown(true);
    expect(screen.queryByText('What would mend it')).toBeNull();
    expect(dayClient).not.toHaveBeenCalled();
  });
});

describe('how many hands', () => {
  const question = { day: supper() } as never as Parameters<typeof HandsView>[0]['question'];
  const points = (...feasible: boolean[]) =>
    feasible.map((each, i) => ({
      people: i + 1,
      feasible: each,
      lengthMin: 400 - 60 * i,
      soonerMin: each ? 20 * i : -90,
    }));
  const shown = (found: unknown) => {
    jest.mocked(dayClient).mockResolvedValue({ hands: () => Promise.resolve(found) } as never);
    render(<HandsView question={question} />);
  };

  it.each([
    [points(true, true), 1, /One pair of hands is enough/],
    [points(false, true, true), 2, /2 pairs of hands are enough/],
    [points(false, true), 2, /Every pair of hands helps, up to 2/],
    [points(false, false), 2, /More hands alone do not make it possible/],
  ])('%#: says where another pair stops helping', async (found, enough, says) => {
    shown({ points: found, enough });
    expect(await screen.findByText(says)).toBeVisible();
    expect(screen.getAllByRole('row').slice(1)).toHaveLength(found.length);
  });

  it('says how late or how early each is', async () => {
    shown({ points: points(false, true, true), enough: 2 });
    const [one, two, three] = (await screen.findAllByRole('row')).slice(1);
    expect(one).toHaveTextContent('1 h 30 too late');
    expect(two).toHaveTextContent('20 min in hand');
    expect(three).toHaveTextContent('40 min in hand');
  });

  it('says when it could not be worked out', async () => {
    jest.mocked(dayClient).mockRejectedValue(new Error('no worker'));
    render(<HandsView question={question} />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Try again in a while');
  });
});

describe('days', () => {
  const day = { id: 'friday', name: 'A Friday', date: '2026-11-27', serves: 'Ravioli', people: 2 };

  it('are made by name and date', async () => {
    render(<NewDay today="2026-11-27" />);
    await userEvent.type(screen.getByRole('textbox', { name: 'What is it?' }), 'Supper');
    await tap('New day');
    await waitFor(() => expect(push).toHaveBeenCalledWith('/days/new-day'));
    expect(startDay).toHaveBeenCalledWith(
      expect.objectContaining({ name: 'Supper', date: '2026-11-27' }),
    );
  });

  it('are opened from a file, and one that is none is refused by name', async () => {
    render(<NewDay today="2026-11-27" />);
    const give = (text: string) =>
      fireEvent.change(screen.getByLabelText('Day file'), {
        target: {
          files: [
            Object.assign(new File([text], 'day.json'), { text: () => Promise.resolve(text) }),
          ],
        },
      });
    give('eggs');
    expect(await screen.findByRole('alert')).toHaveTextContent('day.json is not a day file');
    expect(importDay).not.toHaveBeenCalled();
    give('{"name":"A day"}');
    await waitFor(() => expect(push).toHaveBeenCalledWith('/days/new-day'));
  });

  it('are deleted with a way back, and for ever only when asked', async () => {
    const { unmount } = render(<DayList days={[day]} deleted={false} />);
    await tap('Delete A Friday');
    await waitFor(() => expect(said[0]?.text).toBe('A Friday: deleted'));
    said[0]!.undo!();
    await waitFor(() => expect(shelveDay).toHaveBeenLastCalledWith('friday', 'current'));
    unmount();
    render(<DayList days={[day]} deleted />);
    await tap('Delete for ever');
    const asked = await screen.findByRole('alertdialog');
    expect(asked).toHaveTextContent('Plans and batches stay');
    await userEvent.click(within(asked).getByRole('button', { name: 'Delete for ever' }));
    await waitFor(() => expect(removeDay).toHaveBeenCalledWith('friday'));
  });
});

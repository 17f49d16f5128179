/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { startingBasis } from '@/core/basis/basis';
import type { Day } from '@/core/schedule/document/day';
import { DAY_PLANS, dayWith, supper, weekend } from '@/core/schedule/testing/days';
import { blocksOf } from '@/core/schedule/timetable/blocks';
import { solveDay } from '@/core/schedule/timetable/solveDay';
import { BlockPanel } from './BlockPanel';
import { dayClient } from './clock/dayClient';
import { HandsView } from './HandsView';
import { figureText } from '@/core/units/format';
import { METRIC } from '@/core/units/units';
import { headlineText } from './Headline';
import { Lists } from './Lists';
import { TroubleList } from './TroubleList';

jest.mock('./clock/dayClient', () => ({ dayClient: jest.fn() }));
beforeEach(() => jest.clearAllMocks());

const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const solved = (day: Day) => solveDay(day, DAY_PLANS, startingBasis, { tries: 150 });
describe('what the day comes to', () => {
  const told = (day: Day, soonerMin: number | null | undefined, underWay = false) => {
    const {
      work,
      solved: found,
      timetable,
    } = solved(day) as never as Parameters<typeof headlineText>[0];
    return headlineText(
      { work, solved: found, timetable, soonerMin },
      {
        underWay,
        write: (value, unit) => figureText(value, unit, METRIC),
      },
    );
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
      title: 'This day doesn’t fit yet',
      says: 'Served 40 min later it fits.',
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
    expect(screen.queryByText('Ways to make it fit')).toBeNull();
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

/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import type { Block } from '@/core/schedule/timetable/blocks';
import { DateField } from '@/ui/fields/DateField';
import { NameInput } from './edit/NameInput';
import { along, barPlace, daysWorked, hoursOf, scaleOf } from './lanes/laneScale';
import { PersonBlock, type BlockMove } from './lanes/PersonBlock';
import { RoomLevels } from './lanes/RoomLevels';
import { dayName } from './paper/dayName';

const scale = { fromMin: 600, toMin: 1200 };
const block: Block = {
  id: 'dough:s/knead',
  kind: 'knead',
  name: 'Knead',
  services: ['s'],
  fromMin: 660,
  toMin: 720,
  tasks: [],
  others: [],
  slackMin: 15,
  pinned: false,
  done: false,
};

describe('the scale of the lanes', () => {
  it('is the hours anything is done in, at least six of them', () => {
    const tasks = [
      { fromMin: 845, toMin: 860 },
      { fromMin: 1500, toMin: 1560 },
    ] as never;
    expect(daysWorked({ tasks })).toEqual([0, 1]);
    expect(scaleOf({ tasks }, 0)).toEqual({ fromMin: 780, toMin: 1140 });
    expect(hoursOf(scale)).toHaveLength(11);
    expect(along(scale, 900)).toBe(50);
  });

  it('cuts what runs off the drawing, and leaves out what is not on it', () => {
    expect(barPlace(scale, 0, 660)).toEqual({ left: '0%', width: '10%' });
    expect(barPlace(scale, 0, 60)).toBeNull();
  });
});

describe('a block', () => {
  const show = (of: Partial<Block> = {}) => {
    const moved: BlockMove[] = [];
    const onSelect = jest.fn();
    render(
      <PersonBlock
        block={{ ...block, ...of }}
        person="p1"
        name="Maren"
        colour="#eee"
        scale={scale}
        slack
        selected={null}
        moving={null}
        onSelect={onSelect}
        onMoving={() => {}}
        onMoved={(move) => moved.push(move)}
      />,
    );
    return { moved, onSelect };
  };

  it('says who does what when, and is moved by arrow keys, by single minutes with Shift', async () => {
    const { moved, onSelect } = show();
    const button = screen.getByRole('button', { name: 'Maren: Knead, 11:00 to 12:00' });
    // A drag is tried in the browser.
    fireEvent.click(button);
    button.focus();
    expect(onSelect).toHaveBeenCalled();
    await userEvent.keyboard('{ArrowRight}{Shift>}{ArrowLeft}{/Shift}');
    expect(moved.map(({ byMin, to }) => [byMin, to])).toEqual([
      [5, 'p1'],
      [-1, 'p1'],
    ]);
  });

  it('that is done stays where it is', async () => {
    const { moved } = show({ done: true });
    screen.getByRole('button', { name: /done$/ }).focus();
    await userEvent.keyboard('{ArrowRight}');
    expect(moved).toEqual([]);
  });
});

describe('fields of a day', () => {
  it('take a time once it is one, and keep a name that is not emptied', async () => {
    const times: string[] = [];
    const names: string[] = [];
    function Form() {
      const [time, setTime] = useState('10:00');
      return (
        <>
          <DateField
            kind="time"
            label="From"
            value={time}
            onChange={(next) => {
              times.push(next);
              setTime(next);
            }}
          />
          <NameInput label="Name" value="Maren" onChange={(name) => names.push(name)} />
        </>
      );
    }
    render(<Form />);
    fireEvent.change(screen.getByLabelText('From'), { target: { value: '' } });
    fireEvent.change(screen.getByLabelText('From'), { target: { value: '11:30' } });
    expect(times).toEqual(['11:30']);
    const name = screen.getByRole('textbox', { name: 'Name' });
    await userEvent.clear(name);
    await userEvent.tab();
    await userEvent.clear(name);
    await userEvent.type(name, ' Ivo {Enter}');
    expect(names).toEqual(['Ivo']);
  });
});

it('a day that its field does not take is said, with what it takes and what to do', () => {
  const taken: string[] = [];
  render(
    <DateField
      kind="datetime-local"
      label="At"
      value="2026-12-01T19:00"
      min="2026-12-01T00:00"
      max="2026-12-14T23:59"
      outside="Make another day of it."
      onChange={(at) => taken.push(at)}
    />,
  );
  const field = screen.getByLabelText('At');
  fireEvent.change(field, { target: { value: '2026-12-29T19:00' } });
  expect(screen.queryByRole('alert')).toBeNull();
  fireEvent.blur(field);
  expect(screen.getByRole('alert')).toHaveTextContent(
    /^At must be from Dec 1, 2026 to Dec 14, 2026. Make another day of it.$/,
  );
  expect([taken, field]).toEqual([[], expect.objectContaining({ value: '2026-12-01T19:00' })]);
  fireEvent.change(field, { target: { value: '2026-12-08T18:30' } });
  expect(taken).toEqual(['2026-12-08T18:30']);
  expect(screen.queryByRole('alert')).toBeNull();
});

it('a fridge says how full it is at most', () => {
  render(
    <RoomLevels
      lane={{
        kind: 'room',
        id: 'fridge',
        name: 'Fridge, 6 trays',
        capacity: 6,
        levels: [
          { fromMin: 660, trays: [{ service: 's', n: 2 }] },
          { fromMin: 700, trays: [{ service: 's', n: 5 }] },
          { fromMin: 900, trays: [] },
        ],
      }}
      scale={scale}
      colourOf={() => '#eee'}
    />,
  );
  expect(
    screen.getByRole('img', { name: 'Fridge, 6 trays: at most 5 at once, the first from 11:00' }),
  ).toBeInTheDocument();
});

it('a day has a short name', () => {
  expect([dayName('2026-11-27'), dayName('soon')]).toEqual(['Fri 27 Nov', 'soon']);
});

/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { standInForScreen } from '../testing/standIns';
import { Ruler, type RulerProps } from './Ruler';
import { TileChoice } from './TileChoice';

beforeAll(() => {
  standInForScreen();
  Element.prototype.setPointerCapture = () => {};
  Element.prototype.hasPointerCapture = () => true;
  Element.prototype.releasePointerCapture = () => {};
});

/** What was told, a change still on its way marked by a dash. */
const told: string[] = [];
beforeEach(() => (told.length = 0));

function Dose(own: Partial<RulerProps>) {
  const [g, setG] = useState(own.value ?? 9);
  return (
    <Ruler
      label="Dose"
      kind="mass"
      range={{ min: 1, max: 60, unit: 'g' }}
      view={[4, 20]}
      step={0.5}
      band={[6, 12]}
      bandName="what the lip allows, 6 to 12 g"
      marks={[{ at: 10, label: 'teaspoon' }]}
      valueText={`${g} grams`}
      {...own}
      value={g}
      onChange={(next, passing) => {
        told.push(`${passing ? '-' : ''}${next}`);
        setG(next);
      }}
    />
  );
}

const thumb = () => screen.getByRole('slider', { name: 'Dose' });
/** The ruler itself, 244 px wide: 200 of scale between two halves of a thumb. */
function track(): HTMLElement {
  const root = thumb().parentElement!.parentElement!;
  root.getBoundingClientRect = () =>
    ({ left: 0, top: 0, width: 244, height: 54, right: 244, bottom: 54, x: 0, y: 0 }) as DOMRect;
  return root;
}
const at = (g: number) => 22 + (200 * (g - 4)) / 16;
const frame = () => new Promise((resolve) => requestAnimationFrame(resolve));

/** jsdom has no pointer events of its own. */
const point = (kind: string, x: number, more: Record<string, unknown> = {}) => {
  const event = new MouseEvent(kind, { bubbles: true, cancelable: true, clientX: x, ...more });
  Object.assign(event, { pointerId: 1, pointerType: more.pointerType ?? 'mouse' });
  fireEvent(track(), event);
};

describe('a ruler', () => {
  it('says its value, and what holds, to those who hear it', () => {
    render(<Dose />);
    expect(thumb()).toHaveAttribute('aria-valuetext', '9 grams; what the lip allows, 6 to 12 g');
    expect(thumb()).toHaveAttribute('aria-valuenow', '9');
  });

  it.each([
    ['{ArrowRight}', 9.5],
    ['{ArrowUp}', 9.5],
    ['{ArrowLeft}', 8.5],
    ['{ArrowDown}', 8.5],
    ['{Shift>}{ArrowRight}{/Shift}', 9.05],
    ['{PageUp}', 15],
    ['{PageDown}', 5],
    ['{Home}', 4],
    ['{End}', 20],
  ])('goes by %s to %s', async (keys, value) => {
    render(<Dose />);
    thumb().focus();
    await userEvent.keyboard(keys);
    expect(told).toEqual([String(value)]);
    expect(thumb()).toHaveFocus();
  });

  it('reaches by keys past what is drawn, and no further than its range', async () => {
    render(<Dose value={58} />);
    thumb().focus();
    await userEvent.keyboard('{PageUp}{ArrowRight}');
    expect(told).toEqual(['60', '60']);
  });

  it('of a count goes by whole ones, finely too', async () => {
    render(<Dose kind="count" range={{ min: 1, max: 60, unit: '', whole: true }} step={1} />);
    thumb().focus();
    await userEvent.keyboard('{Shift>}{ArrowRight}{/Shift}');
    expect(told).toEqual(['10']);
  });

  it('is typed into as well, and widens to what was typed', async () => {
    render(<Dose />);
    const box = screen.getByRole('textbox', { name: 'Dose' });
    await userEvent.clear(box);
    await userEvent.type(box, '33{Enter}');
    expect(told).toEqual(['33']);
    expect(thumb()).toHaveAttribute('aria-valuemax', '33');
  });

  it('follows the mouse, once a frame, and is told where it was let go', async () => {
    render(<Dose />);
    point('pointerdown', at(9));
    point('pointermove', at(11.1));
    await frame();
    point('pointerup', at(11.1));
    point('lostpointercapture', at(11.1));
    expect(told.at(-1)).toBe('11');
    expect(told.filter((each) => !each.startsWith('-'))).toEqual(['11']);
  });

  it('falls into a mark that is near, and steps finely under Shift', () => {
    render(<Dose snaps={[10.2]} />);
    point('pointerdown', at(9));
    point('pointermove', at(10.1));
    point('pointerup', at(10.1));
    expect(told.at(-1)).toBe('10.2');
    point('pointerdown', at(10.2));
    point('pointermove', at(12.33), { shiftKey: true });
    point('pointerup', at(12.33), { shiftKey: true });
    expect(told.at(-1)).toBe('12.35');
  });

  it('leaves a swipe of the page alone', () => {
    render(<Dose />);
    const finger = { pointerType: 'touch' };
    point('pointerdown', at(14), finger);
    point('pointermove', at(14) + 3, finger);
    point('pointercancel', at(14) + 3, finger);
    expect(told).toEqual([]);
    expect(thumb()).toHaveAttribute('aria-valuenow', '9');
  });

  it('waits for a page that is behind', async () => {
    render(<Dose busy />);
    point('pointerdown', at(9));
    point('pointermove', at(13));
    await frame();
    await frame();
    expect(told).toEqual([]);
    point('pointerup', at(13));
    expect(told.at(-1)).toBe('13');
  });
});

describe('one of several, each with a word of what it is', () => {
  const OPTIONS = [
    { value: 'egg', label: 'Whole egg', says: 'springy', aside: 'most shapes', colour: '#ffcc55' },
    { value: 'yolk', label: 'Yolk rich' },
  ];

  it('is chosen by a tap anywhere on it, and by arrows', async () => {
    const chosen: string[] = [];
    render(
      <TileChoice
        label="Dough"
        value="egg"
        options={OPTIONS}
        onChange={(value) => chosen.push(value)}
      />,
    );
    expect(screen.getByRole('radiogroup', { name: 'Dough' })).toBeInTheDocument();
    const egg = screen.getByRole('radio', { name: /Whole egg springy most shapes/ });
    expect(egg).toBeChecked();
    await userEvent.click(screen.getByText('Yolk rich'));
    expect(chosen).toEqual(['yolk']);
    expect(screen.getByRole('radio', { name: 'Yolk rich' })).toBeChecked();
  });
});

/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { startingKitchen, type Cutter, type Kitchen, type Mould } from '@/core/kitchen/kitchen';
import { genericRollers } from '@/core/sheet/genericRollers';
import type { Roller } from '@/core/sheet/roller';
import { standInForScreen } from '@/ui/testing/standIns';
import { Cutters } from './Cutters';
import { GearList, type GearItem } from './GearList';
import { Moulds } from './Moulds';
import { Rollers } from './rollers/Rollers';

beforeAll(standInForScreen);

/** A part of the kitchen that keeps what is done to it. */
function kept<T>(
  start: T,
  part: (now: T, change: (next: T, undo?: string) => void) => React.ReactNode,
): { now(): T; said(): (string | undefined)[] } {
  let last = start;
  const undos: (string | undefined)[] = [];
  function Holder() {
    const [now, set] = useState(start);
    return part(now, (next, undo) => {
      last = next;
      undos.push(undo);
      set(next);
    });
  }
  render(<Holder />);
  return { now: () => last, said: () => undos };
}
const field = (name: string | RegExp) => screen.getByRole('textbox', { name });
async function put(name: string | RegExp, text: string) {
  await userEvent.clear(field(name));
  await userEvent.type(field(name), `${text}{Enter}`);
}
const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const pick = (name: string | RegExp, option: string) =>
  userEvent.selectOptions(screen.getByRole('combobox', { name }), option);

describe('rollers', () => {
  const shown = (rollers: Kitchen['rollers'] = startingKitchen.rollers) =>
    kept<Roller[]>([...rollers], (now, change) => <Rollers rollers={now} onChange={change} />);

  it('are drawn as a stair, each step in millimetres', () => {
    shown([genericRollers[0]!]);
    const { name, steps } = genericRollers[0]!;
    const said = screen.getByRole('img').getAttribute('aria-label')!;
    expect(said).toContain(name);
    for (const { label } of steps) expect(said).toContain(`${label} leaves`);
  });

  it('are added from a typical one, each under an id of its own', async () => {
    const at = shown([genericRollers[0]!]);
    await pick('Add a roller, from a typical one', genericRollers[0]!.name);
    await pick('Add a roller, from a typical one', genericRollers[0]!.name);
    const ids = at.now().map(({ id }) => id);
    expect(new Set(ids).size).toBe(3);
  });

  it('are taken out with a way back, but for the last', async () => {
    const at = shown(genericRollers.slice(0, 2));
    await tap(`Remove ${genericRollers[0]!.name}`);
    expect(at.now().map(({ id }) => id)).toEqual([genericRollers[1]!.id]);
    expect(at.said()).toEqual([`${genericRollers[0]!.name} removed`]);
    await tap(`Remove ${genericRollers[1]!.name}`);
    expect(at.now()).toHaveLength(1);
    expect(screen.getByRole('button', { name: /^Remove/ })).toHaveAttribute(
      'aria-disabled',
      'true',
    );
  });

  describe('measured by strips', () => {
    const roller = genericRollers[0]!;
    const measure = async () => {
      const at = shown([roller]);
      await tap(/^Measure it/);
      return at;
    };
    /** A strip as it would weigh, were its dial a tenth wider open than it says. */
    async function addStrip(label: string, wider = 1.1) {
      const { mm } = roller.steps.find((step) => step.label === label)!;
      const thickness = mm * wider * 1.035;
      await pick('Setting', label);
      await put('Strip width', '100');
      await put('Strip weighs', (1.2 * thickness * 100 * 500 * 1e-3).toFixed(2));
      await put('Strip length', '500');
      await tap('Add this strip');
    }
    const [one, two] = [roller.steps.at(-2)!.label, roller.steps.at(-4)!.label];

    it('say how thick a strip is before it is added', async () => {
      await measure();
      expect(screen.getByRole('button', { name: 'Add this strip' })).toHaveAttribute(
        'aria-disabled',
        'true',
      );
      await put('Strip weighs', '60');
      await put('Strip width', '100');
      await put('Strip length', '500');
      // 60 g ÷ (1.2 g/ml × 10 cm × 50 cm) = 1 mm
      expect(screen.getByText(/That strip is/)).toHaveTextContent('1.00 mm thick');
    });

    it('fit the whole dial, which is taken when asked, and given back', async () => {
      const at = await measure();
      await addStrip(one);
      expect(screen.getByRole('region', { name: 'The fit' })).toHaveTextContent(
        /a second at another setting tells its tilt/,
      );
      await addStrip(two);
      expect(at.now()[0]!.strips).toHaveLength(2);
      expect(screen.getByRole('region', { name: 'The fit' })).toHaveTextContent(/lie within/);
      expect(at.now()[0]!.steps).toEqual(roller.steps);
      await tap('Use this dial');
      const { steps } = at.now()[0]!;
      const step = steps.find(({ label }) => label === one)!;
      const typical = roller.steps.find(({ label }) => label === one)!.mm;
      expect(step.mm).toBeGreaterThan(typical * 1.03);
      expect(screen.getByText(/This is the dial your plans see/)).toBeVisible();
      await tap('Back to the typical dial');
      expect(at.now()[0]!.steps.map(({ mm }) => mm)).toEqual(roller.steps.map(({ mm }) => mm));
    });

    it('that disagree are told to be weighed again', async () => {
      await measure();
      await addStrip(one, 1.5);
      await addStrip(two, 0.7);
      expect(screen.getByRole('region', { name: 'The fit' })).toHaveTextContent(
        /That is far: weigh and measure again/,
      );
    });

    it('are taken out one by one', async () => {
      const at = await measure();
      await addStrip(one);
      await tap(`Remove the strip of dial ${one}`);
      expect(at.now()[0]!.strips).toEqual([]);
      expect(screen.queryByRole('region', { name: 'The fit' })).toBeNull();
    });

    it('are checked by what shows through the sheet', async () => {
      await measure();
      const light = screen.getByRole('region', { name: 'Light test' });
      await userEvent.selectOptions(
        within(light).getByRole('combobox', { name: 'Print reads first at' }),
        roller.steps[0]!.label,
      );
      expect(within(light).getByRole('status')).toHaveTextContent(
        /the sheet must be thinner than that/,
      );
    });
  });
});

describe('cutters', () => {
  const cutters: Cutter[] = [
    { name: 'Small ring', mm: 50, form: 'round', edge: 'plain' },
    { name: 'Square', mm: 55, form: 'square', edge: 'plain' },
    { name: 'Wheel', mm: 20, form: 'wheel', edge: 'fluted' },
  ];
  const shown = () => kept(cutters, (now, change) => <Cutters cutters={now} onChange={change} />);
  const rings = () => screen.getByRole('region', { name: 'Rings' });

  it('are listed by their form, wheels without a measure', () => {
    shown();
    expect(within(rings()).getByRole('textbox', { name: 'Across of Small ring' })).toHaveValue(
      '50',
    );
    const wheels = screen.getByRole('region', { name: 'Wheels' });
    expect(within(wheels).getAllByRole('textbox')).toHaveLength(1);
    expect(within(wheels).getByRole('checkbox', { name: /Wheel is fluted/ })).toBeChecked();
    expect(screen.getByRole('region', { name: 'Stamps' })).toHaveTextContent('None yet.');
  });

  it('are added, measured, named, fluted and taken out, the others as they were', async () => {
    const at = shown();
    await userEvent.click(within(rings()).getByRole('button', { name: 'Add' }));
    await put('Across of New ring', '72');
    await userEvent.click(within(rings()).getByRole('checkbox', { name: /New ring is fluted/ }));
    const names = within(rings()).getAllByRole('textbox', { name: 'Rings: name' });
    await userEvent.clear(names[1]!);
    await userEvent.type(names[1]!, 'Large ring{Enter}');
    expect(at.now()).toContainEqual({ name: 'Large ring', mm: 72, form: 'round', edge: 'fluted' });
    expect(at.now()).toContainEqual(cutters[1]);
    await tap(/^Remove Small ring/);
    expect(at.now().map(({ name }) => name)).not.toContain('Small ring');
    expect(at.said().at(-1)).toBe('Small ring removed');
  });

  it('too large to be one are refused, and stay as they were', async () => {
    const at = shown();
    await put('Across of Small ring', '900');
    expect(screen.getByRole('alert')).toHaveTextContent(/from 15 to 200/);
    expect(at.now()).toBe(cutters);
  });
});

describe('moulds', () => {
  const mould: Mould = {
    name: 'Tray of twelve',
    rows: 3,
    columns: 4,
    pitchMm: 42,
    pocketMm: 30,
    depthMm: 9,
    pocket: 'square',
  };
  const shown = (widestMm = 150) =>
    kept([mould], (now, change) => <Moulds moulds={now} widestMm={widestMm} onChange={change} />);

  it('are drawn with all of their pockets', async () => {
    shown();
    const drawn = screen.getByRole('img', { name: 'Tray of twelve: 3 by 4 pockets' });
    expect(drawn.querySelectorAll('rect')).toHaveLength(1 + 12);
    await pick('Pockets of Tray of twelve', 'round');
    expect(drawn.querySelectorAll('circle')).toHaveLength(12);
  });

  it('never have pockets that run into one another', async () => {
    const at = shown();
    await put('Pocket across', '42');
    expect(screen.getByRole('alert')).toHaveTextContent(
      /Pocket across must be a number from 12 to/,
    );
    expect(at.now()[0]!.pocketMm).toBe(30);
    await put('Pocket to pocket', '60');
    await put('Pocket across', '42');
    expect(at.now()[0]).toMatchObject({ pitchMm: 60, pocketMm: 42 });
  });

  it('wider than any sheet say so', async () => {
    shown(100);
    expect(screen.getByText(/lap two sheets/)).toBeVisible();
  });
});

describe('small gear', () => {
  const spoons: GearItem[] = [
    { name: 'Teaspoon', value: 5 },
    { name: 'Tablespoon', value: 15 },
  ];
  const shown = (items = spoons) =>
    kept<readonly GearItem[]>(items, (now, change) => (
      <GearList
        title="Spoons"
        unitLabel="Level"
        kind="plain"
        range={{ min: 0.5, max: 200, unit: 'ml' }}
        items={now}
        fresh={{ name: 'New spoon', value: 8 }}
        onChange={change}
      />
    ));

  it('is measured, added and taken out', async () => {
    const at = shown();
    await put('Level of Teaspoon', '6');
    await tap('Add');
    expect(at.now()).toEqual([
      { name: 'Teaspoon', value: 6 },
      { name: 'Tablespoon', value: 15 },
      { name: 'New spoon', value: 8 },
    ]);
    await tap(/^Remove Tablespoon/);
    expect(at.now().map(({ name }) => name)).toEqual(['Teaspoon', 'New spoon']);
  });

  it('keeps its name where that is emptied', async () => {
    const at = shown();
    const [name] = screen.getAllByRole('textbox', { name: 'Spoons: name' });
    await userEvent.clear(name!);
    await userEvent.tab();
    expect(name).toHaveValue('Teaspoon');
    expect(at.now()).toBe(spoons);
  });

  it('says where there is none', () => {
    shown([]);
    expect(screen.getByText('None yet.')).toBeVisible();
  });
});

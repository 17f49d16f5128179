/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { startingBasis } from '@/core/basis/basis';
import { startingKitchen } from '@/core/kitchen/kitchen';
import { makePantry } from '@/core/composition/pantry';
import { genericRollers } from '@/core/sheet/genericRollers';
import { planWith } from '@/core/testing/plans';
import type { TestedBatch } from '@/server/repositories/batch';
import { standInForScreen } from '@/ui/testing/standIns';
import { atPlan } from '../testing/atPlan';
import { DoughControls } from './dough/DoughControls';
import WholeEggs from './dough/WholeEggs';
import { FillingControls } from './filling/FillingControls';
import MakeItRight from './filling/MakeItRight';
import { ShapeControls } from './shape/ShapeControls';
import { SheetControls } from './sheet/SheetControls';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
}));
// What lies under the piece stands in the address, which there is none of here.
jest.mock('./shape/ShapeLeaves', () => ({ ShapeLeaves: () => null }));

beforeAll(standInForScreen);

const field = (name: string | RegExp) => screen.getByRole('textbox', { name });
const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const choose = (name: string) => userEvent.click(screen.getByRole('radio', { name }));
const pick = (list: string, option: string) =>
  userEvent.selectOptions(screen.getByRole('combobox', { name: list }), option);
async function type(name: string | RegExp, text: string) {
  await userEvent.clear(field(name));
  await userEvent.type(field(name), `${text}{Enter}`);
}

const wet = planWith({
  filling: {
    ...planWith().filling,
    parts: [
      { id: 'ricotta-fresh', g: 400, preparation: 'raw' },
      { id: 'spinach-raw', g: 300, preparation: 'wilt-drain' },
    ],
  },
});

describe('the dough', () => {
  it('takes an amount in grams or in eggs, and loses nothing to one that cannot be', async () => {
    const at = await atPlan(<DoughControls />);
    const egg = () => at.plan().dough.parts.find(({ id }) => id === 'egg-whole')!.g;
    await type(/^Amount of Hen egg whole/, '3 eggs');
    expect(egg()).toBe(3 * at.plan().dough.eggG);
    await type(/^Amount of Hen egg whole/, 'a few');
    expect(egg()).toBe(3 * at.plan().dough.eggG);
    expect(field(/^Amount of Hen egg whole/)).toBeInvalid();
  });

  it('keeps a flour: the last one cannot be made nothing', async () => {
    const at = await atPlan(<DoughControls />, {
      plan: planWith({
        dough: {
          ...planWith().dough,
          parts: [
            { id: 'flour-00', g: 400 },
            { id: 'water', g: 190 },
          ],
        },
      }),
    });
    await type(/^Amount of Soft wheat flour/, '0');
    expect(at.plan().dough.parts[0]?.g).toBe(400);
    expect(screen.getByRole('alert')).toHaveTextContent(/flour/);
  });

  it('is kneaded and rested as it is set, and its readiness follows', async () => {
    const at = await atPlan(<DoughControls />);
    const { ready } = at.result().dough;
    await choose('Processor');
    await type('Kneaded', '1 min');
    await type('Rested', '5 min');
    await choose('Chilled');
    expect(at.plan().dough.work).toMatchObject({
      by: 'processor',
      kneadMin: 1,
      restMin: 5,
      restAt: 'chilled',
    });
    expect(at.result().dough.ready.relaxationLeft).toBeGreaterThan(ready.relaxationLeft);
  });

  it('takes up the air of the kitchen once its flour stands open', async () => {
    const at = await atPlan(<DoughControls />, { kitchen: { ...startingKitchen, rh: 0.8 } });
    await userEvent.click(screen.getByText('Flour and air'));
    await choose('Open to the air');
    expect(at.plan().dough.rh).toBe(0.8);
    expect(screen.getByText(/flour open at 80 %/)).toBeVisible();
    await choose('Sealed');
    expect(at.plan().dough.rh).toBeUndefined();
  });

  it('comes out in whole eggs for the eggs there are', async () => {
    const at = await atPlan(<WholeEggs />);
    await choose('Eggs I have');
    await userEvent.click(screen.getAllByRole('button', { name: /^Use/ })[0]!);
    const { parts } = at.plan().dough;
    const grams = parts.find(({ id }) => id === 'egg-whole')!.g;
    expect(grams / at.plan().dough.eggG).toBeCloseTo(Math.round(grams / at.plan().dough.eggG), 9);
    expect(at.plan().batch).toMatchObject({ wayIn: 'dough' });
    at.undo();
    expect(at.plan().batch.wayIn).toBe('portions');
  });
});

describe('the filling', () => {
  it('is mixed of what is typed, and each part is prepared its own way', async () => {
    const at = await atPlan(<FillingControls />, { plan: wet });
    const before = at.result().filling.freeWaterShare;
    await pick('Preparation of Ricotta as sold', 'Drained in a cloth overnight');
    expect(at.plan().filling.parts[0]?.preparation).toBe('drain-overnight');
    expect(at.result().filling.freeWaterShare).toBeLessThan(before);
    await type(/^Amount of Ricotta/, '200');
    expect(at.plan().filling.parts[0]?.g).toBe(200);
  });

  it('is another one without a part, and the same again by undo', async () => {
    const at = await atPlan(<FillingControls />, { plan: wet });
    await userEvent.click(screen.getAllByRole('button', { name: /^Remove/ })[1]!);
    expect(at.plan().filling.parts).toHaveLength(1);
    at.undo();
    expect(at.plan().filling.parts).toEqual(wet.filling.parts);
  });

  it('is coarser or finer, with lumps as usual or as they are', async () => {
    const at = await atPlan(<FillingControls />);
    await choose('Blended');
    expect(at.plan().filling.texture).toBe('blended');
    await userEvent.click(screen.getByText('Air, lumps and colour'));
    await type(/Largest lump/, '6');
    expect(at.result().filling.lumpMm).toBe(6);
  });
});

describe('a wet filling made right', () => {
  it('reaches what was wanted by one remedy, and comes back by undo', async () => {
    const at = await atPlan(<MakeItRight />, { plan: wet });
    expect(at.result().filling.freeWaterShare).toBeGreaterThan(0.05);
    await press(/^Do it: Cook off/);
    expect(at.result().filling.freeWaterShare).toBeLessThanOrEqual(0.04 + 1e-9);
    expect(screen.getByText(/Dry enough already/)).toBeVisible();
    at.undo();
    expect(at.plan()).toEqual(wet);
  });

  it('shares the work between two', async () => {
    const at = await atPlan(<MakeItRight />, { plan: wet });
    await userEvent.click(screen.getByRole('checkbox', { name: /Combine: Cook off/ }));
    await userEvent.click(screen.getByRole('checkbox', { name: /Combine: .*breadcrumbs/ }));
    await press('Do both');
    const { parts, cookedOffG } = at.plan().filling;
    expect(cookedOffG).toBeGreaterThan(0);
    expect(parts).toHaveLength(3);
    expect(at.result().filling.freeWaterShare).toBeCloseTo(0.04, 6);
  });

  it('goes by the towel of its batch, and the plan keeps the remedy, not the test', async () => {
    const batch: TestedBatch = {
      run: '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0001',
      tests: { towel: { spoonfulG: 20, wetG: 2.4 } },
      of: wet,
      events: [],
    };
    const at = await atPlan(<MakeItRight />, { plan: wet, batch });
    expect(at.result().filling.freeWaterShare).toBeCloseTo(0.12, 9);
    await press(/^Do it: Cook off/);
    expect(at.result().filling.freeWaterShare).toBeCloseTo(0.04, 6);
    expect(at.plan().filling.cookedOffG).toBeGreaterThan(0);
    expect(at.plan().filling).not.toHaveProperty('towelTest');
  });
});

describe('the sheet', () => {
  it('is rolled on another roller, at what its dial leaves nearest', async () => {
    const at = await atPlan(<SheetControls />, {
      kitchen: { ...startingKitchen, rollers: [...genericRollers] },
    });
    const other = genericRollers.find(({ id }) => id !== at.plan().sheet.roller.id)!;
    await pick('Rolled on', other.name);
    expect(at.plan().sheet.roller.id).toBe(other.id);
    const { nearestMm, thicknessMm } = at.result().sheet;
    expect(Math.abs(nearestMm - thicknessMm)).toBeLessThan(0.02);
  });

  it('is planned with what the dial truly leaves, by a tap', async () => {
    const at = await atPlan(<SheetControls />, {
      plan: planWith({ sheet: { ...planWith().sheet, thicknessMm: 0.93 } }),
    });
    const { nearestMm } = at.result().sheet;
    await press(/^Plan with/);
    expect(at.plan().sheet.thicknessMm).toBe(nearestMm);
    expect(screen.queryByRole('button', { name: /^Plan with/ })).toBeNull();
  });

  it('takes the kitchen’s newer figures of its roller', async () => {
    const { roller } = planWith().sheet;
    const steps = roller.steps.map((step) => ({ ...step, mm: step.mm * 1.1 }));
    const at = await atPlan(<SheetControls />, {
      kitchen: { ...startingKitchen, rollers: [{ ...roller, steps }] },
    });
    await press('Use them');
    expect(at.plan().sheet.roller.steps).toEqual(steps);
  });
});

describe('the shape', () => {
  it('becomes another family, whole, as that one is usually made', async () => {
    const at = await atPlan(<ShapeControls />);
    await choose('Cappelletti');
    expect(at.plan().shape.family).toBe('cappelletti');
    expect(at.result().shape.doseG).toBeLessThan(4);
    expect(at.result().layout.doesNotFit).toBeNull();
    at.undo();
    expect(at.plan().shape).toEqual(planWith().shape);
  });

  it('takes a dose by the spoon, and holds it in a dead heat', async () => {
    const at = await atPlan(<ShapeControls />, {
      plan: planWith({ batch: { ...planWith().batch, wayIn: 'both' } }),
    });
    await type('Dose', '2 tsp');
    const { densityGPerMl } = at.result().filling;
    expect(at.plan().shape.doseG).toBeCloseTo(10 * densityGPerMl, 6);
    expect(at.plan().batch.mayChange.dose).toBe(false);
    expect(at.result().shape.doseG).toBeCloseTo(at.plan().shape.doseG, 6);
  });

  it('is laid and closed as it is chosen', async () => {
    const at = await atPlan(<ShapeControls />);
    await choose('Spooned');
    await choose('Pinch');
    expect(at.plan().shape).toMatchObject({ laid: 'spooned', finish: 'pinch' });
    expect(at.result().shape.neededLipMm).toBeLessThan(4);
  });

  it('of a mould of the kitchen has all of its measures', async () => {
    const kitchen = {
      ...startingKitchen,
      moulds: [
        {
          name: 'The blue tray',
          rows: 4,
          columns: 6,
          pitchMm: 44,
          pocketMm: 34,
          depthMm: 12,
          pocket: 'square' as const,
        },
      ],
    };
    const at = await atPlan(<ShapeControls />, { plan: planWith({}, 'mouldedRavioli'), kitchen });
    await pick('Mould', 'The blue tray, 4 × 6');
    expect(at.plan().shape).toMatchObject({ rows: 4, columns: 6, pocketMm: 34, depthMm: 12 });
    await type('Rows', '5');
    expect(
      within(screen.getByRole('combobox', { name: 'Mould' })).getByText(/Your own: 5 × 6/),
    ).toBeInTheDocument();
  });
});

describe('a pantry of the cook’s own', () => {
  it('names what it holds in the recipe', async () => {
    const own = {
      ...startingBasis.pantry.ingredients.get('ricotta-fresh')!,
      id: 'own-curd',
      name: 'Curd of the valley',
    };
    const pantry = makePantry(
      [...startingBasis.pantry.ingredients.values(), own],
      [...startingBasis.pantry.preparations.values()],
    );
    const base = planWith();
    await atPlan(<FillingControls />, {
      plan: {
        ...base,
        filling: { ...base.filling, parts: [{ id: 'own-curd', g: 300, preparation: 'raw' }] },
      },
      basis: { ...startingBasis, pantry },
    });
    expect(field('Amount of Curd of the valley')).toHaveValue('300');
  });
});

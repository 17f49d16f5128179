/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { FEELS } from '@/core/dough/feel';
import { startingKitchen } from '@/core/kitchen/kitchen';
import { DOUGH_STYLES } from '@/core/dough/styles';
import { planWith } from '@/core/testing/plans';
import { standInForScreen } from '@/ui/testing/standIns';
import { atPlan } from '../testing/atPlan';
import { FEEL_NAMES } from './bowlWords';
import HowItRolls from './dough/HowItRolls';
import MixAndRest from './dough/MixAndRest';
import { StylePicker } from './dough/StylePicker';
import UnderHand from './dough/UnderHand';
import { WeighOut } from './dough/WeighOut';
import DoseAndBowl from './filling/DoseAndBowl';
import FillingSafety from './filling/FillingSafety';
import { WeighFilling } from './filling/WeighFilling';

beforeAll(standInForScreen);

const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const field = (name: string | RegExp) => screen.getByRole('textbox', { name });
async function type(name: string | RegExp, text: string) {
  await userEvent.clear(field(name));
  await userEvent.type(field(name), `${text}{Enter}`);
}
const region = (name: string) => screen.getByRole('region', { name });
const filled = (...parts: { id: string; g: number; preparation?: string }[]) =>
  planWith({ filling: { parts: parts.map((part) => ({ preparation: 'raw', ...part })) } });
const doughOf = (...parts: { id: string; g: number }[]) => planWith({ dough: { parts } });

describe('weighing out the dough', () => {
  it('adds up to what is weighed, eggs counted', async () => {
    const at = await atPlan(<WeighOut />);
    const { parts, weighedG, whole } = at.result().dough;
    expect(parts.reduce((sum, { g }) => sum + g, 0)).toBeCloseTo(weighedG, 6);
    expect(whole).not.toBeNull();
    const rows = screen.getAllByRole('row');
    expect(rows.some((row) => /egg/i.test(row.textContent))).toBe(true);
    expect(screen.getByText(/Raw flour and raw egg are not eaten/)).toBeVisible();
  });

  it('is made up to whole eggs or not, as the cook wants', async () => {
    const at = await atPlan(<WeighOut />, { plan: planWith({ batch: { portions: 5 } }) });
    const check = screen.getByRole('checkbox', { name: /Make it up to whole eggs/ });
    expect(check).toBeChecked();
    const made = at.result().dough.weighedG;
    await userEvent.click(check);
    expect(at.plan().dough.roundUp).toBe(false);
    expect(at.result().dough.weighedG).toBeLessThan(made);
    at.undo();
    expect(at.result().dough.weighedG).toBeCloseTo(made, 6);
  });

  it('has no eggs to count in a dough without', async () => {
    await atPlan(<WeighOut />, {
      plan: doughOf({ id: 'semolina-durum-fine', g: 400 }, { id: 'water', g: 190 }),
    });
    expect(screen.queryByRole('checkbox')).toBeNull();
    expect(screen.getByText('Raw flour and raw egg are not eaten.')).toBeVisible();
  });

  it('seals with the whites that yolks leave, by one tap', async () => {
    const at = await atPlan(<WeighOut />, {
      plan: doughOf({ id: 'flour-00', g: 500 }, { id: 'egg-yolk', g: 290 }),
    });
    expect(at.result().dough.whites.count).toBeGreaterThan(1);
    await press('Seal with white');
    expect(at.plan().hold.medium).toBe('eggWhite');
    expect(screen.queryByRole('button', { name: 'Seal with white' })).toBeNull();
  });

  it('says what the air did to flour that stood open', async () => {
    const at = await atPlan(<WeighOut />, { plan: planWith({ dough: { rh: 0.85 } }) });
    expect(at.result().working.weatherWater.value).toBeGreaterThan(0);
    expect(screen.getByText(/^Damp/)).toHaveTextContent(/has put .* of water into this flour/);
  });
});

describe('a dough under the hand', () => {
  it.each(FEELS)('%s has small steps, the first one first', async (feel) => {
    await atPlan(<UnderHand />);
    await press(FEEL_NAMES[feel]);
    const steps = screen.getByRole('list', { name: `What to do about: ${FEEL_NAMES[feel]}` });
    const all = within(steps).getAllByRole('listitem');
    expect(all.length).toBeGreaterThan(0);
    for (const step of all) expect(step).toHaveTextContent(/→|in the recipe already/);
    await press(FEEL_NAMES[feel]);
    expect(screen.queryByRole('list', { name: /What to do about/ })).toBeNull();
  });

  it('leaves the plan as it was planned', async () => {
    const at = await atPlan(<UnderHand />);
    const before = at.plan();
    await press(FEEL_NAMES.sticky);
    expect(at.plan()).toBe(before);
    expect(screen.getByText(/written down at its bench/)).toBeVisible();
  });
});

describe('how ready it is', () => {
  it('asks for more of what it has too little of', async () => {
    const short = planWith({
      dough: { work: { ...planWith().dough.work, kneadMin: 2, restMin: 5 } },
    });
    const at = await atPlan(<MixAndRest />, { plan: short });
    expect(at.result().dough.ready.kneadedEnough).toBe(false);
    expect(screen.getByText('Knead it longer.')).toBeVisible();
    expect(screen.getByText('Rest it longer, wrapped.')).toBeVisible();
    expect(screen.getAllByText(/^Test:/).length).toBeGreaterThan(3);
  });

  it('is enough where it was kneaded and rested', async () => {
    const work = { ...planWith().dough.work, kneadMin: 15, restMin: 90 };
    await atPlan(<MixAndRest />, { plan: planWith({ dough: { work } }) });
    expect(screen.queryByText('Knead it longer.')).toBeNull();
    expect(screen.queryByText('Rest it longer, wrapped.')).toBeNull();
    expect(screen.getByText(/Egg dough greys within a day/)).toBeVisible();
  });

  it('is told weak of a flour without gluten, and what to watch for', async () => {
    const at = await atPlan(<HowItRolls />, {
      plan: doughOf({ id: 'flour-buckwheat', g: 400 }, { id: 'egg-whole', g: 220 }),
    });
    expect(at.result().dough.strengthKPa).toBeLessThan(12);
    expect(screen.getByText('weak: short lengths')).toBeVisible();
    expect(within(region('What to watch for')).getAllByRole('listitem').length).toBeGreaterThan(0);
  });
});

describe('a style of dough to start from', () => {
  it.each(DOUGH_STYLES.filter(({ parts }) => parts).map(({ name }) => name))(
    '%s makes the recipe, and undo brings the cook’s own back',
    async (name) => {
      const at = await atPlan(<StylePicker />);
      const own = at.plan().dough.parts;
      await press('Start from a style');
      await userEvent.click(await screen.findByRole('button', { name: new RegExp(`^${name}`) }));
      const style = DOUGH_STYLES.find((each) => each.name === name)!;
      expect(at.plan().dough.parts).toEqual(style.parts);
      at.undo();
      expect(at.plan().dough.parts).toEqual(own);
    },
  );
});

describe('weighing out the filling', () => {
  it('keeps count of its water to the last gram', async () => {
    const at = await atPlan(<WeighFilling />, {
      plan: filled(
        { id: 'squash-raw', g: 900, preparation: 'steam' },
        { id: 'hard-cheese-aged', g: 90 },
      ),
    });
    const { waterRaw, waterHeld, waterFree, waterDrip, waterSteamed } = at.result().working;
    const parts = [waterHeld, waterFree, waterDrip, waterSteamed];
    expect(parts.reduce((sum, { value }) => sum + value, 0)).toBeCloseTo(waterRaw.value, 6);
    expect(screen.getByText(/gives .* g$/)).toBeVisible();
  });
});

describe('dose and bowl', () => {
  it('takes a spoon of the kitchen for a dose, or holds it back where the lip holds less', async () => {
    const at = await atPlan(<DoseAndBowl />);
    const spoons = within(region('Dose by spoon')).getAllByRole('listitem');
    expect(spoons).toHaveLength(2 * startingKitchen.spoons.length);
    await userEvent.click(within(spoons[0]!).getByRole('button'));
    const { ml } = startingKitchen.spoons[0]!;
    expect(at.plan().shape.doseG).toBeCloseTo(ml * at.result().filling.densityGPerMl, 0);
    expect(screen.getAllByText(/more than the lip holds/).length).toBeGreaterThan(0);
  });

  it('pipes a dose by its length, through a tip of the kitchen', async () => {
    const at = await atPlan(<DoseAndBowl />);
    const piping = region('Dose by piping');
    const tip = startingKitchen.tips.at(-1)!;
    await userEvent.click(within(piping).getByRole('button', { name: tip.name }));
    expect(at.plan().filling.tipMm).toBe(tip.mm);
    await type('Piped length', '30');
    await userEvent.click(within(region('Dose by piping')).getByRole('button', { name: /^Dose/ }));
    const area = (Math.PI / 4) * tip.mm ** 2;
    const { densityGPerMl } = at.result().filling;
    expect(at.plan().shape.doseG).toBeCloseTo((area * 30 * densityGPerMl) / 1000, 1);
  });

  it('keeps a length that is typed while another tip is worked out', async () => {
    await atPlan(<DoseAndBowl />);
    await type('Piped length', '30');
    const typed = field('Piped length');
    await type('Piping tip', '15');
    expect(field('Piped length')).toBe(typed);
    expect(typed).toHaveValue('30');
  });

  it('says why a filling does not pipe', async () => {
    await atPlan(<DoseAndBowl />, { plan: planWith({ filling: { tipMm: 4, texture: 'coarse' } }) });
    expect(region('Dose by piping')).toHaveTextContent(/block it: chop finer|too stiff|so loose/);
  });

  it('says how many more pieces what is left would fill', async () => {
    const at = await atPlan(<DoseAndBowl />, {
      plan: planWith({
        batch: {
          wayIn: 'both',
          doughInHandG: 200,
          fillingInHandG: 900,
          mayChange: { dose: false, thickness: false, size: false },
        },
      }),
    });
    expect(at.result().filling.leftFills).toBeGreaterThan(1);
    expect(region('The bowl')).toHaveTextContent(/is left: it would fill \d+ more pieces/);
  });
});

describe('a filling and safety', () => {
  it('asks for a safe core where meat or egg is in it, or as the cook sets it', async () => {
    const at = await atPlan(<FillingSafety />, {
      plan: filled({ id: 'pork-shoulder-raw', g: 400 }),
    });
    expect(region('Safe core')).toHaveTextContent(/because of .*Use a probe/);
    await type(/core/i, '80');
    expect(at.plan().boil.safeCoreC).toBe(80);
    expect(region('Safe core')).toHaveTextContent('80 °C');
    expect(region('Safe core')).toHaveTextContent('set by you');
  });

  it('asks for none of a filling without', async () => {
    await atPlan(<FillingSafety />, { plan: filled({ id: 'potato-baked-riced', g: 400 }) });
    expect(region('Safe core')).toHaveTextContent('Nothing in it asks for a safe core');
  });

  it('says when a hot filling cools too slowly, and how it would not', async () => {
    const hot = planWith({
      filling: {
        parts: [{ id: 'squash-raw', g: 900, preparation: 'steam' }],
        cooling: { fromC: 90, depthMm: 90, on: 'shelf', covered: false },
      },
    });
    const at = await atPlan(<FillingSafety />, { plan: hot });
    expect(at.result().filling.cooling.late).toBe(true);
    expect(at.result().stations.filling).toEqual({ state: 'fails', word: 'too slow to cool' });
    const status = () => within(region('Cooling')).getByRole('status');
    expect(status()).toHaveTextContent(
      /Too slow to cool: the limit is .* Spread it 2\d mm deep or less, on \d+ trays?/,
    );
    await type('Spread to cool', '8');
    expect(status()).toHaveTextContent('8.0 mm deep it fills');
    expect(at.result().stations.filling.word).not.toBe('too slow to cool');
  });

  it.each([
    [0, /None in it/],
    [0.01, /binds little/],
    [0.06, /Enough to bind/],
    [0.4, /More than it needs/],
  ])('says of %p egg what it does', async (share, says) => {
    const egg = Math.round(400 * (share / (1 - share)));
    await atPlan(<FillingSafety />, {
      plan: filled(
        { id: 'ricotta-drained', g: 400 },
        ...(egg > 0 ? [{ id: 'egg-whole', g: egg }] : []),
      ),
    });
    expect(region('Egg')).toHaveTextContent(says);
  });

  it('names allergens of dough, filling and piece', async () => {
    await atPlan(<FillingSafety />, { plan: filled({ id: 'ricotta-fresh', g: 400 }) });
    const rows = within(region('Allergens and diet')).getAllByRole('row').slice(1);
    expect(rows[1]).toHaveTextContent(/milk/i);
    expect(rows[0]).not.toHaveTextContent(/milk/i);
    expect(rows[2]).toHaveTextContent(/gluten/i);
    expect(rows[3]).toHaveTextContent(/milk/i);
    expect(rows[3]).toHaveTextContent(/egg/i);
  });
});

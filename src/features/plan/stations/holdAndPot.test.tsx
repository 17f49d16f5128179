/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Plan } from '@/core/plan/document/schema';
import { planWith } from '@/core/testing/plans';
import { standInForScreen } from '@/ui/testing/standIns';
import { atPlan } from '../testing/atPlan';
import { BoilPanel } from './boil/BoilPanel';
import { HoldBar } from './seal/HoldBar';
import { HoldPanel } from './seal/HoldPanel';
import { SheetThrough } from './seal/SheetThrough';

// What a worker works out has tests of its own.
jest.mock('../risk/Balance', () => ({ Balance: () => null }));
jest.mock('../risk/WhatIf', () => ({ WhatIf: () => null }));

beforeAll(standInForScreen);

/** A filling that wets its sheet, held so long on a tray. */
const held = (phases: Plan['hold']['phases'], surface: Plan['hold']['surface'] = 'bare') =>
  planWith({
    filling: {
      parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'raw' }],
    },
    hold: { phases, surface },
  });
const DAY = 1440;
const slider = (name: string) => screen.getByRole('slider', { name });
const term = (name: string | RegExp) => screen.getByText(name, { selector: 'dt, dt *' });

describe('the hold as a bar of time', () => {
  it('has an end to draw for every stretch, and a line for what comes of it', async () => {
    const at = await atPlan(<HoldBar />, {
      plan: held([
        { place: 'bench', minutes: 20 },
        { place: 'fridge', minutes: 120 },
      ]),
    });
    expect(screen.getAllByRole('slider').map((each) => each.getAttribute('aria-label'))).toEqual([
      'End of the time in the bench',
      'End of the time in the fridge',
    ]);
    const { minutesToTacky } = at.result().hold;
    expect(minutesToTacky).not.toBeNull();
    expect(screen.getByText(/^tacky at/)).toBeVisible();
  });

  it('draws a stretch longer by its end: what comes after stays as long', async () => {
    const at = await atPlan(<HoldBar />, {
      plan: held([
        { place: 'bench', minutes: 20 },
        { place: 'fridge', minutes: 120 },
      ]),
    });
    slider('End of the time in the bench').focus();
    await userEvent.keyboard('{ArrowRight}{ArrowRight}');
    const [bench, fridge] = at.plan().hold.phases;
    expect(bench!.minutes).toBeGreaterThan(20);
    expect(fridge!.minutes).toBe(120);
    at.undo();
    expect(at.plan().hold.phases[0]!.minutes).toBe(20);
  });

  it('never draws a stretch shorter than nothing', async () => {
    const at = await atPlan(<HoldBar />, {
      plan: held([
        { place: 'bench', minutes: 30 },
        { place: 'fridge', minutes: 10 },
      ]),
    });
    slider('End of the time in the fridge').focus();
    await userEvent.keyboard('{Home}');
    expect(at.plan().hold.phases).toEqual([
      { place: 'bench', minutes: 30 },
      { place: 'fridge', minutes: 0 },
    ]);
  });

  it('marks the safe limit where that is near', async () => {
    await atPlan(<HoldBar />, { plan: held([{ place: 'bench', minutes: 150 }], 'semolina') });
    expect(screen.getByText(/^safe limit at 2 h/)).toBeVisible();
  });
});

describe('what the hold comes to', () => {
  const headline = () => screen.getByRole('heading', { level: 3, name: /Good for|Keeps/ });

  it('says how much too early the undersides start to stick', async () => {
    const at = await atPlan(<HoldPanel />, { plan: held([{ place: 'fridge', minutes: DAY }]) });
    const { goodFor, plannedMin } = at.result().hold;
    expect(goodFor!.by).toBe('tacky');
    expect(plannedMin).toBe(DAY);
    expect(headline()).toHaveTextContent(/on a bare tray/);
    expect(screen.getByRole('region', { name: 'The hold' })).toHaveTextContent(
      /You need 24 h: .* before the pot the undersides start to stick/,
    );
  });

  it('says what is unsafe as such, however firm the sheet', async () => {
    await atPlan(<HoldPanel />, {
      plan: planWith({ hold: { phases: [{ place: 'bench', minutes: 200 }] } }),
    });
    expect(screen.getByRole('region', { name: 'The hold' })).toHaveTextContent(
      /before the pot it has been too long at room temperature/,
    );
  });

  it('keeps frozen ones without an end, and says so', async () => {
    await atPlan(<HoldPanel />, {
      plan: planWith({ hold: { phases: [{ place: 'freezer', minutes: 7 * DAY }] } }),
    });
    expect(headline()).toHaveTextContent('Keeps for as long as it is frozen');
    expect(screen.getByRole('region', { name: 'The hold' })).toHaveTextContent('never thawed');
  });

  it.each([
    ['egg', /allergens/],
    ['eggWhite', /allergens/],
    ['tooWet', /Blot them/],
    ['mist', /short breath/],
  ] as const)('says of %s what a hand needs to know', async (medium, says) => {
    await atPlan(<HoldPanel />, { plan: planWith({ hold: { medium } }) });
    expect(screen.getByText(says)).toBeVisible();
  });

  it('tells of the same day, the next and the freezer, and leaves safety to local codes', async () => {
    await atPlan(<HoldPanel />);
    for (const name of ['Same day', 'Next day', 'Frozen']) expect(term(name)).toBeVisible();
    expect(screen.getByText(/local food codes and licensed practice come first/)).toBeVisible();
  });
});

describe('through the sheet', () => {
  const drawn = () => screen.getByRole('img').getAttribute('aria-label');

  it('opens at the end of what is planned, and goes to any moment', async () => {
    await atPlan(<SheetThrough />, { plan: held([{ place: 'fridge', minutes: 600 }]) });
    const moment = screen.getByRole('slider');
    expect(moment).toHaveAttribute('aria-valuetext', expect.stringMatching(/10 h/));
    expect(drawn()).toMatch(/tacky\.$/);
    fireEvent.change(moment, { target: { value: '0' } });
    expect(screen.getByRole('heading', { level: 3 })).toHaveTextContent('after 0 min');
    expect(drawn()).toMatch(/dry to the touch\.$/);
  });

  it('is never wetter below than above', async () => {
    const at = await atPlan(<SheetThrough />, { plan: held([{ place: 'fridge', minutes: 600 }]) });
    for (const { profile, face } of at.result().hold.moments) {
      [...profile.slice(1), face].forEach((each, i) =>
        // Face and profile are each read from a table of their own.
        expect(each).toBeLessThanOrEqual(profile[i]! + 5e-4),
      );
    }
  });
});

describe('the pot', () => {
  const boil = (changes: Partial<Plan['boil']> = {}, more: Parameters<typeof planWith>[0] = {}) =>
    atPlan(<BoilPanel />, { plan: planWith({ boil: changes, ...more }) });

  it('gives the time in it, and what it waits for', async () => {
    const at = await boil({ sauceMin: 1 });
    const { potMin, coreS } = at.result().boil;
    const long = screen.getByRole('region', { name: 'How long' });
    expect(within(long).getByRole('heading')).toHaveTextContent(/min.*in the pot/);
    expect(long).toHaveTextContent('Then 1 min in the sauce.');
    expect(potMin).toBeGreaterThan(coreS! / 60 - 1.5);
    for (const from of ['From the fridge', 'From frozen']) {
      expect(screen.getByText(new RegExp(`^${from}: .* in the pot`))).toBeVisible();
    }
  });

  it('takes longer from frozen than from the fridge', async () => {
    const at = await boil();
    const { fresh, fromFrozen } = at.result().boil;
    expect(fromFrozen.minutes).toBeGreaterThan(fresh.minutes);
  });

  it('says where the water never gets so hot', async () => {
    // So high up it boils under what the middle must reach.
    await boil({ altitudeM: 5900, safeCoreC: 90 });
    expect(screen.getByRole('region', { name: 'How long' })).toHaveTextContent(
      /This pot stays under .* its middle is never 90 °C/,
    );
    expect(screen.getAllByText(/middle hot never/).length).toBeGreaterThan(0);
  });

  it.each([
    [{ waterL: 60, powerW: 20_000 }, /All go in at once|no room to move/],
    [{ waterL: 1.5, powerW: 800 }, /cool the water too far|no room to move/],
  ])('says what bounds a round in %j', async (pot, says) => {
    const at = await boil(pot);
    const { rounds } = at.result().boil;
    expect(screen.getByText(says)).toBeVisible();
    expect(rounds.rounds).toBe(Math.ceil(at.result().pieces / rounds.pieces));
  });

  it('asks for a probe where something must be hot through, and names it', async () => {
    const at = await boil(
      {},
      { filling: { parts: [{ id: 'pork-shoulder-raw', g: 300, preparation: 'raw' }] } },
    );
    expect(at.result().safeCore.because.length).toBeGreaterThan(0);
    expect(screen.getByText(/Check one with a probe before serving: /)).toBeVisible();
  });

  it('names the allergens of the whole piece, the egg that seals it among them', async () => {
    await boil({}, { hold: { medium: 'egg' } });
    const title = screen.getByRole('heading', { name: 'Allergens in the whole piece' });
    expect(title.parentElement).toHaveTextContent(/egg/i);
    expect(title.parentElement).toHaveTextContent(/gluten|wheat/i);
  });
});

/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { startingBasis } from '@/core/basis/basis';
import { startingKitchen } from '@/core/kitchen/kitchen';
import { planWith } from '@/core/testing/plans';
import { atPlan } from '../testing/atPlan';
import { BoilControls } from './boil/BoilControls';
import { CountControls } from './count/CountControls';
import { SealControls } from './seal/SealControls';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn() }) }));

const field = (name: string | RegExp) => screen.getByRole('textbox', { name });
const choose = (name: string) => userEvent.click(screen.getByRole('radio', { name }));
const open = (title: string) => userEvent.click(screen.getByText(title));
async function type(name: string | RegExp, text: string) {
  await userEvent.clear(field(name));
  await userEvent.type(field(name), `${text}{Enter}`);
}

describe('how many', () => {
  it('starts from what portions would need when another way in is taken', async () => {
    const at = await atPlan(<CountControls />);
    const { dough, filling } = at.result();
    await choose('Use both up');
    const { batch } = at.plan();
    expect(batch.wayIn).toBe('both');
    expect(batch.doughInHandG).toBe(Math.round(dough.totalG));
    expect(batch.fillingInHandG).toBe(Math.round(filling.totalG));
    expect(screen.getByText(/each/, { selector: 'b' })).toBeVisible();
    at.undo();
    expect(at.plan().batch.wayIn).toBe('portions');
  });

  it('takes portions as they are typed, and refuses what cannot be, naming the range', async () => {
    const at = await atPlan(<CountControls />);
    await type('Portions', '12');
    expect(at.plan().batch.portions).toBe(12);
    await type('Portions', '0');
    expect(at.plan().batch.portions).toBe(12);
    expect(field('Portions')).toBeInvalid();
    expect(screen.getByRole('alert')).toHaveTextContent(/from 1 to 5000.*Still 12/);
  });

  it('says what it counts on losing: reckoned, or as the cook sets it, and back', async () => {
    const at = await atPlan(<CountControls />);
    const reckoned = at.result();
    expect(screen.getByText(/^allows for 2\.2 % losses$/)).toBeVisible();
    await open('Losses and spares');
    expect(field('Breakage')).toHaveValue('');
    expect(field('Breakage')).toHaveAttribute('placeholder', '2.2');
    await type('Breakage', '20');
    expect(at.plan().batch.breakageShare).toBe(0.2);
    expect(at.result().pieces).toBeGreaterThan(reckoned.pieces);
    expect(screen.getByText(/allows for 20 % losses, as you set it/)).toBeVisible();
    await type('Breakage', ' ');
    expect(at.plan().batch.breakageShare).toBeUndefined();
    expect(at.result().pieces).toBe(reckoned.pieces);
  });

  it('loses filling in a bag by grams, in a bowl by a share', async () => {
    const at = await atPlan(<CountControls />);
    await open('Losses and spares');
    await choose('Bag');
    expect(at.plan().batch.fillingLoss).toEqual({ kind: 'bag', g: 15 });
    await type('Left in the bag', '25');
    expect(at.plan().batch.fillingLoss).toEqual({ kind: 'bag', g: 25 });
    await choose('Bowl');
    expect(at.plan().batch.fillingLoss).toEqual({ kind: 'bowl', share: 0.03 });
  });

  it('keeps a note word for word, and works nothing out anew for it', async () => {
    const at = await atPlan(<CountControls />);
    const before = at.result();
    await userEvent.type(screen.getByRole('textbox', { name: /Note/ }), 'Thin edge, please');
    expect(at.plan().note).toBe('Thin edge, please');
    // A long word of what is worked out helps no one: the same thing, not an equal one.
    expect(at.result() === before).toBe(true);
  });

  it('holds dose, sheet or blank in a dead heat as they are ticked', async () => {
    const at = await atPlan(<CountControls />, {
      plan: planWith({ batch: { ...planWith().batch, wayIn: 'both' } }),
    });
    await userEvent.click(screen.getByRole('checkbox', { name: 'Thickness' }));
    expect(at.plan().batch.mayChange).toEqual({ dose: true, thickness: false, size: true });
    expect(at.result().sheet.thicknessMm).toBe(at.plan().sheet.thicknessMm);
  });
});

describe('seal and hold', () => {
  it('is sealed, pressed and kept as it is chosen, and the answer follows', async () => {
    const at = await atPlan(<SealControls />);
    const { margins } = at.result();
    await choose('Nothing');
    expect(at.plan().hold.medium).toBe('dry');
    expect(at.result().margins.seal).toBeLessThan(margins.seal!);
    await choose('Not at all');
    expect(at.plan().hold.air).toBe('none');
    expect(at.result().weakestLink.name).toBe('burst');
    await choose('Bare tray');
    expect(at.plan().hold.surface).toBe('bare');
  });

  it('waits in one place after the other: added, timed, moved elsewhere, taken out', async () => {
    const at = await atPlan(<SealControls />, {
      plan: planWith({ hold: { phases: [{ place: 'fridge', minutes: 60 }] } }),
    });
    await userEvent.click(screen.getByRole('button', { name: 'Add a stage' }));
    expect(at.plan().hold.phases.map(({ place }) => place)).toEqual(['fridge', 'freezer']);
    const until = within(screen.getByRole('group', { name: 'Until the pot' }));
    await type(/Stretch 2, .* for how long/, '3 h');
    expect(at.plan().hold.phases[1]).toEqual({ place: 'freezer', minutes: 180 });
    await userEvent.selectOptions(
      until.getByRole('combobox', { name: 'Stretch 1, where' }),
      'Drying',
    );
    expect(at.plan().hold.phases[0]?.place).toBe('drying');
    await userEvent.click(until.getAllByRole('button', { name: /^Remove/ })[0]!);
    expect(at.plan().hold.phases).toEqual([{ place: 'freezer', minutes: 180 }]);
  });

  it('says what is folded away and not as usual', async () => {
    await atPlan(<SealControls />, { plan: planWith({ filling: { meetsC: 35 } }) });
    expect(screen.getByText(/35 °C/)).toBeVisible();
    await open('Warm or busy kitchen');
    expect(field(/Meets the dough at/)).toHaveValue('35');
  });
});

describe('the boil', () => {
  it('takes the kitchen’s own pot, four fifths full, until another amount is typed', async () => {
    const kitchen = { ...startingKitchen, pots: [{ name: 'The tall pot', litres: 8 }] };
    const at = await atPlan(<BoilControls />, { kitchen });
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Pot' }), 'The tall pot');
    expect(at.plan().boil.waterL).toBeCloseTo(6.4, 9);
    await type('Water in the pot', '5');
    expect(at.plan().boil.waterL).toBe(5);
    expect(screen.getByRole('combobox', { name: 'Pot' })).toHaveValue('');
  });

  it('asks for a safe core where the filling does, and for the cook’s own where one is set', async () => {
    const meat = planWith({
      filling: {
        ...planWith().filling,
        parts: [{ id: 'pork-shoulder-raw', g: 300, preparation: 'raw' }],
      },
    });
    expect(startingBasis.pantry.ingredients.has('pork-shoulder-raw')).toBe(true);
    const at = await atPlan(<BoilControls />, { plan: meat });
    expect(field('Safe core')).toHaveAttribute('placeholder', String(at.result().safeCore.tempC));
    await type('Safe core', '80');
    expect(at.result().safeCore.tempC).toBe(80);
    await type('Safe core', ' ');
    expect(at.plan().boil.safeCoreC).toBeUndefined();
  });

  it('is no hotter than the water boils: higher up it is cooler', async () => {
    const at = await atPlan(<BoilControls />);
    const { bathC } = at.result().boil;
    await open('Burner and altitude');
    await type('Height over the sea', '2000');
    expect(at.result().boil.bathC).toBeLessThan(bathC - 5);
    await choose('Rolling boil');
    expect(at.plan().boil.style).toBe('rolling');
  });
});

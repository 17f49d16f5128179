/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { happeningsOf, type BatchTests } from '@/core/run/batchTests';
import type { RunEvent } from '@/core/run/events';
import { eventsFrom } from '@/core/testing/kitchens';
import { planWith } from '@/core/testing/plans';
import { noteBatchTests } from '@/server/actions/runs';
import type { TestedBatch } from '@/server/repositories/batch';
import { cookHere } from '../../bench/cookHere';
import { atPlan } from '../testing/atPlan';
import HomeTests from './filling/HomeTests';
import { HangTest } from './sheet/HangTest';

const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh }) }));
jest.mock('@/server/actions/runs', () => ({ noteBatchTests: jest.fn() }));

const RUN = '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0001';
const plan = planWith();
const batchOf = (tests: BatchTests, of = plan): TestedBatch => ({
  run: RUN,
  tests,
  of,
  events: eventsFrom(happeningsOf(tests)),
});

/** What was asked of the server, without ids and times. */
const noted = () =>
  jest
    .mocked(noteBatchTests)
    .mock.calls.map(([input]) =>
      (input as { events: RunEvent[] }).events.map(({ id: _id, at: _at, ...what }) => what),
    );
const press = (within_: HTMLElement, name: string) =>
  userEvent.click(within(within_).getByRole('button', { name }));
async function type(inside: HTMLElement, name: string, text: string) {
  const field = within(inside).getByRole('textbox', { name });
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
}
const region = (name: string) => screen.getByRole('region', { name });

beforeEach(() => {
  jest.clearAllMocks();
  jest.mocked(noteBatchTests).mockResolvedValue({ ok: true, value: RUN });
});

describe('a spoonful on a plate', () => {
  it('is noted in the batch, and the plan stays as it was planned', async () => {
    const at = await atPlan(<HomeTests />, { plan });
    const spoon = region('Spoon test');
    expect(spoon).toHaveTextContent('the plan stays as planned');
    await type(spoon, 'Level spoon', '15');
    await type(spoon, 'Spread across', '60');
    await press(spoon, 'Use what I measured');
    await waitFor(() => expect(refresh).toHaveBeenCalled());
    expect(noted()).toEqual([[{ kind: 'measured', test: 'spoonMm', value: 60, of: 15 }]]);
    expect(at.plan()).toEqual(plan);
  });

  it('is by the cook who works at this device', async () => {
    cookHere().write('Runa');
    await atPlan(<HomeTests />, { plan });
    const spoon = region('Spoon test');
    await type(spoon, 'Spread across', '60');
    await press(spoon, 'Use what I measured');
    await waitFor(() => expect(refresh).toHaveBeenCalled());
    expect(noted()[0]).toMatchObject([{ test: 'spoonMm', by: 'Runa' }]);
    cookHere().clear();
  });

  it('counts where it stands in the batch, and is taken back there', async () => {
    const at = await atPlan(<HomeTests />, {
      plan,
      batch: batchOf({ spoon: { volumeMl: 15, diameterMm: 60 } }),
    });
    expect(at.result().filling.stiffnessFrom).toBe('spoon');
    const spoon = region('Spoon test');
    expect(within(spoon).getByRole('textbox', { name: 'Spread across' })).toHaveValue('60');
    expect(within(spoon).getByRole('link', { name: 'To its bench' })).toHaveAttribute(
      'href',
      `/runs/${RUN}`,
    );
    await press(spoon, 'Back to the estimate');
    await waitFor(() => expect(noteBatchTests).toHaveBeenCalled());
    expect(noted()[0]).toEqual([{ kind: 'takenBack', event: expect.any(String) }]);
  });

  it('of a filling that was mixed otherwise since is told, not counted', async () => {
    const of = planWith({ filling: { ...plan.filling, texture: 'blended' } });
    const at = await atPlan(<HomeTests />, {
      plan,
      batch: batchOf({ spoon: { volumeMl: 15, diameterMm: 60 } }, of),
    });
    expect(at.result().filling.stiffnessFrom).toBe('rule');
    expect(region('Spoon test')).toHaveTextContent('of another recipe than this: not counted');
  });

  it('that an older plan was made with goes out of the plan with a tap, and comes back with another', async () => {
    const older = planWith({
      filling: { ...plan.filling, spoonTest: { volumeMl: 10, diameterMm: 50 } },
    });
    const at = await atPlan(<HomeTests />, { plan: older });
    expect(at.result().filling.stiffnessFrom).toBe('spoon');
    await press(region('Spoon test'), 'Back to the estimate');
    expect(at.plan().filling.spoonTest).toBeUndefined();
    expect(noteBatchTests).not.toHaveBeenCalled();
    at.undo();
    expect(at.plan().filling.spoonTest).toEqual({ volumeMl: 10, diameterMm: 50 });
  });

  it('is not lost where the server does not answer', async () => {
    jest.mocked(noteBatchTests).mockRejectedValue(new Error('no line'));
    await atPlan(<HomeTests />, { plan });
    const spoon = region('Spoon test');
    await type(spoon, 'Spread across', '60');
    await press(spoon, 'Use what I measured');
    await waitFor(() =>
      expect(within(spoon).getByRole('button', { name: 'Use what I measured' })).toBeEnabled(),
    );
    expect(refresh).not.toHaveBeenCalled();
    expect(within(spoon).getByRole('textbox', { name: 'Spread across' })).toHaveValue('60');
  });
});

describe('a spoonful on a towel', () => {
  it('cannot give up more than it is', async () => {
    await atPlan(<HomeTests />, { plan });
    const towel = region('Towel test');
    await type(towel, 'Spoonful', '20');
    await type(towel, 'The towel took', '30');
    expect(towel).toHaveTextContent('The towel cannot take more than the spoonful, 20 g');
    await press(towel, 'Use what the towel took');
    expect(noteBatchTests).not.toHaveBeenCalled();
    await type(towel, 'The towel took', '1.5');
    await press(towel, 'Use what the towel took');
    await waitFor(() => expect(noted()).toHaveLength(1));
    expect(noted()[0]).toEqual([{ kind: 'measured', test: 'towelG', value: 1.5, of: 20 }]);
  });

  it('says how much water is free, exactly, where it counts', async () => {
    const at = await atPlan(<HomeTests />, {
      plan,
      batch: batchOf({ towel: { spoonfulG: 20, wetG: 1.5 } }),
    });
    expect(at.result().filling.freeWaterShare).toBeCloseTo(0.075, 9);
  });
});

describe('a hanging strip', () => {
  it('is noted, counts, and says how the sheet stands against its estimate', async () => {
    await atPlan(<HangTest />, { plan });
    const hang = region('Hanging strip');
    await type(hang, 'It tore at', '700');
    expect(within(hang).getByRole('status')).toHaveTextContent(/weaker than estimated/);
    await press(hang, 'Use what I measured');
    await waitFor(() =>
      expect(noted()).toEqual([[{ kind: 'measured', test: 'hangMm', value: 700 }]]),
    );
  });

  it('that stands in the batch is what the plan reckons with', async () => {
    const at = await atPlan(<HangTest />, { plan, batch: batchOf({ hangMm: 700 }) });
    expect(at.result().dough.strengthMeasured).toBe(true);
    expect(region('Hanging strip')).toHaveTextContent('now reckons with what you measured');
  });
});

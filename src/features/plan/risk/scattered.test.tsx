/** @jest-environment jsdom */
import { learntOf } from '@/core/testing/learntOf';
import '@testing-library/jest-dom';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { startingBasis, type Basis } from '@/core/basis/basis';
import { toMake } from '@/core/batch/toMake';
import type { Plan } from '@/core/plan/document/schema';
import { modelOf } from '@/core/risk/modelOf';
import { balanceMap } from '@/core/risk/balanceMap';
import { scatter } from '@/core/risk/scatter';
import { planWith } from '@/core/testing/plans';
import { atPlan } from '../testing/atPlan';
import { Scattered } from './Scattered';
import { WhatIf } from './WhatIf';

/** What the worker answers of a plan. */
function balanceOf(plan: Plan, basis: Basis = startingBasis) {
  const model = modelOf(plan, basis);
  const hands = scatter(model);
  const { plated, tasted } = model.batch.batch.counts;
  return {
    map: balanceMap(model, 4),
    hands,
    plated,
    make: toMake(plated, hands.lost) + tasted,
  };
}
const shown = (plan: Plan, basis = startingBasis) =>
  atPlan(<Scattered balance={balanceOf(plan, basis)} />, { plan, basis });
const text = () => document.body.textContent!.replaceAll(', show the working', '');

describe('how many hands lose', () => {
  it('is what the plan makes spares for', async () => {
    const at = await shown(planWith());
    const { counts } = at.result();
    expect(text()).toMatch(new RegExp(`to be 95 % sure of ${counts.plated} on plates`));
    expect(screen.queryByRole('button', { name: /Count on/ })).toBeNull();
  });

  it('stands beside the cook’s own share, and takes its place with a tap', async () => {
    const plan = planWith({ batch: { ...planWith().batch, breakageShare: 0.2 } });
    const at = await shown(plan);
    expect(text()).toContain('you allow for 20 %');
    await userEvent.click(
      screen.getByRole('button', { name: 'Count on what hands lose, not on your 20 %' }),
    );
    expect(at.plan().batch.breakageShare).toBeUndefined();
    expect(at.result().breakageReckoned).toBe(true);
    at.undo();
    expect(at.plan().batch.breakageShare).toBe(0.2);
  });

  it('gives way to what the kitchen’s runs taught', async () => {
    await shown(planWith(), { ...startingBasis, learnt: [learntOf('burst', 0.12)] });
    expect(text()).toContain('your batches lost 12 %');
  });

  it('is too many to make good where most are lost: the plan is mended first', async () => {
    await shown(planWith({ shape: { doseG: 30 } }));
    expect(text()).toMatch(/Most of them are lost, about \d+(\.\d)? %: mend it first/);
  });

  it('names what they are lost to, and how even they come', async () => {
    await shown(planWith({ shape: { doseG: 20 } }));
    expect(text()).toMatch(/Lost to (lip|air in the pot) \d/);
    expect(text()).toMatch(/Pieces of [\d.]+ g to [\d.]+ g/);
  });
});

describe('what if', () => {
  it('sets up to three changes beside the plan, and takes one', async () => {
    const at = await atPlan(<WhatIf />, { plan: planWith({ shape: { doseG: 18 } }) });
    await userEvent.click(screen.getByText('What if'));
    const group = within(screen.getByRole('group', { name: 'Set up to three beside the plan' }));
    const changes = group.getAllByRole('button');
    expect(changes.length).toBeGreaterThan(3);
    for (const change of changes.slice(0, 4)) await userEvent.click(change);
    expect(group.getAllByRole('button', { pressed: true })).toHaveLength(3);
    const before = at.plan();
    await userEvent.click(screen.getAllByRole('button', { name: /^Make it so/ })[0]!);
    expect(at.plan()).not.toEqual(before);
    expect(group.getAllByRole('button', { pressed: true })).toHaveLength(2);
    at.undo();
    expect(at.plan()).toEqual(before);
  });

  it('compares on what was tested of the batch, and saves none of it with what is taken', async () => {
    const plan = planWith();
    const at = await atPlan(<WhatIf />, {
      plan,
      batch: {
        run: '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0001',
        tests: { spoon: { volumeMl: 15, diameterMm: 44 } },
        of: plan,
        events: [],
      },
    });
    await userEvent.click(screen.getByText('What if'));
    await userEvent.click(screen.getByRole('button', { name: /less filling/ }));
    await userEvent.click(screen.getByRole('button', { name: /^Make it so/ }));
    expect(at.plan().shape.doseG).toBeLessThan(plan.shape.doseG);
    expect(at.plan().filling).not.toHaveProperty('spoonTest');
    expect(at.result().filling.stiffnessFrom).toBe('spoon');
  });
});

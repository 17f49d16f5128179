/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MARGIN_IDS } from '@/core/risk/margins';
import type { PlanResult } from '@/core/plan/evaluatePlan';
import { planWith } from '@/core/testing/plans';
import { atPlan } from '../testing/atPlan';
import { Tally } from './Tally';

const tally = () => screen.getByRole('region', { name: 'Tally' });
const text = () => tally().textContent!.replaceAll(', show the working', '');
const verdict = () => screen.getByRole('group', { name: 'Verdict' });

describe('the tally', () => {
  it('says pieces, what they are for, both bowls, and that it holds', async () => {
    const at = await atPlan(<Tally />);
    const { pieces, counts } = at.result();
    expect(text()).toContain(`Pieces${pieces}6 portions of 6, 2 to taste, ${counts.spare} spare`);
    expect(text()).toMatch(/Dough300g/);
    expect(verdict()).toHaveTextContent('Holds. Weakest link');
    expect(within(verdict()).queryByRole('button', { name: /less filling/ })).toBeNull();
  });

  it('divides what is in hand among those who eat, and says what does not go round', async () => {
    await atPlan(<Tally />, {
      plan: planWith({
        batch: { ...planWith().batch, wayIn: 'filling', fillingInHandG: 500, portions: 7 },
      }),
    });
    expect(text()).toMatch(/\d+ each for 7(, \d over)?, 2 to taste/);
  });

  it('names the weakest link that fails, and mends it by one tap, the focus kept', async () => {
    const at = await atPlan(<Tally />, { plan: planWith({ shape: { doseG: 24 } }) });
    expect(at.result().weakestLink.state).toBe('fails');
    expect(verdict()).toHaveTextContent(/Fails/);
    const ways = within(verdict()).getAllByRole('button', { name: /to spare|short|edge|slip/ });
    expect(ways.length).toBeGreaterThan(1);
    await userEvent.click(within(verdict()).getByRole('button', { name: /^Pinch the edge/ }));
    expect(at.result().weakestLink.state).toBe('holds');
    expect(verdict()).toHaveFocus();
    at.undo();
    expect(at.result().weakestLink.state).toBe('fails');
  });

  it('works out ways to mend only where there is something to mend', async () => {
    const workedOut = (result: PlanResult) =>
      !Object.getOwnPropertyDescriptor(result.weakestLink, 'remedies')!.get;
    const whole = await atPlan(<Tally />);
    expect(whole.result().weakestLink.state).toBe('holds');
    expect(workedOut(whole.result())).toBe(false);
    const broken = await atPlan(<Tally />, { plan: planWith({ shape: { doseG: 24 } }) });
    expect(workedOut(broken.result())).toBe(true);
  });

  it('sets the station that fails above the piece that holds', async () => {
    await atPlan(<Tally />, { plan: planWith({ sheet: { ...planWith().sheet, widthMm: 40 } }) });
    expect(text()).toMatch(/Sheet fails ?The blank needs 58 mm across/);
    expect(verdict()).toHaveTextContent(/The piece itself holds/);
  });

  it('draws every link there is, the weakest first', async () => {
    const at = await atPlan(<Tally />);
    const links = within(
      screen.getByRole('region', { name: 'Weak points, thinnest first' }),
    ).getAllByRole('listitem');
    const { margins, weakestLink } = at.result();
    expect(links).toHaveLength(
      MARGIN_IDS.filter((id) => id !== 'open' && margins[id] !== null).length,
    );
    expect(links[0]).toHaveTextContent(/Air in the pot/);
    expect(weakestLink.name).toBe('burst');
  });
});

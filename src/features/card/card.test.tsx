/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { startingBasis } from '@/core/basis/basis';
import { cardBack } from '@/core/faults/cardBack';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import type { Plan } from '@/core/plan/document/schema';
import { startingPlans } from '@/core/plan/starting/startingPlans';
import { FAMILY_IDS, type FamilyId } from '@/core/shapes/families';
import { planWith } from '@/core/testing/plans';
import { METRIC, US_CUSTOMARY } from '@/core/units/units';
import { STATE_WORDS } from '@/ui/figure/StateMark';
import { standInForScreen } from '@/ui/testing/standIns';
import { UnitsProvider } from '@/ui/units/UnitsContext';
import { BenchCard } from './BenchCard';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn() }) }));
jest.mock('./card.css', () => ({}));
jest.mock('@/ui/layout/BenchBar', () => ({
  BenchBar: ({ actions }: { actions: React.ReactNode }) => <header>{actions}</header>,
}));

beforeAll(standInForScreen);

const PARTS = { pantry: { ingredients: [], preparations: [] }, learnt: [], alsoHandles: [] };

const card = (plan: Plan, units = METRIC) => {
  render(
    <UnitsProvider initial={units}>
      <BenchCard id="p" plan={plan} revision={7} basisParts={PARTS} kitchenName="Landing kitchen" />
    </UnitsProvider>,
  );
  return screen.getByRole('article', { name: 'Bench card' });
};

describe.each(FAMILY_IDS)('the bench card of %s', (family: FamilyId) => {
  const plan = startingPlans[family];
  const result = evaluatePlan(plan, startingBasis);

  it('has all on one page: what to weigh, set, lay and fold, and what to look at', () => {
    const page = card(plan);
    expect(within(page).getByRole('heading', { level: 1 })).toHaveTextContent(plan.name);
    expect(page).toHaveTextContent('Landing kitchen, revision 7');
    const weighed = within(page).getAllByRole('rowheader');
    expect(weighed.length).toBeGreaterThanOrEqual(
      plan.dough.parts.length + plan.filling.parts.length,
    );
    expect(page.querySelectorAll('.card-ladder li')).toHaveLength(result.ladder.rungs.length);
    expect(page.querySelectorAll('.card-drawings svg[aria-label]').length).toBe(2);
    const { mark, word } = STATE_WORDS[result.weakestLink.state];
    expect(page.querySelector('.card-verdict')).toHaveTextContent(new RegExp(`${mark}.*${word}`));
    expect(page).toHaveTextContent(/Contains|None of the listed allergens/);
    expect(page).toHaveTextContent('Made ______ Burst ______');
    expect(page.textContent).not.toMatch(/NaN|undefined|Infinity/);
  });
});

describe('the bench card', () => {
  const plan = planWith({ note: 'thin edge, Ines rolls' });

  it('is had as PDF on either paper, or printed', async () => {
    window.print = jest.fn();
    card(plan);
    expect(screen.getByRole('link', { name: /PDF A4/ })).toHaveAttribute(
      'href',
      '/api/plans/p/card?paper=a4',
    );
    expect(screen.getByRole('link', { name: /PDF Letter/ })).toHaveAttribute(
      'href',
      '/api/plans/p/card?paper=letter',
    );
    await userEvent.click(screen.getByRole('button', { name: 'Print' }));
    expect(window.print).toHaveBeenCalled();
  });

  it('has a back, asked for, with the signs of this very plan; the PDF has it too', async () => {
    card(plan);
    expect(screen.queryByRole('article', { name: 'Back of the card' })).toBeNull();
    await userEvent.click(screen.getByRole('checkbox', { name: /With its back/ }));
    const back = screen.getByRole('article', { name: 'Back of the card' });
    const parts = cardBack(plan, startingBasis);
    expect(
      within(back)
        .getAllByRole('heading', { level: 3 })
        .map((each) => each.textContent),
    ).toEqual(parts.map(({ title }) => title));
    expect(within(back).getAllByRole('term')).toHaveLength(
      parts.reduce((sum, { lines }) => sum + lines.length, 0),
    );
    expect(back).toHaveTextContent(/Local food codes and licensed practice come first/);
    expect(screen.getByRole('link', { name: /PDF A4/ })).toHaveAttribute(
      'href',
      expect.stringContaining('back=1'),
    );
  });

  it('is in ounces and inches for those who weigh and measure in them', () => {
    const page = card(plan, US_CUSTOMARY);
    expect(page).toHaveTextContent(/\d oz/);
    expect(page.textContent).not.toMatch(/\d (g|mm)\b/);
  });

  it('carries the cook’s own note, and says what fails', () => {
    expect(card(plan)).toHaveTextContent('thin edge, Ines rolls');
    document.body.innerHTML = '';
    const fails = card(planWith({ shape: { doseG: 24 } }));
    expect(fails.querySelector('.card-verdict')).toHaveTextContent(/✕.*fails/);
  });
});

import { startingBasis } from '@/core/basis/basis';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { startingPlans } from '@/core/plan/starting/startingPlans';
import { FAMILY_IDS } from '@/core/shapes/families';
import { planWith } from '@/core/testing/plans';
import { figureText, spoonText } from '@/core/units/format';
import type { Plan } from '@/core/plan/document/schema';
import { METRIC, US_CUSTOMARY } from '@/core/units/units';
import { cardContents } from './cardContents';

const cardOf = (plan: Plan, units = METRIC) =>
  cardContents(plan, evaluatePlan(plan, startingBasis), {
    kitchenName: 'Landing kitchen',
    revision: 4,
    text: (value, unit) => figureText(value, unit, units),
    spoons: (ml) => spoonText(ml, units),
  });

describe('cardContents', () => {
  it.each(FAMILY_IDS)('%s has all that is needed on the bench', (family) => {
    const plan = startingPlans[family];
    const result = evaluatePlan(plan, startingBasis);
    const card = cardOf(plan);
    expect(card.from).toContain('Landing kitchen, revision 4');
    expect(card.pieces).toBe(String(result.pieces));
    expect(card.facts.map(({ term }) => term)).toEqual(
      expect.arrayContaining(['Roller', 'Sheets', 'Dose', 'Edge', 'Seal', 'Pot', 'Done']),
    );
    expect(card.facts.every(({ value }) => value.length > 0)).toBe(true);
    expect(card.rungs[card.rungs.length - 1]).toMatchObject({
      dial: result.sheet.setting,
      does: expect.stringContaining('stop'),
    });
    expect(card.rungs[0]?.does).toContain('fold 3 ×');
    expect(card.layout).toContain(`${result.layout.pieces} a `);
    expect(card.folding.length).toBeGreaterThan(2);
  });

  it('writes weights in the user’s own units', () => {
    expect(cardOf(startingPlans.ravioliSquare).dough.total).toBe('300 g');
    expect(cardOf(startingPlans.ravioliSquare, US_CUSTOMARY).dough.total).toBe('10.6 oz');
  });

  it('names a mould, and says when nothing can be cut', () => {
    const mould = planWith({ shape: { mould: 'Hall plate' } }, 'mouldedRavioli');
    expect(cardOf(mould).facts.map(({ term }) => term)).toContain('Hall plate');
    const wide = planWith({ sheet: { widthMm: 45 } });
    expect(cardOf(wide).layout).toContain('Nothing can be cut');
    expect(cardOf(wide).asks).toContain('The blank needs 58 mm across');
  });

  it('says what the last trim becomes', () => {
    const soup = planWith({ batch: { trimTo: 'soup' } });
    expect(cardOf(soup).layout).toContain('soup squares');
  });
});

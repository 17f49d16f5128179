import { startingBasis } from '@/core/basis/basis';
import { startingPantry } from '@/core/composition/pantry';
import { cardBack } from '@/core/faults/cardBack';
import { cautionsFor } from '@/core/plan/questions/cautions';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import type { Plan } from '@/core/plan/document/schema';
import { startingPlans } from '@/core/plan/starting/startingPlans';
import { FAMILY_IDS } from '@/core/shapes/families';
import { genericRollers } from '@/core/sheet/genericRollers';
import { planWith } from '@/core/testing/plans';
import { figureText, spoonText } from '@/core/units/format';
import { METRIC, US_CUSTOMARY } from '@/core/units/units';
import { cardContents } from './cardContents';
import { cardPdf } from './cardPdf';

async function pdfOf(plan: Plan, units = METRIC, back = false): Promise<string> {
  const result = evaluatePlan(plan, startingBasis);
  const card = cardContents(plan, result, {
    kitchenName: 'Landing kitchen',
    revision: 4,
    text: (value, unit) => figureText(value, unit, units),
    spoons: (ml) => spoonText(ml, units),
  });
  const file = await cardPdf(plan, result, card, cautionsFor(plan, startingPantry), {
    back: back ? cardBack(plan, startingBasis) : null,
  });
  return file.toString('latin1');
}

const pagesOf = (pdf: string): number => pdf.match(/\/Type \/Page\b/g)?.length ?? 0;

describe('the bench card as PDF', () => {
  it.each(FAMILY_IDS)('of %s is one page of A4', async (family) => {
    const pdf = await pdfOf(startingPlans[family]);
    expect(pdf.startsWith('%PDF-1.')).toBe(true);
    expect(pagesOf(pdf)).toBe(1);
    expect(pdf).toContain('/MediaBox [0 0 595.275591 841.889764]');
  });

  it('has a back when it is asked for: one page more', async () => {
    expect(pagesOf(await pdfOf(startingPlans.ravioliSquare, METRIC, true))).toBe(2);
  });

  it('is one page in ounces and inches too', async () => {
    expect(pagesOf(await pdfOf(startingPlans.mouldedRavioli, US_CUSTOMARY))).toBe(1);
  });

  it('still fits one page with a long name, a dozen ingredients and a sheeter of 26 steps', async () => {
    const sheeter = genericRollers.find(({ drive }) => drive === 'sheeter')!;
    const filling = ['spinach-raw', 'onion-raw', 'squash-raw', 'ricotta-fresh'];
    const pdf = await pdfOf(
      planWith({
        name: 'Celeriac, smoked curd and toasted poppy seed for the long Friday supper',
        note: 'Two people at the roller. '.repeat(12),
        filling: {
          parts: [...filling, ...filling, ...filling].map((id) => ({
            id,
            g: 200,
            preparation: 'raw',
          })),
        },
        sheet: { roller: sheeter, thicknessMm: 0.8, widthMm: 120 },
      }),
    );
    expect(pagesOf(pdf)).toBe(1);
  });

  it('goes on to a further page rather than off the first', async () => {
    const pdf = await pdfOf(
      planWith({
        note: 'Wrapped, and kept under a damp cloth until the last sheet is filled. '.repeat(55),
        filling: {
          parts: Array.from({ length: 40 }, () => ({
            id: 'ricotta-fresh',
            g: 50,
            preparation: 'drain-overnight',
          })),
        },
      }),
    );
    expect(pagesOf(pdf)).toBe(2);
  });
});

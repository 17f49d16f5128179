import { startingBasis } from '@/core/basis/basis';
import { startingPantry } from '@/core/composition/pantry';
import { cardBack } from '@/core/faults/cardBack';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { cautionsFor } from '@/core/plan/questions/cautions';
import { TEMPLATES, templatePages } from '@/core/plan/questions/templatesOfPlan';
import { startingPlans } from '@/core/plan/starting/startingPlans';
import { dayPaper, type DaySheet } from '@/core/schedule/paper';
import { DAY_PLANS, weekend } from '@/core/schedule/testing/days';
import { solveDay } from '@/core/schedule/timetable/solveDay';
import { figureText, spoonText } from '@/core/units/format';
import { METRIC, US_CUSTOMARY } from '@/core/units/units';
import { cardContents } from './cardContents';
import { cardPdf } from './cardPdf';
import { dayPdf } from '@/features/day/paper/dayPdf';
import { runsOf, type Weight } from '@/server/pdf/faces';
import { templatePdf } from '@/server/pdf/templatePdf';

const lines: { line: string; weight: Weight }[] = [];
jest.mock('@/server/pdf/faces', () => {
  const faces = jest.requireActual<typeof import('@/server/pdf/faces')>('@/server/pdf/faces');
  return {
    ...faces,
    runsOf(line: string, weight: Weight) {
      lines.push({ line, weight });
      return faces.runsOf(line, weight);
    },
  };
});

const written = (line: string, weight: Weight = 'regular') =>
  runsOf(line, weight)
    .map(({ text }) => text)
    .join('');
const asked = (text: string) => text.split('?').length;

/** Lines of which a letter could not be written. */
const lost = () =>
  [...new Set(lines.splice(0).map(({ line }) => line))].filter(
    (line) => asked(written(line)) > asked(line),
  );

describe('letters on paper', () => {
  it.each(['regular', 'bold'] as const)(
    'a name in any of these is written as it is: %s',
    (weight) => {
      for (const name of [
        'Ñandú, Käse und Œuf',
        'Šípková omáčka, żurek, hőfok',
        'Đặng bánh ướt',
        'Ραβιόλι με αυγό',
        'Пельмени с ёлкой',
        'पनीर',
        '≈ 4 × 3 ≤ 15, 60 → 55, ✓ ½ 180° ½″',
      ]) {
        expect(written(name, weight)).toBe(name.normalize('NFC'));
      }
    },
  );

  it('a sign that no face holds is one that is read the same, and a letter a question mark', () => {
    expect(written('⅓ cup ✕ 2')).toBe('1⁄3 cup × 2');
    expect(written('A 餃子')).toBe('A ??');
  });

  it('each stretch is in one face, the product’s own where that holds it', () => {
    const runs = runsOf('Fill ≈ 4 g', 'regular');
    expect(runs.map(({ text }) => text)).toEqual(['Fill ', '≈', ' 4 g']);
    expect(runs[0]!.face.name).toBe('atkinson-hyperlegible-next-latin-400');
    expect(runs[1]!.face.name).toBe('noto-sans-math-latin-400');
  });
});

describe('nothing on any paper is lost:', () => {
  beforeEach(() => lines.splice(0));

  it.each(['ravioliSquare', 'mouldedRavioli', 'tortelloni', 'agnolottiFlat'] as const)(
    'the card of %s, its back, its templates',
    async (family) => {
      const plan = { ...startingPlans[family], name: 'Пирог ≈ Ραβιόλι', note: 'Đặng: ✕ no egg' };
      const result = evaluatePlan(plan, startingBasis);
      for (const units of family === 'tortelloni' ? [METRIC, US_CUSTOMARY] : [METRIC]) {
        const card = cardContents(plan, result, {
          kitchenName: 'Кухня',
          revision: 4,
          text: (value, unit) => figureText(value, unit, units),
          spoons: (ml) => spoonText(ml, units),
        });
        await cardPdf(plan, result, card, cautionsFor(plan, startingPantry), {
          back: cardBack(plan, startingBasis),
        });
      }
      for (const template of TEMPLATES) {
        const pages = templatePages(plan, startingBasis, { template, paper: 'a4' });
        await templatePdf(pages, plan.name);
      }
      expect(lines.length).toBeGreaterThan(30);
      expect(lost()).toEqual([]);
    },
  );

  it('a day’s lists, bowls, allergens and labels', async () => {
    const { work, timetable } = solveDay(weekend(), DAY_PLANS, startingBasis, { tries: 100 });
    const paper = dayPaper(work, timetable, startingBasis, (v, u) => figureText(v, u, METRIC));
    const sheets: Record<DaySheet, true> = {
      people: true,
      shopping: true,
      bowls: true,
      allergens: true,
      labels: true,
    };
    for (const sheet of Object.keys(sheets) as DaySheet[])
      await dayPdf(paper, sheet, { units: METRIC });
    expect(lines.length).toBeGreaterThan(30);
    expect(lost()).toEqual([]);
  });
});

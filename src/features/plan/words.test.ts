import { startingBasis } from '@/core/basis/basis';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { startingPantry } from '@/core/composition/pantry';
import { applyChange } from '@/core/risk/remedies';
import type { Plan } from '@/core/plan/document/schema';
import { STATIONS } from '@/core/plan/stations';
import { planWith } from '@/core/testing/plans';
import { figureText, type WriteFigure } from '@/core/units/format';
import { METRIC } from '@/core/units/units';
import { changeText, keyFigure, stationAdvice, weakestText } from './words';

const metric: WriteFigure = (value, unit) => figureText(value, unit, METRIC);
const key = (plan: Plan, station: (typeof STATIONS)[number], write = metric) => {
  const { figure, of } = keyFigure(station, plan, evaluatePlan(plan, startingBasis), write);
  return `${figure} ${of}`;
};

describe('keyFigure', () => {
  const plan = planWith({ hold: { phases: [{ place: 'bench', minutes: 90 }] } });

  it.each([
    ['count', '6 × 6 portions'],
    ['dough', '38.1 % hydration'],
    ['filling', '0 % free water'],
    ['sheet', '0.80 mm dial 8'],
    ['shape', '10.2 mm lip'],
    ['seal', '2 h keeping time'],
    ['boil', '≈ 2.3 min in the pot'],
  ] as const)('of %s is “%s”', (station, words) => {
    expect(key(plan, station)).toBe(words);
  });

  it('says how long pieces keep, or that they are frozen', () => {
    const frozen = planWith({ hold: { phases: [{ place: 'freezer', minutes: 2880 }] } });
    expect(key(frozen, 'seal')).toBe('2 days frozen');
  });

  it('says when the sheet is between two steps of the dial', () => {
    expect(key(planWith({ sheet: { thicknessMm: 0.9 } }), 'sheet')).toMatch(/near dial/);
  });
});

describe('changeText', () => {
  it.each([
    [{ kind: 'size', fromMm: 55, toMm: 58 }, 'Wider by 3 mm: 58 mm'],
    [{ kind: 'dose', fromG: 9, toG: 7.5 }, '1.5 g less filling: 7.5 g'],
    [{ kind: 'thickness', fromMm: 0.6, toMm: 0.8, setting: '8' }, 'Thicker, 0.80 mm on dial 8'],
    [{ kind: 'thickness', fromMm: 1, toMm: 0.8, setting: '8' }, 'Thinner, 0.80 mm on dial 8'],
    [{ kind: 'finish', from: 'wheel', to: 'pinch' }, 'Pinch the edge'],
    [{ kind: 'laid', from: 'spooned', to: 'ring' }, 'Gather each mound with a dull ring'],
  ] as const)('%j is “%s”', (change, words) => {
    expect(changeText(change, metric, { pantry: startingPantry, scale: 1 })).toBe(words);
  });
});

describe('weakestText', () => {
  const of = (plan: Plan) => weakestText(evaluatePlan(plan, startingBasis), metric);

  it('says what there is and what is needed', () => {
    expect(of(planWith({ shape: { sizeMm: 55, doseG: 14 } }))).toMatchObject({
      title: expect.stringMatching(/^Lip 6\.\d mm, needs 4\.8$/),
      says: 'A third to spare.',
    });
  });

  it('says plainly that there is no lip at all', () => {
    expect(of(planWith({ shape: { sizeMm: 30, doseG: 20 } })).title).toBe('No lip at all');
  });

  it('speaks of the dough over the top when that is weaker', () => {
    const thin = planWith({ sheet: { thicknessMm: 0.4 }, shape: { sizeMm: 90, laid: 'ball' } });
    expect(of(thin).title).toMatch(/over the top, tears at 0\.35$/);
    expect(of(thin).says).toMatch(/short\.$/);
  });
});

describe('stationAdvice', () => {
  it('has nothing to say of a plan that holds', () => {
    const result = evaluatePlan(planWith(), startingBasis);
    expect(STATIONS.map((station) => stationAdvice(station, result, metric))).toEqual(
      Array(7).fill(null),
    );
  });

  it('gives a dry dough the water that brings it into its band', () => {
    const dry = planWith({
      dough: {
        parts: [
          { id: 'flour-00', g: 400 },
          { id: 'egg-whole', g: 170 },
        ],
      },
    });
    const result = evaluatePlan(dry, startingBasis);
    const grams = Number(
      /(\d+(\.\d)?) g more water/.exec(stationAdvice('dough', result, metric) ?? '')?.[1],
    );
    const added = grams / result.dough.scale;
    const mended = parsePlan(
      {
        ...dry,
        dough: { ...dry.dough, parts: [...dry.dough.parts, { id: 'water', g: added }] },
      },
      startingPantry,
    );
    expect(evaluatePlan(mended, startingBasis).stations.dough.state).toBe('holds');
  });

  it.each([
    [
      'count',
      planWith({ batch: { wayIn: 'dough', doughInHandG: 20 } }),
      /Too little for one full portion/,
    ],
    [
      'filling',
      planWith({ filling: { parts: [{ id: 'tomato-raw', g: 100, preparation: 'raw' }] } }),
      /will seep/,
    ],
    [
      'sheet',
      planWith({ sheet: { thicknessMm: 1.2 } }),
      /thick for this shape; usual: 0\.70 mm to 0\.90 mm/,
    ],
    [
      'seal',
      planWith({ hold: { phases: [{ place: 'bench', minutes: 200 }] } }),
      /no more than 2 hours/,
    ],
    ['boil', planWith({ sheet: { thicknessMm: 0.7 }, boil: { style: 'rolling' } }), /simmer/],
  ] as const)('tells what to do at %s', (station, plan, words) => {
    expect(stationAdvice(station, evaluatePlan(plan, startingBasis), metric)).toMatch(words);
  });

  it('leaves the shape to the weakest link', () => {
    const short = planWith({ shape: { doseG: 16 } });
    expect(stationAdvice('shape', evaluatePlan(short, startingBasis), metric)).toBeNull();
    const [remedy] = evaluatePlan(short, startingBasis).weakestLink.remedies;
    expect(
      evaluatePlan(parsePlan(applyChange(short, remedy!), startingPantry), startingBasis)
        .weakestLink.state,
    ).not.toBe('fails');
  });
});

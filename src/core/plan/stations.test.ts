import { FAMILY_IDS } from '../shapes/families';
import { planWith } from '../testing/plans';
import { evaluatePlan } from './evaluatePlan';
import { startingPlans } from './starting/startingPlans';

describe('starting plans', () => {
  it.each(FAMILY_IDS)('%s holds at every station', (family) => {
    const { stations, weakestLink } = evaluatePlan(startingPlans[family]);
    expect(Object.values(stations).map(({ state }) => state)).toEqual(Array(7).fill('holds'));
    expect(weakestLink.state).toBe('holds');
  });
});

describe('stations', () => {
  it.each([
    [
      'a dry dough',
      planWith({
        dough: {
          parts: [
            { id: 'flour-00', g: 400 },
            { id: 'egg-whole', g: 150 },
          ],
        },
      }),
      'dough',
      'fails',
      'dry',
    ],
    [
      'a wet dough',
      planWith({
        dough: {
          parts: [
            { id: 'flour-00', g: 400 },
            { id: 'egg-whole', g: 250 },
          ],
        },
      }),
      'dough',
      'edge',
      'wet',
    ],
    [
      'a stiff dough',
      planWith({
        dough: {
          parts: [
            { id: 'flour-00', g: 400 },
            { id: 'egg-whole', g: 190 },
          ],
        },
      }),
      'dough',
      'holds',
      'stiff',
    ],
    [
      'a mould half filled',
      planWith({ shape: { doseG: 3 } }, 'mouldedRavioli'),
      'shape',
      'edge',
      'pocket half empty',
    ],
    [
      'a blank that fits nowhere',
      planWith({ sheet: { widthMm: 45 } }),
      'count',
      'fails',
      'nothing fits the sheet',
    ],
    [
      'ricotta as sold',
      planWith({ filling: { parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'raw' }] } }),
      'filling',
      'edge',
      'wet',
    ],
    ['a thick sheet', planWith({ sheet: { thicknessMm: 1.2 } }), 'sheet', 'edge', 'thick'],
    ['too big a dose', planWith({ shape: { doseG: 26 } }), 'shape', 'fails', 'lip short'],
    [
      'three hours warm',
      planWith({ hold: { place: 'bench', minutes: 180 } }),
      'seal',
      'fails',
      'too long warm',
    ],
    [
      'three days chilled',
      planWith({ hold: { place: 'chilled', minutes: 4320 } }),
      'seal',
      'edge',
      'freeze instead',
    ],
    [
      'a scrap of dough',
      planWith({ batch: { wayIn: 'dough', doughInHandG: 20 } }),
      'count',
      'fails',
      'no full portion',
    ],
    [
      'a hard boil on a thin sheet',
      planWith({ sheet: { thicknessMm: 0.7 }, boil: { style: 'rolling' } }),
      'boil',
      'edge',
      'hard for a thin sheet',
    ],
  ] as const)('%s is told', (_what, plan, station, state, word) => {
    expect(evaluatePlan(plan).stations[station]).toEqual({ state, word });
  });
});

import { startingBasis } from '../basis/basis';
import { FAMILY_IDS } from '../shapes/families';
import { planWith } from '../testing/plans';
import { evaluatePlan } from './evaluatePlan';
import { startingPlans } from './starting/startingPlans';

describe('starting plans', () => {
  it.each(FAMILY_IDS)('%s holds at every station', (family) => {
    const { stations, weakestLink } = evaluatePlan(startingPlans[family], startingBasis);
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
      planWith({ hold: { phases: [{ place: 'bench', minutes: 180 }] } }),
      'seal',
      'fails',
      'too long warm',
    ],
    [
      'three days chilled',
      planWith({ hold: { phases: [{ place: 'fridge', minutes: 4320 }] } }),
      'seal',
      'fails',
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
    expect(evaluatePlan(plan, startingBasis).stations[station]).toEqual({ state, word });
  });

  it('mends a dough four points outside its band, and not one further out', () => {
    const { now } = evaluatePlan(planWith(), startingBasis).dough;
    const wetTo = (hydration: number) => {
      const flourG = 400;
      const water = { id: 'water', g: (hydration - now.hydration) * flourG };
      const { parts } = planWith().dough;
      return evaluatePlan(planWith({ dough: { parts: [...parts, water] } }), startingBasis);
    };
    const wetter = (by: number) => {
      const { stations, dough } = wetTo(now.high + by);
      return [stations.dough, dough.now.hydration - dough.now.high] as const;
    };
    const [near, nearBy] = wetter(0.035);
    expect(nearBy).toBeCloseTo(0.035, 2);
    expect(near).toEqual({ state: 'edge', word: 'wet' });
    const [far, farBy] = wetter(0.046);
    expect(farBy).toBeGreaterThan(0.041);
    expect(far).toEqual({ state: 'fails', word: 'wet' });
  });

  it('calls a dough weak under half the gluten of a wheat sheet', () => {
    const buckwheat = (g: number) => {
      const { dough } = planWith();
      const [flour, ...others] = dough.parts;
      const parts = [{ id: 'flour-buckwheat', g }, { ...flour!, g: 300 - g }, ...others];
      return evaluatePlan(planWith({ dough: { ...dough, parts } }), startingBasis);
    };
    const shares = [0, 60, 120, 180, 240, 300].map((g) => buckwheat(g));
    for (const { dough, stations } of shares) {
      if (dough.feel === 'dry' || dough.feel === 'wet') continue;
      expect(stations.dough.word === 'weak').toBe(dough.makeup.glutenRatio < 0.0475);
    }
    const { glutenRatio } = shares.at(0)!.dough.makeup;
    expect(glutenRatio).toBeGreaterThan(0.08);
    expect(new Set(shares.map(({ stations }) => stations.dough.word)).has('weak')).toBe(true);
  });
});

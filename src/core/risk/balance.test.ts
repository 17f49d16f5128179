import { startingBasis } from '../basis/basis';
import { modelOf } from './modelOf';
import { FAMILY_IDS } from '../shapes/families';
import { planWith } from '../testing/plans';
import type { Plan } from '../plan/document/schema';
import { balanceMap } from './balanceMap';
import { tensor } from './interpolate';
import { MARGIN_IDS, marginsOf, weakestLink } from './margins';
import { lostFigure, makeFigure } from './handsFigures';
import { scatter } from './scatter';
import { toMake } from '../batch/toMake';
import { sizeMap } from './sizeMap';
import { waterMap } from './waterMap';

const model = (plan: Plan) => modelOf(plan, startingBasis);
const seeping = {
  ...planWith().filling,
  parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'raw' }],
};

const HOURS = [{ place: 'fridge' as const, minutes: 600 }];

const PLANS: readonly (readonly [string, Plan])[] = [
  ...FAMILY_IDS.map((id) => [id, planWith({}, id)] as const),
  ['on a bare tray', planWith({ filling: seeping, hold: { surface: 'bare' } })],
  ['on semolina', planWith({ filling: seeping, hold: { surface: 'semolina' } })],
  ['held wet on cloth', planWith({ filling: seeping, hold: { surface: 'cloth', phases: HOURS } })],
  [
    'held wet on flour',
    planWith({ filling: seeping, hold: { surface: 'floured', phases: HOURS } }),
  ],
  ['frozen', planWith({ hold: { phases: [{ place: 'freezer', minutes: 900 }] } })],
];

describe('interpolation', () => {
  it('is exact for polynomials, close for smooth functions, and keeps to its range', () => {
    const cubic = (x: number, y: number) => 2 * x ** 3 - x + y;
    const read = (x: number) => tensor([-1, 3], [0, 1], 4, cubic)([x], [1])[0]!;
    for (const x of [-1, -0.2, 1.7, 3]) expect(read(x)).toBeCloseTo(cubic(x, 1), 9);
    expect(tensor([0, 2], [0, 1], 8, Math.exp)([1.3], [0.5])[0]).toBeCloseTo(Math.exp(1.3), 5);
    expect(read(9)).toBeCloseTo(cubic(3, 1), 9);
  });

  it('goes over two variables, row by row of the first', () => {
    const table = tensor([0, 1], [0, 2], 4, (x, y) => x * x + 3 * y)([0.3, 0.9], [0.1, 1, 1.9]);
    expect([...table].map((each) => Number(each.toFixed(9)))).toEqual([
      0.39, 3.09, 5.79, 1.11, 3.81, 6.51,
    ]);
  });
});

describe.each(PLANS)('the map of %s', (_name, plan) => {
  const map = balanceMap(model(plan), 24);

  it('says what whole plans say', () => {
    for (const [i, k] of [
      [0, 0],
      [4, 20],
      [11, 11],
      [18, 5],
      [23, 23],
    ] as const) {
      const whole = weakestLink(
        marginsOf(
          model({
            ...plan,
            sheet: { ...plan.sheet, thicknessMm: map.ys[i]! },
            shape: { ...plan.shape, doseG: map.xs[k]! },
          }),
        ),
        startingBasis.rules,
      );
      const at = i * 24 + k;
      const allowed = 0.005;
      expect(Math.abs(map.margin[at]! - whole.margin)).toBeLessThanOrEqual(
        allowed * whole.margin + 1e-9,
      );
      if (whole.margin > 0) expect(MARGIN_IDS[map.weakest[at]!]).toBe(whole.name);
    }
  });

  it('has the plan’s own point, and a best one that is better or fuller', () => {
    const own = weakestLink(marginsOf(model(plan)), startingBasis.rules);
    expect(Math.abs(map.own.margin / own.margin - 1)).toBeLessThan(0.006);
    if (!map.best) return;
    expect(map.best.margin).toBeGreaterThanOrEqual(1);
    const [thin, thick] = model(plan).piece.input.family.thicknessBandMm;
    expect(map.best.y).toBeGreaterThanOrEqual(thin);
    expect(map.best.y).toBeLessThanOrEqual(thick);
  });
});

describe('the map of blank and dose', () => {
  it.each(['ravioliSquare', 'tortelloni', 'agnolottiPinched'] as const)(
    'of %s says what whole plans say',
    (family) => {
      const plan = planWith({}, family);
      const map = sizeMap(model(plan), [50, 60, 60, 500], 24)!;
      expect(map.lines.every(({ y }) => y >= map.ys[0]! && y <= map.ys.at(-1)!)).toBe(true);
      for (const [row, column] of [
        [0, 3],
        [8, 12],
        [23, 20],
      ] as const) {
        const shape = { ...plan.shape, sizeMm: map.ys[row]!, doseG: map.xs[column]! };
        const whole = weakestLink(marginsOf(model({ ...plan, shape })), startingBasis.rules);
        const at = map.margin[row * 24 + column]!;
        expect(Math.abs(at - whole.margin)).toBeLessThanOrEqual(0.005 * whole.margin + 1e-9);
      }
    },
  );

  it('is not to be had of a mould', () => {
    expect(sizeMap(model(planWith({}, 'mouldedRavioli')))).toBeNull();
  });
});

describe('the map of water and hold', () => {
  const plan = planWith({ filling: seeping, hold: { surface: 'bare' } });
  const map = waterMap(model(plan), 16);

  it('has the plan’s own point', () => {
    const whole = weakestLink(marginsOf(model(plan)), startingBasis.rules);
    expect(map.own.weakest).toBe(whole.name);
    expect(Math.abs(map.own.margin / whole.margin - 1)).toBeLessThan(0.005);
    expect(map.own.y).toBeCloseTo(model(plan).filling.composition.freeWaterShare, 9);
  });

  it('never gets better with more water, nor with a longer hold', () => {
    for (let row = 0; row < 16; row += 1) {
      for (let column = 1; column < 16; column += 1) {
        const at = row * 16 + column;
        expect(map.margin[at]!).toBeLessThanOrEqual(map.margin[at - 1]! + 1e-9);
        if (row > 0) expect(map.margin[at]!).toBeLessThanOrEqual(map.margin[at - 16]! * 1.01);
      }
    }
  });
});

describe('scatter', () => {
  it('opens its working: the share from what was tried, how many to make from the share', () => {
    const hands = scatter(model(planWith({ shape: { doseG: 11 } })), { pieces: 2000 });
    expect(hands.lost).toBeGreaterThan(0);
    const lost = lostFigure(hands);
    expect(lost.value).toBeCloseTo(hands.lost, 3);
    expect(lost.range![0]).toBeLessThan(hands.lost);
    expect(lost.inputs.map(({ name }) => name)).toContain('mound beside its mark');
    const make = makeFigure(hands, { plated: 96, tasted: 2 });
    expect(make.value).toBe(toMake(96, hands.lost) + 2);
  });

  it('is the same for the same seed, and much the same for another', () => {
    const at = model(planWith());
    const once = scatter(at, { pieces: 3000, seed: 4 });
    expect(scatter(at, { pieces: 3000, seed: 4 })).toEqual(once);
    const other = scatter(at, { pieces: 3000, seed: 5 });
    expect(other).not.toEqual(once);
    expect(Math.abs(other.lost - once.lost)).toBeLessThan(0.015);
  });

  it('counts every loss once, by what failed first', () => {
    const { lost, byCause, weightG, weightRangeG } = scatter(
      model(planWith({ shape: { doseG: 19 } })),
    );
    expect(Object.values(byCause).reduce((sum, each) => sum + each, 0)).toBeCloseTo(lost, 9);
    expect(weightG).toBeGreaterThan(weightRangeG[0]);
    expect(weightG).toBeLessThan(weightRangeG[1]);
  });

  it('weighs pieces as evenly as they are dosed', () => {
    const spread = (laid: Plan['shape']['laid']) => {
      const { weightG, weightRangeG } = scatter(model(planWith({ shape: { laid } })));
      return (weightRangeG[1] - weightRangeG[0]) / weightG;
    };
    expect(spread('ball')).toBeLessThan(spread('piped'));
    expect(spread('piped')).toBeLessThan(spread('spooned'));
  });
});

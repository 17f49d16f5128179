import { startingBasis } from '../basis/basis';
import { evaluatePlan } from '../plan/evaluatePlan';
import { modelOf } from './modelOf';
import type { Plan } from '../plan/document/schema';
import { planWith } from '../testing/plans';
import { scatter } from './scatter';

/** What cooks report of a batch, and what must come out. */
interface Reported {
  readonly name: string;
  readonly plan: Plan;
  /** Minutes in the pot, hold it is good for in minutes, share lost. */
  readonly pot?: readonly [number, number];
  readonly goodFor?: readonly [number, number];
  readonly lost?: readonly [number, number];
}

/** A drained curd that still weeps. */
const wet = planWith({
  filling: {
    ...planWith().filling,
    parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'raw', weighedG: 480 }],
  },
}).filling;

const room = (minutes: number) => [{ place: 'bench' as const, minutes }];
const fridge = (minutes: number) => [{ place: 'fridge' as const, minutes }];
const frozen = [
  { place: 'bench' as const, minutes: 20 },
  { place: 'freezer' as const, minutes: 3000 },
];

const REPORTED: readonly Reported[] = [
  { name: 'squares from the fridge', plan: planWith(), pot: [2, 5], lost: [0, 0.04] },
  { name: 'the same from frozen', plan: planWith({ hold: { phases: frozen } }), pot: [3.8, 7] },
  { name: 'large folded ones', plan: planWith({}, 'tortelloni'), pot: [2, 5], lost: [0, 0.04] },
  {
    name: 'small ones for broth',
    plan: planWith({}, 'cappelletti'),
    pot: [1, 3.5],
    lost: [0, 0.04],
  },
  {
    name: 'half an hour’s drying, then the pot',
    plan: planWith({ filling: wet, hold: { phases: [{ place: 'drying', minutes: 30 }] } }),
    goodFor: [60, 120],
  },
  {
    name: 'a wet filling on a smooth tray',
    plan: planWith({ filling: wet, hold: { surface: 'bare', phases: fridge(300) } }),
    goodFor: [60, 240],
  },
  {
    name: 'the same on a cloth, in time',
    plan: planWith({ filling: wet, hold: { surface: 'cloth', phases: fridge(300) } }),
    goodFor: [240, 900],
  },
  {
    name: 'a firm filling on semolina, chilled all day',
    plan: planWith({ hold: { phases: fridge(600) } }),
    goodFor: [600, 1440],
    lost: [0, 0.04],
  },
  {
    name: 'air not pressed out',
    plan: planWith({ hold: { air: 'none' } }),
    lost: [0.5, 1],
  },
  { name: 'pressed from one side', plan: planWith({ hold: { air: 'oneSide' } }), lost: [0, 0.01] },
  {
    name: 'boiled hard',
    plan: planWith({ boil: { style: 'rolling' } }),
    lost: [0.05, 0.4],
  },
  {
    name: 'overfilled and loose',
    plan: planWith({
      filling: { ...planWith().filling, yieldStressPa: 250 },
      shape: { doseG: 16, laid: 'spooned' },
    }),
    lost: [0.2, 1],
  },
  {
    name: 'forgotten on the bench all afternoon',
    plan: planWith({ hold: { phases: room(240) } }),
    goodFor: [120, 120],
  },
];

describe.each(REPORTED)('$name', ({ plan, pot, goodFor, lost }) => {
  const result = evaluatePlan(plan, startingBasis);
  const within = (value: number, [from, to]: readonly [number, number]) => {
    expect(value).toBeGreaterThanOrEqual(from);
    expect(value).toBeLessThanOrEqual(to);
  };

  it('comes out as reported', () => {
    if (pot) within(result.boil.potMin, pot);
    if (goodFor) within(result.hold.goodFor?.minute ?? Infinity, goodFor);
    if (lost) within(scatter(modelOf(plan, startingBasis)).lost, lost);
  });

  it('comes up afloat before it is done', () => {
    expect(result.boil.floatS! / 60).toBeLessThan(result.boil.minutes);
  });
});

describe('from frozen', () => {
  it('takes about two minutes more', () => {
    const { fresh, fromFrozen } = evaluatePlan(planWith(), startingBasis).boil;
    expect(fromFrozen.minutes - fresh.minutes).toBeGreaterThan(1.2);
    expect(fromFrozen.minutes - fresh.minutes).toBeLessThan(3);
  });
});

import { startingPantry } from '../composition/pantry';
import { startingBasis } from '../basis/basis';
import { startingPlans } from '../plan/starting/startingPlans';
import { parsePlan } from '../plan/document/parsePlan';
import { planWith } from '../testing/plans';
import { CAUSE_IDS } from './causes';
import { prove } from './prove';
import { hiddenCase } from './simulate';

const plans = [
  ...Object.values(startingPlans),
  {
    ...startingPlans.tortelloni,
    sheet: {
      ...startingPlans.tortelloni.sheet,
      dust: { kind: 'semolina' as const, gPerKg: 20 },
      rh: 0.45,
    },
  },
  {
    ...startingPlans.halfMoon,
    filling: {
      ...startingPlans.ravioliSquare.filling,
      parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'raw' as const }],
    },
    hold: {
      ...startingPlans.ravioliSquare.hold,
      phases: [{ place: 'bench' as const, minutes: 100 }],
    },
  },
].map((plan) => parsePlan(JSON.parse(JSON.stringify(plan)), startingPantry));

describe('hidden causes', () => {
  it('are found first in 7 of 10 and among three in 9 of 10, far above chance', () => {
    const proof = prove(plans, { cases: 1, seed: 3 });
    expect(proof.tried).toBeGreaterThan(300);
    expect(proof.first).toBeGreaterThan(0.7);
    expect(proof.three).toBeGreaterThan(0.9);
    expect(proof.first).toBeGreaterThan(2 * proof.chanceFirst);
    expect(proof.questions).toBeLessThanOrEqual(3);
  });

  it('are the same for the same seed, and others for another', () => {
    const told = (seed: number) => {
      const hidden = hiddenCase('airLeft', planWith(), seed, startingBasis)!;
      return [hidden.sign, hidden.answer('bubble'), hidden.answer('lip'), hidden.answer('pot')];
    };
    expect(told(5)).toEqual(told(5));
    expect(
      new Set(Array.from({ length: 40 }, (_, seed) => told(seed).join())).size,
    ).toBeGreaterThan(3);
  });

  it('can each be put into some batch so that it shows', () => {
    const shown = CAUSE_IDS.filter((cause) =>
      plans.some((plan, p) =>
        [1, 2, 3].some((seed) => hiddenCase(cause, plan, seed + p, startingBasis)),
      ),
    );
    expect(CAUSE_IDS.filter((cause) => !shown.includes(cause))).toEqual([]);
  });
});

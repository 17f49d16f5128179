import fc from 'fast-check';
import { startingBasis } from '../../basis/basis';
import { FAMILY_IDS } from '../../shapes/families';
import { planWith } from '../../testing/plans';
import type { Plan } from '../document/schema';
import { evaluatePlan } from '../evaluatePlan';
import { bestPartners, splitAmong, type SplitPart } from './splitShapes';

const inHand = (wayIn: Plan['batch']['wayIn'], doughG = 500, fillingG = 600): Plan => {
  const plan = planWith({});
  return {
    ...plan,
    batch: { ...plan.batch, wayIn, doughInHandG: doughG, fillingInHandG: fillingG, portions: 7 },
  };
};

describe('a batch split among shapes', () => {
  it('uses up a dough and a filling that one shape alone does not', () => {
    const plan = inHand('both');
    const [best] = bestPartners(plan, startingBasis);
    expect(best!.leftDoughG + best!.leftFillingG).toBeLessThan(15);
    expect(best!.parts.map(({ state }) => state)).toEqual(['holds', 'holds']);
    // Each keeps the dose of its shape.
    expect(Math.abs(best!.parts[0]!.doseG / plan.shape.doseG - 1)).toBeLessThan(0.15);
  });

  it('takes no more dough or filling than there is, and each share is the plan it says', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('both' as const, 'dough' as const, 'filling' as const),
        fc.integer({ min: 200, max: 2000 }),
        fc.integer({ min: 200, max: 2000 }),
        fc.constantFrom(...FAMILY_IDS),
        (wayIn, doughG, fillingG, family) => {
          const split = splitAmong(inHand(wayIn, doughG, fillingG), [family], startingBasis);
          if (!split) return;
          const sum = (of: (part: SplitPart) => number) =>
            split.parts.reduce((total, part) => total + of(part), 0);
          if (wayIn !== 'filling') expect(sum((part) => part.doughG)).toBeLessThan(doughG + 1.01);
          if (wayIn !== 'dough') {
            expect(sum((part) => part.fillingG)).toBeLessThan(fillingG + 1.01);
          }
          for (const part of split.parts) {
            const result = evaluatePlan(part.plan, startingBasis);
            expect(result.pieces).toBe(part.pieces);
            expect(result.verdict.state).toBe(part.state);
          }
        },
      ),
      { numRuns: 40 },
    );
  });

  it('shares portions out in whole ones', () => {
    const split = splitAmong(inHand('portions'), ['cappelletti', 'tortelloni'], startingBasis);
    expect(split!.parts.map(({ plan }) => plan.batch.portions)).toEqual([3, 2, 2]);
    expect(split!.parts.map(({ plan }) => plan.name)).toEqual([
      'Square ravioli, square',
      'Square ravioli, cappelletti',
      'Square ravioli, tortelloni',
    ]);
  });

  it('shares evenly where both shapes want more of the same, and says what is left', () => {
    const split = splitAmong(inHand('both', 300, 1800), ['tortelloni'], startingBasis)!;
    expect(split.parts.map(({ plan }) => plan.batch.fillingInHandG)).toEqual([900, 900]);
    expect(split.leftFillingG).toBeGreaterThan(500);
  });

  it('is none without another shape, or where a share makes not one piece', () => {
    expect(splitAmong(inHand('both', 5, 5), ['tortelloni'], startingBasis)).toBeNull();
    expect(splitAmong(inHand('both'), [], startingBasis)).toBeNull();
  });
});

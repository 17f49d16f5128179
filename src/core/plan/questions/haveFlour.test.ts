import fc from 'fast-check';
import { startingBasis } from '../../basis/basis';
import { doughUnderHand } from '../model/dough';
import { whatToDo } from '../../dough/feel';
import { planWith } from '../../testing/plans';
import type { Plan } from '../document/schema';
import { evaluatePlan } from '../evaluatePlan';
import { isShort } from '../model/flourInHand';
import { haveFlour } from './haveFlour';

const two = (wheatG: number | undefined, ryeG: number | undefined, more: object = {}): Plan => {
  const plan = planWith({});
  return {
    ...plan,
    ...more,
    dough: {
      ...plan.dough,
      parts: [
        { id: 'flour-00', g: 300, ...(wheatG !== undefined && { haveG: wheatG }) },
        { id: 'flour-wholemeal', g: 100, ...(ryeG !== undefined && { haveG: ryeG }) },
        { id: 'egg-whole', g: 200 },
        { id: 'water', g: 10 },
      ],
    },
  };
};

const short = (plan: Plan) => evaluatePlan(plan, startingBasis).dough.inHand.filter(isShort);

describe('flour of which there is only so much', () => {
  it('is said where the batch takes more of it, and fails the dough', () => {
    const result = evaluatePlan(two(undefined, 20), startingBasis);
    expect(result.stations.dough).toEqual({ state: 'fails', word: 'not enough in hand' });
    expect(result.verdict.state).toBe('fails');
    const [rye] = result.dough.inHand;
    expect(rye).toMatchObject({ id: 'flour-wholemeal', haveG: 20 });
    expect(rye!.needsG).toBeGreaterThan(20);
    expect(evaluatePlan(two(undefined, 2000), startingBasis).stations.dough.word).not.toBe(
      'not enough in hand',
    );
  });

  it('gives the most dough that it makes, in whole eggs too', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 60, max: 3000 }),
        fc.integer({ min: 40, max: 1500 }),
        (wheatG, ryeG) => {
          const plan = haveFlour(two(wheatG, ryeG), startingBasis);
          expect(plan.batch.wayIn).toBe('dough');
          const result = evaluatePlan(plan, startingBasis);
          expect(result.dough.inHand.filter(isShort)).toEqual([]);
          // One of them is all but used up: no whole egg more would have gone in.
          const used = Math.max(...result.dough.inHand.map(({ needsG, haveG }) => needsG / haveG));
          expect(used).toBeGreaterThan(wheatG + ryeG > 600 ? 0.9 : 0.6);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is used up together with a filling in hand', () => {
    const plan = two(400, 200);
    const filled: Plan = {
      ...plan,
      batch: { ...plan.batch, wayIn: 'filling', fillingInHandG: 700 },
    };
    const both = haveFlour(filled, startingBasis);
    expect(both.batch).toMatchObject({ wayIn: 'both', fillingInHandG: 700 });
    expect(short(both)).toEqual([]);
  });

  it('leaves a plan alone that has no limit', () => {
    const plan = two(undefined, undefined);
    expect(haveFlour(plan, startingBasis)).toBe(plan);
  });

  it('asks for no flour to be kneaded in that is not there', () => {
    const plan = two(300, 100);
    const wet: Plan = {
      ...plan,
      batch: { ...plan.batch, wayIn: 'dough', doughInHandG: 660 },
      dough: {
        ...plan.dough,
        parts: plan.dough.parts.map((part) => (part.id === 'water' ? { ...part, g: 60 } : part)),
      },
    };
    const { dough } = evaluatePlan(wet, startingBasis);
    expect(dough.feel).toBe('wet');
    expect(dough.spareFlourG).toBeLessThan(dough.mend.flourG);
    expect(dough.pinches.totalG).toBeLessThanOrEqual(dough.spareFlourG! + 1e-9);
    // With so much less egg and water the dough is at the edge of its target.
    const wetting = dough.parts.filter(({ id }) => id === 'egg-whole' || id === 'water');
    const wettingG = wetting.reduce((sum, { g }) => sum + g, 0);
    const share = dough.now.waterG / wettingG;
    const waterG = dough.now.waterG - dough.mend.leaveOutG * share;
    expect(waterG / (dough.now.flourG + dough.spareFlourG!)).toBeCloseTo(
      dough.now.asItShouldBe[1],
      6,
    );
    for (const step of whatToDo('sticky', doughUnderHand(wet, dough))) {
      if (step.kind === 'flourG') expect(step.amount).toBeLessThanOrEqual(dough.spareFlourG!);
    }
  });
});

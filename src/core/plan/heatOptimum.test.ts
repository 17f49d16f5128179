import { startingPantry } from '../composition/pantry';
import fc from 'fast-check';
import { heatAt } from '../batch/deadHeat';
import { startingBasis } from '../basis/basis';
import { startingRules } from '../basis/rules';
import { FAMILY_IDS } from '../shapes/families';
import { doseBand, makePiece } from '../shapes/piece';
import { planWith } from '../testing/plans';
import { deadHeatInput } from './model/heat';
import { typedPiece } from './model/piece';
import { searchHeats } from './questions/heatSearch';
import { evaluatePlan } from './evaluatePlan';
import { sizesOf, thicknessesOf } from './model/heatBands';
import { parsePlan } from './document/parsePlan';
import { springBackOf } from './model/rolling';
import type { Plan } from './document/schema';

/** Dough and filling in hand, in any proportion, made up as any shape. */
const anyHand = fc
  .record({
    family: fc.constantFrom(...FAMILY_IDS),
    doughInHandG: fc.double({ min: 60, max: 4000, noNaN: true }),
    fillingInHandG: fc.double({ min: 60, max: 6000, noNaN: true }),
  })
  .map(({ family, ...inHand }): Plan =>
    parsePlan(planWith({ batch: { wayIn: 'both', ...inHand } }, family), startingPantry),
  );

const bandsOf = (plan: Plan) => {
  const back = springBackOf(plan, startingBasis);
  return {
    input: deadHeatInput(plan, typedPiece(plan, startingBasis), back, startingRules),
    sizes: [plan.shape.sizeMm, ...sizesOf(plan)],
    thicknesses: [plan.sheet.thicknessMm, ...thicknessesOf(plan, back, startingRules)],
  };
};

describe('a dead heat', () => {
  it('holds with ease where anything does, and then leaves no more than any other in its bands', () => {
    fc.assert(
      fc.property(anyHand, (plan) => {
        const { input, sizes, thicknesses } = bandsOf(plan);
        const { deadHeat } = evaluatePlan(plan, startingBasis);
        const all = (margin: number) =>
          sizes.flatMap((size) =>
            thicknesses.flatMap((mm) => heatAt(input, mm, size, margin) ?? []),
          );
        const easy = all(startingRules['risk.aim'].value);
        const others = easy.length ? easy : all(1);
        if (!others.length) return;
        expect(others.some(({ usedUp }) => usedUp)).toBe(deadHeat!.usedUp);
        // One that uses both up ends the search; else the one that leaves least.
        const [least] = [...others].sort((a, b) => a.cost - b.cost);
        if (!deadHeat!.usedUp) {
          expect(deadHeat).toMatchObject({
            thicknessMm: expect.any(Number),
            leftoverFillingG: expect.closeTo(least!.leftoverFillingG, 6),
          });
        }
        const { lip, thinning } = evaluatePlan(plan, startingBasis).margins;
        if (easy.length) expect(Math.min(lip, thinning)).toBeGreaterThan(1.1999);
      }),
      { numRuns: 60 },
    );
  });

  it('doses no more than the lip holds, and no less than the shape wants', () => {
    fc.assert(
      fc.property(anyHand, (plan) => {
        const { deadHeat, pieces, leftover } = evaluatePlan(plan, startingBasis);
        if (!deadHeat || pieces === 0) return;
        const { doseG, thicknessMm, sizeMm } = deadHeat;
        const typed = typedPiece(plan, startingBasis);
        const piece = { ...typed, doseG, thicknessMm, size: { ...typed.size, sizeMm } };
        const mostG = Math.max(typed.family.usualDoseG[1], typed.doseG);
        const [, most] = doseBand(piece, startingRules, { mostG })!;
        const margin = startingRules['risk.aim'].value;
        const [least] = doseBand(piece, startingRules, { mostG, margin }) ?? [0];
        expect(doseG).toBeGreaterThanOrEqual(least - 1e-9);
        expect(doseG).toBeLessThanOrEqual(most + 1e-9);
        expect(makePiece(piece, startingRules).margins.lip).toBeGreaterThan(0.999);
        expect(leftover.doughG).toBeGreaterThan(-1e-6);
        expect(leftover.fillingG).toBeGreaterThan(-1e-6);
      }),
      { numRuns: 60 },
    );
  });

  it('is among the ways that a search of every band finds, and no worse than the best of them', () => {
    fc.assert(
      fc.property(anyHand, (plan) => {
        const options = searchHeats(plan, startingBasis);
        const { deadHeat, pieces } = evaluatePlan(plan, startingBasis);
        expect(options.length === 0).toBe(pieces === 0);
        if (options.length) {
          expect(options.some(({ usedUp }) => usedUp)).toBe(deadHeat!.usedUp);
          for (const each of options) expect(each.pieces).toBeGreaterThan(0);
        }
      }),
      { numRuns: 40 },
    );
  });
});

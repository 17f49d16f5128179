import fc from 'fast-check';
import { startingPantry } from '../composition/pantry';
import { placesOf } from '../layout/places';
import { anyPlanDocument } from '../testing/anyPlan';
import { startingBasis } from '../basis/basis';
import { balanceMap } from '../risk/balanceMap';
import { scatter } from '../risk/scatter';
import { sizeMap } from '../risk/sizeMap';
import { waterMap } from '../risk/waterMap';
import { modelOf } from '../risk/modelOf';
import { evaluatePlan, planTally } from './evaluatePlan';
import { parsePlan } from './document/parsePlan';
import { cautionsFor } from './questions/cautions';

/** Paths of the numbers in a result that are not finite. */
function notFinite(value: unknown, path = 'result'): string[] {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [`${path} = ${value}`];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, each]) => notFinite(each, `${path}.${key}`));
}

const RUNS = { numRuns: 200 };

describe('any plan that the schema takes', () => {
  it('is worked out without a figure that is no number', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const plan = parsePlan(document);
        const result = evaluatePlan(plan);
        expect(notFinite(result)).toEqual([]);
        expect(cautionsFor(plan, startingPantry).length).toBeGreaterThan(0);
      }),
      RUNS,
    );
  });

  it('has maps and a scatter in numbers', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const model = modelOf(parsePlan(document), startingBasis);
        const maps = [balanceMap(model, 6), sizeMap(model, [], 6), waterMap(model, 6)];
        for (const map of maps) {
          expect(notFinite({ ...map, margin: [...(map?.margin ?? [])], weakest: 0 })).toEqual([]);
        }
        expect(notFinite(scatter(model, { pieces: 100 }))).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });

  it('reads back as itself', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const plan = parsePlan(document);
        expect(parsePlan(JSON.parse(JSON.stringify(plan)))).toEqual(plan);
      }),
      RUNS,
    );
  });

  it('loses not a gram of dough or filling', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const { ledger, leftover, layout } = evaluatePlan(parsePlan(document));
        for (const { inG, ...parts } of [ledger.dough, ledger.filling]) {
          const out = Object.values(parts).reduce((sum, g) => sum + g, 0);
          expect(Math.abs(out - inG)).toBeLessThan(1e-6 * Math.max(1, inG));
        }
        expect(leftover.doughG).toBeGreaterThan(-1e-6);
        expect(leftover.fillingG).toBeGreaterThan(-1e-6);
        expect(layout.madeUpG).toBeGreaterThanOrEqual(0);
      }),
      RUNS,
    );
  });

  it('comes to the same in a list as on its page', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const plan = parsePlan(document);
        const { pieces, portions, dough, filling, weakestLink, layout } = evaluatePlan(plan);
        const { remedies: _remedies, ...link } = weakestLink;
        expect(planTally(plan)).toEqual({
          pieces,
          portions,
          doughG: dough.totalG,
          fillingG: filling.totalG,
          weakestLink: link,
          fits: layout.doesNotFit === null,
        });
      }),
      RUNS,
    );
  });

  it('keeps its blanks on the sheet, as many as it says', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const { laying } = evaluatePlan(parsePlan(document)).layout;
        const places = placesOf(laying);
        const each = laying.way === 'cutBlanks' ? 2 : 1;
        const pockets = laying.arrangement?.perItem ?? 1;
        expect(places.length / each).toBeCloseTo(laying.pieces, 6);
        expect(laying.pieces % (pockets / each)).toBe(0);
        for (const { x, y } of places) {
          expect(x).toBeGreaterThan(0);
          expect(y).toBeGreaterThan(0);
          expect(x).toBeLessThan(laying.lengthMm);
          expect(y).toBeLessThan(laying.widthMm);
        }
        expect(laying.share).toBeLessThanOrEqual(1 + 1e-9);
      }),
      RUNS,
    );
  });
});

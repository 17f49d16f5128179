import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { startingPantry } from '../composition/pantry';
import { placesOf } from '../layout/places';
import { anyPlanDocument, planDocumentAtEnds } from '../testing/anyPlan';
import { startingBasis } from '../basis/basis';
import { balanceMap } from '../risk/balanceMap';
import { scatter } from '../risk/scatter';
import { sizeMap } from '../risk/sizeMap';
import { waterMap } from '../risk/waterMap';
import { modelOf } from '../risk/modelOf';
import { applyChange } from '../risk/remedies';
import { genericRollers } from '../sheet/genericRollers';
import { planWith } from '../testing/plans';
import { evaluatePlan, planTally } from './evaluatePlan';
import { parsePlan } from './document/parsePlan';
import { PlanError } from './document/planError';
import type { Plan } from './document/schema';
import { cautionsFor } from './questions/cautions';
import { onRoller } from './questions/inKitchen';
import { variantsOf } from './questions/variants';

/** The plan of a document; null where what it asks clashes. */
function planIn(document: unknown): Plan | null {
  try {
    return parsePlan(document, startingPantry);
  } catch (error) {
    if (error instanceof PlanError) return null;
    throw error;
  }
}

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
        const plan = parsePlan(document, startingPantry);
        const result = evaluatePlan(plan, startingBasis);
        expect(notFinite(result)).toEqual([]);
        expect(cautionsFor(plan, startingPantry).length).toBeGreaterThan(0);
      }),
      RUNS,
    );
  });

  it('is worked out at the ends of what may be typed too, with every way to mend it', () => {
    fc.assert(
      fc.property(planDocumentAtEnds, (document) => {
        const plan = planIn(document);
        fc.pre(plan !== null);
        const result = evaluatePlan(plan, startingBasis);
        expect(notFinite(result)).toEqual([]);
        planTally(
          onRoller(plan, genericRollers[0]!, result.dough.springBack, startingRules),
          startingBasis,
        );
        for (const change of variantsOf(modelOf(plan, startingBasis))) {
          expect(() => parsePlan(applyChange(plan, change), startingPantry)).not.toThrow();
        }
      }),
      RUNS,
    );
  });

  it.each<[string, Parameters<typeof planWith>[0]]>([
    [
      'filling hotter than the water boils at a height',
      { filling: { meetsC: 95 }, boil: { altitudeM: 3000 } },
    ],
    [
      'eggs of 6 g for 20 kg of dough',
      { batch: { wayIn: 'dough', doughInHandG: 19_900 }, dough: { eggG: 6, yolkG: 2 } },
    ],
    ['a hold of next to no time', { hold: { phases: [{ place: 'fridge', minutes: 1e-200 }] } }],
  ])('is worked out: %s', (_name, change) => {
    expect(notFinite(evaluatePlan(planWith(change), startingBasis))).toEqual([]);
  });

  it('has maps and a scatter in numbers', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const model = modelOf(parsePlan(document, startingPantry), startingBasis);
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
        const plan = parsePlan(document, startingPantry);
        expect(parsePlan(JSON.parse(JSON.stringify(plan)), startingPantry)).toEqual(plan);
      }),
      RUNS,
    );
  });

  it('loses not a gram of dough or filling', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const { ledger, leftover, layout } = evaluatePlan(
          parsePlan(document, startingPantry),
          startingBasis,
        );
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
        const plan = parsePlan(document, startingPantry);
        const { pieces, portions, dough, filling, weakestLink, verdict } = evaluatePlan(
          plan,
          startingBasis,
        );
        const { remedies: _remedies, ...link } = weakestLink;
        expect(planTally(plan, startingBasis)).toEqual({
          pieces,
          portions,
          doughG: dough.totalG,
          fillingG: filling.totalG,
          weakestLink: link,
          verdict,
        });
      }),
      RUNS,
    );
  });

  it('keeps its blanks on the sheet, as many as it says', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const { laying } = evaluatePlan(parsePlan(document, startingPantry), startingBasis).layout;
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

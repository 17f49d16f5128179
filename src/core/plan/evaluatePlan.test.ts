import { startingRules } from '../basis/rules';
import { startingBasis } from '../basis/basis';
import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { planWith } from '../testing/plans';
import { preparationsFor, startingPantry } from '../composition/pantry';
import { FAMILY_IDS, familyOf } from '../shapes/families';
import { changeFamily } from './questions/changeFamily';
import { comparePlans } from './document/comparePlans';
import { evaluatePlan } from './evaluatePlan';
import { parsePlan } from './document/parsePlan';
import { PLAN_FIELDS } from './document/planFields';
import { startingPlans } from './starting/startingPlans';
import { partWorking } from './workings/weighed';

const sum = (parts: object) =>
  Object.values(parts).reduce((total: number, g: number) => total + g, 0);

describe('evaluatePlan', () => {
  it('meets the check figures: 100 ravioli, 5.81 g, 616 g, 928 g', () => {
    const result = evaluatePlan(
      planWith({
        batch: {
          portions: 10,
          piecesPerPortion: 10,
          tasted: 0,
          breakageShare: 0,
          usedShare: 0.86,
          rerolls: 1,
        },
        shape: { sizeMm: 55, doseG: 9 },
        sheet: { thicknessMm: 0.8 },
      }),
      startingBasis,
    );
    expect(result.pieces).toBe(100);
    expect(result.dough.perPieceG).toBeCloseTo(5.81, 2);
    expect(Math.round(result.dough.totalG)).toBe(616);
    expect(Math.round(result.filling.totalG)).toBe(928);
  });

  it('keeps every gram, whatever the shape and the way in', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...FAMILY_IDS),
        fc.constantFrom('portions', 'dough', 'filling', 'both'),
        fc.integer({ min: 1, max: 200 }),
        fc.double({ min: 50, max: 5000, noNaN: true }),
        fc.double({ min: 50, max: 5000, noNaN: true }),
        (family, wayIn, portions, doughInHandG, fillingInHandG) => {
          const plan = planWith(
            { batch: { wayIn, portions, doughInHandG, fillingInHandG } },
            family,
          );
          const { ledger, dough, filling } = evaluatePlan(plan, startingBasis);
          for (const { inG, ...parts } of [ledger.dough, ledger.filling]) {
            expect(Math.abs(sum(parts) - inG)).toBeLessThan(0.01);
          }
          expect(dough.parts.reduce((total, part) => total + part.g, 0)).toBeCloseTo(
            dough.totalG,
            6,
          );
          expect(filling.parts.reduce((total, part) => total + part.preparedG, 0)).toBeCloseTo(
            filling.totalG,
            6,
          );
        },
      ),
      { numRuns: 80 },
    );
  });

  it('gives the same pieces from portions, and from the dough and filling they ask for', () => {
    for (const family of FAMILY_IDS) {
      const exact = { dough: { ...planWith().dough, roundUp: false } };
      const asked = evaluatePlan(planWith(exact, family), startingBasis);
      for (const wayIn of ['dough', 'filling', 'both'] as const) {
        const back = evaluatePlan(
          planWith(
            {
              batch: {
                wayIn,
                doughInHandG: asked.dough.totalG,
                fillingInHandG: asked.filling.totalG,
              },
            },
            family,
          ),
          startingBasis,
        );
        // Whole sheets may give a few more than were asked for, never a whole stack of them.
        expect(back.pieces).toBeGreaterThanOrEqual(asked.pieces);
        expect(back.pieces).toBeLessThan(asked.pieces + asked.layout.pieces);
        const share = back.pieces / asked.pieces;
        expect(back.shape.doseG * share).toBeCloseTo(
          wayIn === 'both' ? asked.shape.doseG : asked.shape.doseG * share,
          6,
        );
      }
    }
  });

  it('answers for every plan that can be read, with numbers throughout', () => {
    const part = fc
      .record({
        ingredient: fc.constantFrom(...startingPantry.ingredients.keys()),
        g: fc.double({ min: 0.1, max: 50_000, noNaN: true }),
        way: fc.nat(),
      })
      .map(({ ingredient, g, way }) => {
        const ways = preparationsFor(startingPantry, ingredient);
        return { id: ingredient, g, preparation: ways[way % ways.length]!.id };
      });
    const within = ({ min, max }: { min: number; max: number }) =>
      fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom(...FAMILY_IDS),
        fc.array(part, { minLength: 1, maxLength: 6 }),
        within(PLAN_FIELDS['shape.doseG']),
        within(PLAN_FIELDS['sheet.thicknessMm']),
        within(PLAN_FIELDS['filling.air']),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.constantFrom('portions', 'dough', 'filling', 'both'),
        (family, parts, doseG, thicknessMm, air, size, wayIn) => {
          const measures = Object.fromEntries(
            familyOf(family).dimensions.map(({ key, minMm, maxMm }) => [
              key,
              minMm + size * (maxMm - minMm),
            ]),
          );
          const plan = planWith(
            {
              filling: { parts, air },
              shape: { doseG, ...measures },
              sheet: { thicknessMm },
              batch: { wayIn },
            },
            family,
          );
          const bad: string[] = [];
          JSON.stringify(evaluatePlan(plan, startingBasis), (key, value: unknown) => {
            if (typeof value === 'number' && !Number.isFinite(value)) bad.push(key);
            return value;
          });
          expect(bad).toEqual([]);
        },
      ),
      { numRuns: 300 },
    );
  });

  it('carries a working for every figure, worth what the figure says', () => {
    const result = evaluatePlan(planWith(), startingBasis);
    const { working } = result;
    expect(working.doughTotal.value).toBeCloseTo(result.dough.totalG, 9);
    expect(working.lip.value).toBeCloseTo(result.shape.lipMm, 9);
    expect(working.hydration.value).toBe(result.dough.hydration);
    for (const each of Object.values(working)) {
      expect(each.formula.length).toBeGreaterThan(5);
      expect(each.source).not.toBe('');
      expect(each.inputs.length).toBeGreaterThan(0);
      if (each.kind === 'rule' && 'range' in each && each.range) {
        expect(each.range[0]).toBeLessThan(each.value);
        expect(each.range[1]).toBeGreaterThan(each.value);
      }
    }
  });

  it('adds the workings of the ledger up to what went in', () => {
    const { working: w } = evaluatePlan(
      planWith({ batch: { wayIn: 'both', doughInHandG: 500, fillingInHandG: 900 } }),
      startingBasis,
    );
    const add = (...parts: { value: number }[]) =>
      parts.reduce((total, part) => total + part.value, 0);
    expect(
      add(w.platedDough, w.spareDough, w.tastedDough, w.trimDough, w.stuckDough, w.leftoverDough),
    ).toBeCloseTo(500, 6);
    expect(
      add(w.platedFilling, w.spareFilling, w.tastedFilling, w.inBowl, w.leftoverFilling),
    ).toBeCloseTo(900, 6);
  });

  it('weighs each ingredient as its working says', () => {
    const { dough, working } = evaluatePlan(planWith(), startingBasis);
    for (const part of dough.parts) {
      const shown = partWorking(part, working.doughScale.value);
      expect(shown.value).toBeCloseTo(part.recipeG * working.doughScale.value, 9);
    }
  });

  it('is a plain document: it survives JSON', () => {
    const result = evaluatePlan(planWith(), startingBasis);
    expect(JSON.parse(JSON.stringify(result))).toEqual(result);
  });
});

describe('safe core and allergens', () => {
  it('asks 74 °C for meat and egg, says why, and lets the cook set another', () => {
    const plan = startingPlans.agnolottiPinched;
    expect(evaluatePlan(plan, startingBasis).safeCore).toMatchObject({
      tempC: 74,
      setByCook: false,
    });
    const set = evaluatePlan({ ...plan, boil: { ...plan.boil, safeCoreC: 70 } }, startingBasis);
    expect(set.safeCore).toMatchObject({ tempC: 70, setByCook: true });
    expect(set.stations.boil.state).toBe('edge');
    expect(evaluatePlan(startingPlans.ravioliSquare, startingBasis).safeCore.tempC).toBeNull();
  });

  it('counts egg used as glue', () => {
    const water = planWith({
      dough: {
        parts: [
          { id: 'semolina-durum-fine', g: 400 },
          { id: 'water', g: 200 },
        ],
      },
    });
    expect(evaluatePlan(water, startingBasis).allergens).not.toContain('egg');
    expect(
      evaluatePlan({ ...water, hold: { ...water.hold, medium: 'eggWhite' } }, startingBasis)
        .allergens,
    ).toContain('egg');
  });
});

describe('changeFamily', () => {
  it('gives a valid plan of the other shape and keeps dough, filling and count', () => {
    for (const from of FAMILY_IDS) {
      for (const to of FAMILY_IDS) {
        const before = planWith({}, from);
        const after = parsePlan(changeFamily(before, to, 0.04, startingRules), startingPantry);
        expect(after.shape.family).toBe(to);
        expect(after.filling).toEqual(before.filling);
        expect(after.batch).toEqual(before.batch);
      }
    }
  });
});

describe('comparePlans', () => {
  it('finds nothing between a plan and itself', () => {
    expect(comparePlans(planWith(), planWith())).toEqual([]);
  });

  it('names each field that differs, and ingredients by id', () => {
    const before = planWith();
    const parts = before.filling.parts.slice(1);
    const after = planWith({ shape: { doseG: 7 }, filling: { parts } });
    const paths = comparePlans(before, after).map(({ path }) => path);
    expect(paths).toContain('shape.doseG');
    expect(paths).toContain('filling.parts.squash-raw.g');
    expect(
      paths.every((path) => path.startsWith('shape.doseG') || path.includes('squash-raw')),
    ).toBe(true);
  });
});

describe('the demo plans', () => {
  const files = readdirSync('demo/plans');

  it('are at least four', () => {
    expect(files.length).toBeGreaterThanOrEqual(4);
  });

  it.each(files)('%s is a plan that makes portions', (file) => {
    const plan = parsePlan(JSON.parse(readFileSync(`demo/plans/${file}`, 'utf8')), startingPantry);
    expect(evaluatePlan(plan, startingBasis).portions).toBeGreaterThan(0);
  });
});

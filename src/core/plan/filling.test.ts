import { startingBasis } from '../basis/basis';
import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { preparationsFor, startingPantry } from '../composition/pantry';
import { dietOf } from '../composition/diet';
import { towelFreeWater } from '../filling/towelTest';
import { BINDERS, type BinderKind } from '../filling/binders';
import { planWith } from '../testing/plans';
import { contentsChange, contentsOf } from './model/contents';
import { evaluatePlan } from './evaluatePlan';
import { composeFilling, type FillingRecipe } from './document/recipe';
import { applyDrying, combineDrying, dryingRemedies } from '../risk/drying';
import { parsePlan } from './document/parsePlan';

const wet = planWith({
  filling: {
    parts: [
      { id: 'ricotta-fresh', g: 500, preparation: 'raw' },
      { id: 'spinach-raw', g: 400, preparation: 'wilt-drain' },
      { id: 'hard-cheese-aged', g: 60, preparation: 'raw' },
      { id: 'salt-fine', g: 6, preparation: 'raw' },
    ],
  },
}).filling;
const freeOf = (filling: FillingRecipe) => composeFilling(filling, startingPantry).freeWaterShare;

const anyFilling = fc
  .array(
    fc
      .record({
        ingredient: fc.constantFrom(...startingPantry.ingredients.keys()),
        g: fc.double({ min: 20, max: 2000, noNaN: true }),
        way: fc.nat(),
      })
      .map(({ ingredient, g, way }) => {
        const ways = preparationsFor(startingPantry, ingredient);
        return { id: ingredient, g, preparation: ways[way % ways.length]!.id };
      }),
    { minLength: 1, maxLength: 8 },
  )
  .map((parts): FillingRecipe => ({ ...wet, parts }));

describe('water', () => {
  it('is never lost: what went in is held, free, dripped or steamed off', () => {
    fc.assert(
      fc.property(anyFilling, fc.double({ min: 0, max: 1, noNaN: true }), (filling, share) => {
        const whole = composeFilling(filling, startingPantry);
        const plan = planWith({ filling: { ...filling, cookedOffG: share * whole.waterG * 0.9 } });
        const { water, totalG } = evaluatePlan(plan, startingBasis).filling;
        expect(water.heldG + water.freeG + water.dripG + water.steamedG).toBeCloseTo(
          water.rawG + water.takenUpG,
          4,
        );
        expect(water.heldG + water.freeG).toBeLessThanOrEqual(totalG + 1e-6);
      }),
    );
  });

  it('keeps mass through every preparation: raw and taken up are prepared, drip, steam and solids lost', () => {
    for (const ingredient of startingPantry.ingredients.values()) {
      for (const way of preparationsFor(startingPantry, ingredient.id)) {
        const part = { id: ingredient.id, g: 500, preparation: way.id };
        const { parts } = composeFilling({ ...wet, parts: [part] }, startingPantry);
        const out = parts[0]!;
        expect(out.massG + out.dripG + out.steamedG + out.solidsLostG).toBeCloseTo(
          500 + out.takenUpG,
          6,
        );
      }
    }
  });

  it('refuses to cook off more than there is', () => {
    expect(() => planWith({ filling: { ...wet, cookedOffG: 5000 } })).toThrow(
      /filling\.cookedOffG: must be at most .* g, the water in it, not 5000/,
    );
  });
});

describe('dryingRemedies', () => {
  it('fed back give the target within 0.1 %, or say that they cannot', () => {
    fc.assert(
      fc.property(anyFilling, fc.double({ min: 0, max: 0.12, noNaN: true }), (filling, target) => {
        for (const remedy of dryingRemedies(filling, target, startingBasis)) {
          const after = applyDrying(filling, remedy);
          const document = parsePlan({ ...planWith(), filling: after }, startingPantry);
          const free = freeOf(document.filling);
          expect(free).toBeCloseTo(remedy.freeWaterShare, 9);
          if ('capped' in remedy && !remedy.capped) {
            expect(Math.abs(free - target)).toBeLessThan(0.001 * Math.max(target, 0.01));
          }
          expect(remedy.reaches).toBe(free <= target + 1e-6);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('cooks off all the water that is too much, and says that nothing capped it', () => {
    const off = dryingRemedies(wet, 0.04, startingBasis).find(({ key }) => key === 'cookOff')!;
    expect(off).toMatchObject({ kind: 'cookOff', capped: false });
    expect(freeOf(applyDrying(wet, off))).toBeCloseTo(0.04, 6);
  });

  it('never puts a binder above its flavour limit, and does no more than is asked', () => {
    fc.assert(
      fc.property(anyFilling, (filling) => {
        for (const remedy of dryingRemedies(filling, 0, startingBasis)) {
          if (remedy.kind !== 'binder') continue;
          expect(remedy.tasteShare).toBeLessThanOrEqual(
            startingRules[BINDERS[remedy.binder as BinderKind].limit].value + 1e-9,
          );
          expect(remedy.addG).toBeGreaterThan(0);
        }
      }),
    );
  });

  it('offers crumbs, cooking off, draining and a drier preparation for a wet curd and greens', () => {
    const keys = dryingRemedies(wet, 0.04, startingBasis).map(({ key }) => key);
    expect(keys).toEqual(
      expect.arrayContaining([
        'binder:crumbs',
        'cookOff',
        'drain:0',
        'prepare:1:wilt-squeeze',
        'texture',
      ]),
    );
  });

  it('has nothing for a filling that is dry enough', () => {
    expect(dryingRemedies(wet, 0.5, startingBasis)).toEqual([]);
  });

  it('drains by weight alone: every gram taken is a gram of water', () => {
    const drain = dryingRemedies(wet, freeOf(wet) - 0.01, startingBasis).find(
      ({ key }) => key === 'drain:0',
    );
    expect(drain).toMatchObject({ kind: 'drain', id: 'ricotta-fresh', fromG: 500, capped: false });
    const before = composeFilling(wet, startingPantry);
    const after = composeFilling(applyDrying(wet, drain!), startingPantry);
    // The sieve keeps 1 % of the solids too.
    expect(before.massG - after.massG).toBeCloseTo(
      before.waterG - after.waterG + 500 * 0.27 * 0.01,
      6,
    );
  });

  it('combines two, the second solved for what the first leaves', () => {
    const both = combineDrying(wet, ['binder:crumbs', 'cookOff'], 0.04, startingBasis)!;
    expect(both.steps.map(({ kind }) => kind)).toEqual(['binder', 'cookOff']);
    expect(freeOf(both.filling)).toBeCloseTo(0.04, 6);
    const alone = dryingRemedies(wet, 0.04, startingBasis);
    const crumbs = alone.find(({ key }) => key === 'binder:crumbs');
    expect(both.steps[0]).toMatchObject({ kind: 'binder' });
    expect((both.steps[0] as { addG: number }).addG).toBeLessThan(
      (crumbs as { addG: number }).addG,
    );
  });
});

test('egg in a filling is its share of all that was weighed into it', () => {
  const parts = [
    { id: 'ricotta-fresh', g: 450, preparation: 'raw' as const },
    { id: 'egg-whole', g: 40, preparation: 'raw' as const },
    { id: 'egg-yolk', g: 10, preparation: 'raw' as const },
  ];
  expect(
    evaluatePlan(planWith({ filling: { parts } }), startingBasis).filling.eggShare,
  ).toBeCloseTo(0.1, 6);
});

describe('home tests', () => {
  it('replace the rule by what the spoon says', () => {
    const measured = planWith({ filling: { spoonTest: { volumeMl: 10, diameterMm: 40 } } });
    const { filling, working } = evaluatePlan(measured, startingBasis);
    expect(filling.stiffnessFrom).toBe('spoon');
    const rho = filling.densityGPerMl * 1000;
    expect(filling.yieldStressPa).toBeCloseTo(
      (225 * rho * 9.81 * 1e-10) / (128 * Math.PI ** 2 * 0.02 ** 5),
      6,
    );
    expect(working.stiffness.source).toMatch(/spoon test/);
  });

  it('replace the table by what the towel took, and follow the filling from there', () => {
    const c = composeFilling(wet, startingPantry);
    const holding = c.parts.reduce((sum, part) => sum + part.holdingG, 0);
    const free = towelFreeWater({ spoonfulG: 20, wetG: 2.4 });
    const towelTest = {
      spoonfulG: 20,
      wetG: 2.4,
      holdingFactor: (c.waterG - free * c.massG) / holding,
    };
    expect(freeOf({ ...wet, towelTest })).toBeCloseTo(0.12, 9);
    const drier = {
      ...wet,
      towelTest,
      parts: [...wet.parts, { id: 'breadcrumbs-dry', g: 40, preparation: 'raw' }],
    };
    expect(freeOf(drier)).toBeLessThan(0.12);
  });

  it('refuse a towel that took more than the spoonful', () => {
    expect(() =>
      planWith({ filling: { towelTest: { spoonfulG: 10, wetG: 12, holdingFactor: 1 } } }),
    ).toThrow(/filling\.towelTest\.wetG: must be at most the spoonful, 10 g, not 12/);
  });
});

describe('allergens and diet', () => {
  it('are those of the narrowest ingredient', () => {
    expect(dietOf(['flour-00', 'water'], startingPantry)).toBe('plant');
    expect(dietOf(['flour-00', 'egg-whole'], startingPantry)).toBe('vegetarian');
    expect(dietOf(['flour-00', 'crab-cooked', 'ricotta-fresh'], startingPantry)).toBe('fish');
    expect(dietOf(['beef-shin-raw', 'crab-cooked'], startingPantry)).toBe('meat');
    expect(dietOf(['stock'], startingPantry)).toBe('ask');
  });

  it('tell dough, filling and seal apart, and what a substitution changes', () => {
    const plan = planWith({
      dough: {
        parts: [
          { id: 'semolina-durum-fine', g: 400 },
          { id: 'water', g: 201 },
        ],
      },
      filling: { parts: [{ id: 'squash-raw', g: 500, preparation: 'roast-cubes' }] },
    });
    const before = contentsOf(plan, startingPantry, []);
    expect(before).toMatchObject({
      dough: { allergens: ['gluten'], diet: 'plant' },
      filling: { allergens: [], diet: 'plant' },
      piece: { allergens: ['gluten'], diet: 'plant' },
    });
    const glued = contentsOf(
      { ...plan, hold: { ...plan.hold, medium: 'egg' } },
      startingPantry,
      [],
    );
    expect(contentsChange(before.piece, glued.piece)).toEqual({
      added: ['egg'],
      gone: [],
      diet: 'vegetarian',
    });
    expect(contentsChange(before.piece, before.piece)).toBeNull();
  });
});

import { startingPantry } from '../../composition/pantry';
import { startingBasis } from '../../basis/basis';
import { planWith } from '../../testing/plans';
import { conflictTexts, containsText } from '../contentsText';
import { parsePlan } from '../document/parsePlan';
import { evaluatePlan } from '../evaluatePlan';
import { applyChange } from '../../risk/remedies';
import type { Plan } from '../document/schema';
import { basisPartsFor } from './withLearnt';
import { onPiece } from '../document/onPiece';
import { conflictsOf, contentsOf } from './contents';

const buckwheat = (change: Parameters<typeof planWith>[0] = {}) =>
  planWith({
    dough: {
      parts: [
        { id: 'flour-buckwheat', g: 400 },
        { id: 'water', g: 200 },
      ],
    },
    filling: { parts: [{ id: 'potato-baked-riced', g: 400, preparation: 'raw' }] },
    ...change,
  });
const has = (plan: Plan, alsoHandles: readonly string[] = []) =>
  contentsOf(plan, startingPantry, alsoHandles);

describe('everything that touches a piece counts', () => {
  it.each([
    ['a tray of semolina', { hold: { surface: 'semolina' } }, ['gluten']],
    ['a floured tray', { hold: { surface: 'floured' } }, ['gluten']],
    ['a cloth', { hold: { surface: 'cloth' } }, []],
    ['a tray of maize meal', { hold: { surface: 'semolina', strewn: 'maize-meal' } }, []],
    ['an egg seal', { hold: { surface: 'cloth', medium: 'egg' } }, ['egg']],
    ['an egg-white seal', { hold: { surface: 'cloth', medium: 'eggWhite' } }, ['egg']],
  ] as const)('%s', (_, change, allergens) => {
    expect(has(buckwheat(change as never)).piece.allergens).toEqual(allergens);
  });

  it.each([
    ['semolina', undefined, ['gluten']],
    ['granular', undefined, ['gluten']],
    ['fine', undefined, ['gluten']],
    ['granular', 'flour-rice', []],
    ['none', undefined, []],
  ] as const)('a bench dusted with %s, being %s', (kind, id, allergens) => {
    const { sheet } = planWith();
    const plan = buckwheat({
      sheet: { ...sheet, dust: { kind, gPerKg: 20, ...(id && { id }) } },
      hold: { surface: 'cloth' },
    } as never);
    expect(has(plan).touching.allergens).toEqual(allergens);
    // A floured tray takes it from the same bag.
    const floured = { ...plan, hold: { ...plan.hold, surface: 'floured' as const } };
    expect(has(floured).piece.allergens).toEqual(kind === 'none' ? ['gluten'] : allergens);
  });

  it('the fat in the pan too, where something is fried in it', () => {
    const fried = (panFat?: string) =>
      buckwheat({
        hold: { surface: 'cloth' },
        filling: {
          parts: [{ id: 'mushroom-raw', g: 400, preparation: 'saute-hard' }],
          ...(panFat && { panFat }),
        },
      } as never);
    expect(has(fried()).piece).toEqual({ allergens: [], diet: 'plant' });
    expect(has(fried('butter')).piece).toEqual({ allergens: ['milk'], diet: 'vegetarian' });
    const raw = buckwheat({ hold: { surface: 'cloth' } } as never);
    expect(onPiece(raw).some(({ part }) => part === 'pan')).toBe(false);
  });

  it('is refused by name where the pantry has it not, and sent with the plan where it has', () => {
    const odd = { ...buckwheat(), hold: { ...buckwheat().hold, strewn: 'sawdust' } };
    expect(() => parsePlan(odd, startingPantry)).toThrow(
      /hold\.strewn: is not in the pantry: "sawdust"/,
    );
    const maize = { ...buckwheat(), hold: { ...buckwheat().hold, strewn: 'maize-meal' } };
    expect(basisPartsFor(maize, startingBasis).pantry.ingredients.map(({ id }) => id)).toContain(
      'maize-meal',
    );
  });
});

describe('what a label says', () => {
  it('names what it contains, and what shared equipment may bring', () => {
    const plan = planWith({ hold: { surface: 'cloth' } } as never);
    expect(containsText(has(plan))).toMatch(
      /^Contains egg, gluten and milk\. Shared equipment may bring traces of others\.$/,
    );
    expect(containsText(has(plan, ['sesame', 'milk', 'tree nuts']))).toMatch(
      /May contain sesame and tree nuts, from shared equipment\.$/,
    );
    expect(containsText(has(buckwheat({ hold: { surface: 'cloth' } } as never)))).toMatch(
      /^None of the listed allergens in it\./,
    );
  });
});

describe('guests who may not be given everything', () => {
  const guests = (diet: 'any' | 'vegetarian' | 'plant', without: readonly string[] = []) =>
    ({ diet, without }) as never;

  it('are checked against all of it, and told where it is', () => {
    const vegan = planWith({ guests: guests('plant') });
    expect(conflictTexts(conflictsOf(vegan, startingPantry)).join()).toMatch(
      /^Not vegan: .*egg.* in the dough/,
    );
    const coeliac = buckwheat({ guests: guests('any', ['gluten']) });
    expect(conflictTexts(conflictsOf(coeliac, startingPantry))).toEqual([
      'Has gluten: durum semolina coarse on the tray.',
    ]);
    const { stations, verdict } = evaluatePlan(coeliac, startingBasis);
    expect(stations.count).toEqual({ state: 'fails', word: 'not for these guests' });
    expect(verdict).toMatchObject({ state: 'fails', failing: { station: 'count' } });
    const safe = buckwheat({
      guests: guests('any', ['gluten']),
      hold: { surface: 'rack' },
    } as never);
    expect(evaluatePlan(safe, startingBasis).stations.count.state).toBe('holds');
    // The kitchen handles it all the same.
    const shared = evaluatePlan(safe, { ...startingBasis, alsoHandles: ['gluten'] });
    expect(shared.contents.traces).toEqual(['gluten']);
    expect(shared.stations.count).toEqual({ state: 'edge', word: 'traces for these guests' });
  });

  it('are offered no remedy that brings in more of it', () => {
    const wet = (of: object) =>
      planWith({
        ...of,
        filling: { parts: [{ id: 'squash-raw', g: 500, preparation: 'raw' }] },
        shape: { ...planWith().shape, doseG: 6 },
        hold: { surface: 'bare', phases: [{ place: 'fridge', minutes: 300 }] },
      } as never);
    const floury = (plan: Plan) => {
      const inHow = (each: Plan) =>
        onPiece(each).filter(({ id }) =>
          startingPantry.ingredients.get(id)!.allergens.includes('gluten'),
        ).length;
      return evaluatePlan(plan, startingBasis).weakestLink.remedies.filter(
        (remedy) => inHow(applyChange(plan, remedy)) > inHow(plan),
      );
    };
    // Crumbs and a tray of semolina help those who may have them.
    expect(
      floury(wet({}))
        .map(({ kind }) => kind)
        .sort(),
    ).toEqual(['dry', 'surface']);
    expect(floury(wet({ guests: guests('any', ['gluten']) }))).toEqual([]);
  });
});

describe('a filling that came made', () => {
  const made = (guests: Partial<Plan['guests']> = {}) =>
    buckwheat({
      filling: { parts: [{ id: 'filling-made-workable', g: 400, preparation: 'raw' }] },
      hold: { surface: 'cloth' },
      guests: { diet: 'any', without: [], ...guests },
    } as never);

  it('is never said to be free of anything', () => {
    const contents = has(made());
    expect(containsText(contents)).toContain('ask what is in it');
    expect(containsText(contents)).not.toContain('None of the listed');
    expect(contents.piece.diet).toBe('ask');
  });

  it('is not cleared for guests who avoid something', () => {
    const { conflicts } = has(made({ diet: 'plant', without: ['tree nuts'] }));
    expect(conflictTexts(conflicts).join(' ')).toMatch(/Perhaps not vegan.*May have tree nuts/);
  });

  it('is cooked through as if meat were in it', () => {
    expect(evaluatePlan(made(), startingBasis).safeCore.tempC).toBe(74);
  });
});

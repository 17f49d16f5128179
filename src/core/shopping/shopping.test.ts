import { startingBasis } from '../basis/basis';
import fc from 'fast-check';
import { pantryWith, startingPantry } from '../composition/pantry';
import { buyText, shoppingCsv, shoppingText } from '../formats/shoppingFile';
import { evaluatePlan } from '../plan/evaluatePlan';
import { planWith } from '../testing/plans';
import { METRIC, US_CUSTOMARY } from '../units/units';
import { boughtAs } from './madeFrom';
import { planNeeds, rowsBought, shoppingList, type PlanNeeds } from './shoppingList';

const needsOf = (plan = planWith()) => planNeeds(plan, evaluatePlan(plan, startingBasis));
const anyNeeds: fc.Arbitrary<PlanNeeds> = fc.record({
  name: fc.string({ minLength: 1 }),
  needs: fc.array(
    fc.record({
      id: fc.constantFrom(
        ...[...startingPantry.ingredients.values()]
          .filter(({ group, id }) => group !== 'egg' && id !== 'water')
          .map(({ id }) => id),
      ),
      g: fc.double({ min: 0.1, max: 5000, noNaN: true }),
    }),
    { maxLength: 12 },
  ),
  eggs: fc.record({
    whole: fc.double({ min: 0, max: 20, noNaN: true }),
    yolks: fc.double({ min: 0, max: 20, noNaN: true }),
    whites: fc.double({ min: 0, max: 20, noNaN: true }),
  }),
});
const bought = (line: ReturnType<typeof shoppingList>[number]) => {
  const densityGPerMl = startingPantry.ingredients.get(line.id)?.densityGPerMl ?? 1;
  return {
    g: line.buy.amount,
    ml: line.buy.amount * densityGPerMl,
    packets: line.buy.amount * (line.buy.packet?.sizeG ?? 0),
    eggs: Infinity,
  }[line.buy.unit];
};

describe('shoppingList', () => {
  it('adds every gram up, each ingredient once, and buys at least that', () => {
    fc.assert(
      fc.property(fc.array(anyNeeds, { maxLength: 5 }), (plans) => {
        const lines = shoppingList(plans, startingPantry);
        expect(new Set(lines.map(({ id }) => id)).size).toBe(lines.length);
        for (const line of lines) {
          if (line.buy.unit === 'eggs') continue;
          const need = plans
            .flatMap(({ needs }) => needs)
            .map(({ id, g }) => ({ g, as: boughtAs(id, startingPantry) }))
            .reduce((sum, { as, g }) => sum + (as.id === line.id ? g * as.times : 0), 0);
          expect(line.needG).toBeCloseTo(need, 6);
          expect(bought(line)).toBeGreaterThanOrEqual(need - 1e-2);
        }
      }),
    );
  });

  it('is the same from the rows that are bought as from the whole pantry', () => {
    const renamed = [...startingPantry.ingredients.values()]
      .filter((_, i) => i % 3 === 0)
      .map((row) => ({ ...row, name: `Own ${row.name}`, densityGPerMl: 1.1 }));
    const pantry = pantryWith({ ingredients: renamed, preparations: [] });
    fc.assert(
      fc.property(fc.array(anyNeeds, { maxLength: 3 }), (plans) => {
        const rows = rowsBought(plans, pantry);
        expect(shoppingList(plans, pantryWith(rows))).toEqual(shoppingList(plans, pantry));
        expect(rows.ingredients.every(({ name }) => name.startsWith('Own '))).toBe(true);
      }),
    );
  });

  it('buys what things are made from, and says what for', () => {
    const needs = [
      { id: 'ricotta-drained', g: 500 },
      { id: 'ricotta-fresh', g: 100 },
      { id: 'peas-cooked', g: 300 },
    ];
    const lines = shoppingList(
      [{ name: 'a', needs, eggs: { whole: 0, yolks: 0, whites: 0 } }],
      startingPantry,
    );
    const at = (id: string) => lines.find((line) => line.id === id);
    expect(at('ricotta-drained')).toBeUndefined();
    expect(at('ricotta-fresh')!.needG).toBeCloseTo(500 * 1.19 + 100, 6);
    expect(at('ricotta-fresh')!.madeInto).toEqual(['Ricotta drained overnight']);
    expect(lines.find(({ name }) => name.startsWith('Peas'))!.needG).toBeCloseTo(315, 6);
    // Drained, a gram of ricotta holds the solids of so much as it is sold.
    const { ingredients } = startingPantry;
    const solids = (id: string) => 1 - ingredients.get(id)!.water;
    expect(solids('ricotta-drained') / solids('ricotta-fresh')).toBeCloseTo(1.19, 2);
  });

  it('leaves out what is in hand', () => {
    const ids = (wayIn: 'portions' | 'dough' | 'filling' | 'both') =>
      needsOf(planWith({ batch: { wayIn } })).needs.map(({ id }) => id);
    expect(ids('portions')).toEqual(expect.arrayContaining(['flour-00', 'squash-raw']));
    expect(ids('dough')).not.toContain('flour-00');
    expect(ids('dough')).toContain('squash-raw');
    expect(ids('filling')).not.toContain('squash-raw');
    expect(ids('both')).toEqual(['salt-fine']);
    expect(needsOf(planWith({ batch: { wayIn: 'both' } })).eggs.whole).toBe(0);
  });

  it('counts eggs whole, and lone whites out of the eggs that gave lone yolks', () => {
    const eggs = (whole: number, yolks: number, whites: number) =>
      shoppingList([{ name: 'a', needs: [], eggs: { whole, yolks, whites } }], startingPantry)[0]
        ?.buy.amount;
    expect(eggs(3.2, 0, 0)).toBe(4);
    expect(eggs(2, 5, 3)).toBe(7);
    expect(eggs(0, 0, 0)).toBeUndefined();
  });

  it('buys the eggs that the dough counts, and one more to seal with', () => {
    const plan = planWith({ batch: { portions: 60 } });
    const { dough } = evaluatePlan(plan, startingBasis);
    const count = (p: typeof plan) =>
      shoppingList([needsOf(p)], startingPantry).find(({ buy }) => buy.unit === 'eggs')?.buy.amount;
    expect(count(plan)).toBe(dough.whole!.eggs + dough.whole!.yolks);
    expect(count({ ...plan, hold: { ...plan.hold, medium: 'egg' } })).toBe(
      dough.whole!.eggs + dough.whole!.yolks + 1,
    );
  });

  it('leaves water at the tap and goes round the shop in order', () => {
    const lines = shoppingList([needsOf()], startingPantry);
    expect(lines.map(({ id }) => id)).not.toContain('water');
    expect(lines[0]?.aisle).toBe('Flour');
  });
});

describe('the list as a file', () => {
  const lines = shoppingList([needsOf(), needsOf(planWith({}, 'tortelloni'))], startingPantry);

  it('says what to buy as a shop does', () => {
    const flour = lines.find(({ id }) => id === 'flour-00')!;
    expect(buyText(flour, METRIC)).toBe('1 bag of 1 kg');
    expect(buyText({ ...flour, buy: { ...flour.buy, amount: 3 } }, METRIC)).toBe('3 bags of 1 kg');
    expect(
      buyText(
        {
          ...flour,
          buy: { amount: 2, unit: 'packets', packet: { name: 'bunch', sizeG: 30 } },
        },
        METRIC,
      ),
    ).toBe('2 bunches of 30 g');
    expect(buyText(flour, US_CUSTOMARY)).toBe('1 bag of 2 lb 3.3 oz');
    expect(buyText({ ...flour, buy: { amount: 500, unit: 'ml' } }, US_CUSTOMARY)).toBe('0.5 qt');
  });

  it('has a line for everything, as CSV and as text', () => {
    expect(shoppingCsv(lines).trim().split('\n')).toHaveLength(lines.length + 1);
    const text = shoppingText(lines, METRIC);
    for (const line of lines) expect(text).toContain(`${buyText(line, METRIC)}  ${line.name}`);
  });
});

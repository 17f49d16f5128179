import { startingBasis } from '../../basis/basis';
import { ALLERGENS } from '../../composition/allergens';
import { startingKitchen } from '../../kitchen/kitchen';
import { FAMILY_IDS } from '../../shapes/families';
import { evaluatePlan } from '../evaluatePlan';
import { STARTING_FILLINGS } from '../starting/startingFillings';
import { STATIONS } from '../stations';
import { haveRecipe, recipeMassG } from './haveRecipe';
import { newPlan, newPlanSchema, type NewPlan } from './newPlan';
import { shareOut } from './shareOut';

const wish = (over: Partial<NewPlan> = {}): NewPlan => ({
  portions: 4,
  dough: { kind: 'style', id: 'wholeEgg' },
  filling: { kind: 'starting', id: 'curdGreens' },
  ...over,
});

const made = (over: Partial<NewPlan> = {}) => newPlan(wish(over), startingKitchen, startingBasis);

describe('a new plan', () => {
  it.each(STARTING_FILLINGS.map(({ id }) => id))('with %s holds, the shape left open', (id) => {
    const plan = made({ filling: { kind: 'starting', id } });
    const result = evaluatePlan(plan, startingBasis);
    expect(result.weakestLink.state).toBe('holds');
    for (const station of STATIONS) expect(result.stations[station].state).not.toBe('fails');
    expect(['firm', 'workable']).toContain(result.filling.grade);
    expect(result.portions).toBe(4);
  });

  it.each(FAMILY_IDS)('is made as %s when that is asked', (family) => {
    expect(made({ family }).shape.family).toBe(family);
  });

  it('offers at least ten fillings, for every diet, and each allergen can be left out', () => {
    expect(STARTING_FILLINGS.length).toBeGreaterThanOrEqual(10);
    const contents = STARTING_FILLINGS.map(
      ({ id }) =>
        evaluatePlan(made({ filling: { kind: 'starting', id } }), startingBasis).contents.filling,
    );
    expect(new Set(contents.map(({ diet }) => diet))).toEqual(
      new Set(['plant', 'vegetarian', 'fish', 'meat']),
    );
    const seen = new Set(contents.flatMap(({ allergens }) => allergens));
    expect([...seen].length).toBeGreaterThanOrEqual(9);
    for (const allergen of ALLERGENS) {
      expect(contents.some(({ allergens }) => !allergens.includes(allergen))).toBe(true);
    }
  });

  it.each([
    [400, 4, 388, 200],
    [1000, 2, 194, 100],
    [300, 6, 300, 150],
  ])('from %s g of flour and %s eggs uses %s g and %s g of egg', (flourG, eggs, flour, egg) => {
    const { dough, batch } = made({ dough: { kind: 'inHand', flour: 'flour-00', flourG, eggs } });
    const g = (id: string) => dough.parts.find((part) => part.id === id)?.g ?? 0;
    expect(g('flour-00')).toBeCloseTo(flour, 0);
    expect(g('egg-whole')).toBeCloseTo(egg, 0);
    expect(g('flour-00')).toBeLessThanOrEqual(flourG);
    expect(g('egg-whole')).toBeLessThanOrEqual(eggs * 50);
    expect(batch.wayIn).toBe('dough');
    const result = evaluatePlan(
      made({ dough: { kind: 'inHand', flour: 'flour-00', flourG, eggs } }),
      startingBasis,
    );
    expect(Math.abs(result.dough.hydration - result.dough.target)).toBeLessThan(0.003);
  });

  it('without an egg is flour and water on its own target', () => {
    const plan = made({ dough: { kind: 'inHand', flour: 'flour-00', flourG: 500, eggs: 0 } });
    expect(plan.dough.parts.map(({ id }) => id)).toEqual(['flour-00', 'water']);
    const { dough } = evaluatePlan(plan, startingBasis);
    expect(dough.hydration).toBeCloseTo(dough.target, 2);
  });

  it('from a recipe that is all there is uses both up', () => {
    const parts = [
      { id: 'ricotta-fresh', g: 500, preparation: 'drain-overnight' },
      { id: 'hard-cheese-aged', g: 80, preparation: 'raw' },
    ];
    const plan = made({
      dough: {
        kind: 'recipe',
        parts: [
          { id: 'flour-00', g: 300 },
          { id: 'egg-whole', g: 150 },
        ],
        had: true,
      },
      filling: { kind: 'recipe', parts, had: true },
    });
    expect(plan.batch.wayIn).toBe('both');
    expect(plan.batch.doughInHandG).toBe(450);
    // Drained overnight to 0.86 of its weight.
    expect(plan.batch.fillingInHandG).toBe(Math.round(500 * 0.86 + 80));
  });

  it.each(['firm', 'workable', 'wet'] as const)(
    'of a filling that came made, %s, uses it up',
    (feel) => {
      const plan = made({
        dough: { kind: 'inHand', flour: 'flour-00', flourG: 300, eggs: 3 },
        filling: { kind: 'made', g: 450, feel },
      });
      expect(plan.batch).toMatchObject({ wayIn: 'both', fillingInHandG: 450 });
      const grade = evaluatePlan(plan, startingBasis).filling.grade;
      expect(grade).toBe({ firm: 'firm', workable: 'workable', wet: 'will seep' }[feel]);
    },
  );

  it('refuses what makes no plan, by name', () => {
    expect(newPlanSchema.safeParse(wish({ portions: 0 })).success).toBe(false);
    expect(newPlanSchema.safeParse({ ...wish(), family: 'sphere' }).success).toBe(false);
    expect(
      newPlanSchema.safeParse({ ...wish(), filling: { kind: 'recipe', parts: [] } }).success,
    ).toBe(false);
  });
});

describe('this recipe is what I have', () => {
  it('adds up to what was typed and prepared, and both together are used up', () => {
    const plan = made();
    const filling = haveRecipe(plan, 'filling', startingBasis);
    expect(filling.batch.wayIn).toBe('filling');
    expect(filling.batch.fillingInHandG).toBe(
      Math.round(recipeMassG(plan, 'filling', startingBasis)),
    );
    const both = haveRecipe(filling, 'dough', startingBasis);
    expect(both.batch.wayIn).toBe('both');
    expect(both.batch.doughInHandG).toBe(plan.dough.parts.reduce((sum, { g }) => sum + g, 0));
  });
});

describe('shareOut', () => {
  it('gives every piece to somebody or says what is over', () => {
    const plan = {
      ...made(),
      batch: { ...made().batch, wayIn: 'dough' as const, doughInHandG: 700, portions: 7 },
    };
    const result = evaluatePlan(plan, startingBasis);
    const { people, each, over } = shareOut(plan, result);
    const whole = Math.floor((result.counts.made - result.counts.tasted) * 0.95 + 1e-9);
    expect(people).toBe(7);
    expect(people * each + over).toBe(whole);
    expect(over).toBeLessThan(7);
  });

  it('is the plan’s own where portions lead', () => {
    const plan = made();
    expect(shareOut(plan, evaluatePlan(plan, startingBasis))).toEqual({
      people: 4,
      each: plan.batch.piecesPerPortion,
      over: 0,
    });
  });
});

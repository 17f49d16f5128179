import { startingPantry } from '../../composition/pantry';
import { searchIngredients } from '../../composition/search';
import { planWith } from '../../testing/plans';
import { pantryChanges } from './pantryChanges';

const ricotta = startingPantry.ingredients.get('ricotta-fresh')!;
const plans = [
  { id: 'a', plan: planWith({ name: 'Curd' }, 'tortelloni') },
  { id: 'b', plan: planWith({ name: 'Squash' }) },
];

describe('pantryChanges', () => {
  it('names the plans that use a row, and the figures it moves', () => {
    const [only, ...others] = pantryChanges(
      plans,
      { table: 'ingredients', row: { ...ricotta, water: 0.8, fat: 0.05 } },
      startingPantry,
    );
    expect(others).toEqual([]);
    expect(only).toMatchObject({ id: 'a', name: 'Curd', trouble: null });
    const free = only!.figures.find(({ label }) => label === 'free water');
    expect(free!.after).toBeGreaterThan(free!.before);
  });

  it('moves nothing when nothing changes', () => {
    const same = pantryChanges(plans, { table: 'ingredients', row: ricotta }, startingPantry);
    expect(same[0]?.figures).toEqual([]);
  });

  it('names the plans that prepare something so, and what drier it makes them', () => {
    const sieve = startingPantry.preparations.get('drain-sieve')!;
    const drained = planWith({
      name: 'Drained',
      filling: { parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'drain-sieve' }] },
    });
    const row = { ...sieve, massYield: sieve.massYield * 0.85 };
    const [only, ...others] = pantryChanges(
      [...plans, { id: 'c', plan: drained }],
      { table: 'preparations', row },
      startingPantry,
    );
    expect(others).toEqual([]);
    expect(only).toMatchObject({ id: 'c', name: 'Drained', trouble: null });
    const free = only!.figures.find(({ label }) => label === 'free water')!;
    expect(free.after).toBeLessThan(free.before);
  });

  it('says when a plan could no longer be worked out', () => {
    const weighed = planWith({
      filling: {
        parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'drain-sieve', weighedG: 150 }],
      },
    });
    const [change] = pantryChanges(
      [{ id: 'w', plan: weighed }],
      { table: 'ingredients', row: { ...ricotta, water: 0.5 } },
      startingPantry,
    );
    expect(change?.trouble).toMatch(/weighedG must be at least/);
  });
});

describe('searchIngredients', () => {
  const rows = [...startingPantry.ingredients.values()];
  const ids = (words: string) => searchIngredients(rows, words).map(({ id }) => id);

  it('finds by every word, in name, group or allergen', () => {
    expect(ids('bread strong')).toEqual(['flour-bread']);
    expect(ids('crustaceans')).toEqual(['crab-cooked', 'prawn-cooked']);
    expect(ids('no such thing')).toEqual([]);
    expect(ids('  ')).toHaveLength(rows.length);
  });

  it('puts first what begins with it', () => {
    expect(ids('celer')[0]).toBe('celeriac-raw');
  });
});

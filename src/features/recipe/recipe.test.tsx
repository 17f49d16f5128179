/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useEffect } from 'react';
import { startingPantry } from '@/core/composition/pantry';
import { startingKitchen } from '@/core/kitchen/kitchen';
import type { Side } from '@/core/recipe/readRecipe';
import { RecipeReader } from './RecipeReader';
import { useRecipe, type RecipePart } from './useRecipe';

/** What is counted of each side, as it now stands. */
let parts: Record<Side, readonly RecipePart[]>;

function Reading({ only }: { only?: Side }) {
  const recipe = useRecipe(startingPantry, startingKitchen, only);
  useEffect(() => {
    parts = { dough: recipe.partsOf('dough'), filling: recipe.partsOf('filling') };
  });
  return <RecipeReader recipe={recipe} pantry={startingPantry} {...(only && { only })} />;
}

async function pasted(text: string, only?: Side) {
  render(<Reading {...(only && { only })} />);
  await userEvent.click(screen.getByRole('textbox', { name: /^Paste or type/ }));
  await userEvent.paste(text);
}
const status = () => screen.getByRole('status');
const grams = (side: Side) => Object.fromEntries(parts[side].map(({ id, g }) => [id, g]));
const tap = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));

describe('a recipe as it is read', () => {
  it('shows every line with its grams, on its side', async () => {
    await pasted('400 g flour\n4 eggs\n500 g ricotta');
    expect(screen.getByRole('heading', { name: 'Dough, as it was read' })).toBeVisible();
    expect(screen.getByRole('heading', { name: 'Filling, as it was read' })).toBeVisible();
    expect(grams('dough')).toEqual({
      'flour-all-purpose': 400,
      'egg-whole': 4 * startingKitchen.eggG,
    });
    expect(Object.values(grams('filling'))).toEqual([500]);
  });

  it('is counted once a line has what it wants: an amount, and what it is', async () => {
    await pasted('ricotta\n300 g moonbeams');
    expect(status()).toHaveTextContent('2 read, 2 still to be answered');
    expect(parts.filling).toEqual([]);
    const amount = screen.getByRole('textbox', { name: /^Amount of Ricotta/ });
    await userEvent.type(amount, '250{Enter}');
    expect(status()).toHaveTextContent('2 read, 1 still to be answered');
    expect(parts.filling.map(({ g }) => g)).toEqual([250]);
  });

  it('lists what is no dough or filling, and why', async () => {
    await pasted('Serves 6\n500 g ricotta\nTo serve\n80 g butter\nBoil for 3 minutes.');
    const section = screen.getByRole('region', { name: 'Not read as ingredients' });
    expect(
      within(section)
        .getAllByRole('listitem')
        .map((each) => each.textContent),
    ).toEqual(['“80 g butter”: for the plate', '“Boil for 3 minutes.”: a step of the method']);
    expect(grams('filling')).toEqual({ 'ricotta-fresh': 500 });
  });

  it('leaves a line out, and puts it back', async () => {
    await pasted('500 g ricotta');
    await tap(/^Leave out/);
    expect(parts.filling).toEqual([]);
    await tap(/^Put back/);
    expect(parts.filling.map(({ g }) => g)).toEqual([500]);
  });

  it('moves a line to the other side', async () => {
    await pasted('400 g flour\n4 eggs\n500 g ricotta\n1 egg');
    const eggs = screen.getAllByRole('button', { name: /^To the dough/ }).at(-1)!;
    await userEvent.click(eggs);
    expect(parts.dough.filter(({ id }) => id === 'egg-whole')).toHaveLength(2);
    expect(parts.filling.some(({ id }) => id === 'egg-whole')).toBe(false);
  });

  it('has all of it on one side where only that is asked for', async () => {
    await pasted('200 g flour\n2 eggs', 'filling');
    expect(parts.dough).toEqual([]);
    expect(parts.filling).toHaveLength(2);
    expect(screen.queryByRole('button', { name: /^To the/ })).toBeNull();
  });

  it('asks which cup, and how the flour goes into it: a fifth more where it is scooped', async () => {
    await pasted('2 cups flour');
    const spooned = grams('dough')['flour-all-purpose']!;
    await userEvent.click(screen.getByRole('radio', { name: 'Scooped' }));
    expect(grams('dough')['flour-all-purpose']! / spooned).toBeCloseTo(1.2, 1);
    await userEvent.click(screen.getByRole('radio', { name: '237 ml' }));
    expect(grams('dough')['flour-all-purpose']! / spooned).toBeCloseTo((1.2 * 237) / 250, 1);
  });

  it('asks nothing of cups where there is none', async () => {
    await pasted('400 g flour');
    expect(screen.queryByRole('radio', { name: 'Scooped' })).toBeNull();
  });

  it('is asked what is done to what is never rolled up raw', async () => {
    await pasted('300 g spinach');
    const done = screen.getByRole('combobox', { name: /^Done to/ });
    const before = parts.filling[0]!.preparation;
    const other = within(done)
      .getAllByRole<HTMLOptionElement>('option')
      .find(({ value }) => value !== before)!;
    await userEvent.selectOptions(done, other.value);
    expect(parts.filling[0]!.preparation).toBe(other.value);
  });
});

describe('structured recipe data', () => {
  const data = (more: object = {}) =>
    JSON.stringify({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: 'Curd ravioli',
      recipeYield: '6',
      recipeIngredient: ['400 g flour', '4 eggs', '500 g ricotta'],
      ...more,
    });

  it('is read like lines, with its name and for how many', async () => {
    await pasted(data());
    expect(screen.getByText('Curd ravioli')).toBeVisible();
    expect(screen.getByText(/^From structured data/)).toHaveTextContent('for 6');
    expect(parts.dough).toHaveLength(2);
    expect(parts.filling).toHaveLength(1);
  });

  it('that is none says why, and stays as it was pasted', async () => {
    await pasted('{"@type": "Recipe", "recipeIngredient": ');
    expect(screen.getByRole('textbox', { name: /^Paste or type/ })).toHaveValue(
      '{"@type": "Recipe", "recipeIngredient": ',
    );
    expect(screen.getByRole('alert')).toBeVisible();
  });
});

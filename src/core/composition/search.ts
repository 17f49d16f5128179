import type { Ingredient } from './ingredient';

/**
 * Ingredients that every word typed is found in, by name, id, group or allergen; in the order given,
 * those whose name begins with the first word before the others.
 * @example searchIngredients(rows, 'wheat strong').map(({ id }) => id) // ['flour-bread']
 */
export function searchIngredients(
  rows: readonly Ingredient[],
  words: string,
): readonly Ingredient[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  const [first] = wanted;
  if (first === undefined) return rows;
  const found = rows.filter((row) => {
    const text = `${row.name} ${row.id} ${row.group} ${row.allergens.join(' ')}`.toLowerCase();
    return wanted.every((word) => text.includes(word));
  });
  const begins = ({ name }: Ingredient) => name.toLowerCase().startsWith(first);
  return [...found.filter(begins), ...found.filter((row) => !begins(row))];
}

'use client';

import { Command as Palette } from 'cmdk';
import { useMemo, useState } from 'react';
import type { Ingredient, IngredientGroup } from '@/core/composition/ingredient';
import type { Pantry } from '@/core/composition/pantry';
import { searchIngredients } from '@/core/composition/search';

const DOUGH_FIRST: readonly IngredientGroup[] = [
  'flour',
  'egg',
  'egg-substitute',
  'liquid',
  'fat',
  'seasoning',
  'colour',
];

/** As many as are shown at once: a longer list is searched, not scrolled. */
const MOST_SHOWN = 150;

/** The pantry as a list to search. Loaded when first opened: it is of no use before. */
export default function IngredientList({
  use,
  pantry,
  onPick,
}: {
  use: 'dough' | 'filling';
  pantry: Pantry;
  onPick(ingredient: Ingredient): void;
}) {
  const [words, setWords] = useState('');
  const found = useMemo(
    () => searchIngredients([...pantry.ingredients.values()], words),
    [pantry, words],
  );
  const more = found.length - MOST_SHOWN;
  return (
    <Palette label="Ingredients" shouldFilter={false}>
      <Palette.Input
        autoFocus
        value={words}
        onValueChange={setWords}
        placeholder="Find an ingredient"
        className="w-full border-b border-board-line bg-transparent px-3 py-3 outline-none placeholder:text-ink-dim"
      />
      <Palette.List className="max-h-[min(20rem,50vh)] overflow-y-auto p-1">
        <Palette.Empty className="px-3 py-4 text-ink-dim">
          No ingredient by that name. New ones are added in the pantry.
        </Palette.Empty>
        {ordered(found.slice(0, MOST_SHOWN), use).map(([group, rows]) => (
          <Palette.Group
            key={group}
            heading={group.replace('-', ' ')}
            className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-small [&_[cmdk-group-heading]]:text-ink-dim"
          >
            {rows.map((ingredient) => (
              <Palette.Item
                key={ingredient.id}
                value={ingredient.id}
                className="menu-item"
                onSelect={() => onPick(ingredient)}
              >
                {ingredient.name}
              </Palette.Item>
            ))}
          </Palette.Group>
        ))}
        {more > 0 && <p className="px-3 py-2 text-small text-ink-dim">and {more} more: type on</p>}
      </Palette.List>
    </Palette>
  );
}

function ordered(
  found: readonly Ingredient[],
  use: 'dough' | 'filling',
): [IngredientGroup, Ingredient[]][] {
  const groups = new Map<IngredientGroup, Ingredient[]>();
  for (const ingredient of found) {
    groups.set(ingredient.group, [...(groups.get(ingredient.group) ?? []), ingredient]);
  }
  const rank = (group: IngredientGroup) => {
    const place = DOUGH_FIRST.indexOf(group);
    if (use === 'dough') return place < 0 ? 99 : place;
    // The thing itself before what it is made into: spinach before its purée.
    return group === 'flour' ? 99 : group === 'colour' ? 98 : 0;
  };
  return [...groups].sort(([a], [b]) => rank(a) - rank(b));
}

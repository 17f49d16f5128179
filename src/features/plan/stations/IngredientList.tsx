'use client';

import { Command as Palette } from 'cmdk';
import type { Ingredient, IngredientGroup } from '@/core/composition/ingredient';
import { startingPantry } from '@/core/composition/pantry';

const DOUGH_FIRST: readonly IngredientGroup[] = [
  'flour',
  'egg',
  'egg-substitute',
  'liquid',
  'fat',
  'seasoning',
  'colour',
];

/** The pantry as a list to search. Loaded when first opened: it is of no use before. */
export default function IngredientList({
  use,
  onPick,
}: {
  use: 'dough' | 'filling';
  onPick(ingredient: Ingredient): void;
}) {
  return (
    <Palette label="Ingredients">
      <Palette.Input
        placeholder="Find an ingredient"
        className="w-full border-b border-board-line bg-transparent px-3 py-3 outline-none placeholder:text-ink-dim"
      />
      <Palette.List className="max-h-[min(20rem,50vh)] overflow-y-auto p-1">
        <Palette.Empty className="px-3 py-4 text-ink-dim">
          No ingredient by that name.
        </Palette.Empty>
        {ordered(use).map(([group, rows]) => (
          <Palette.Group
            key={group}
            heading={group.replace('-', ' ')}
            className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-small [&_[cmdk-group-heading]]:text-ink-dim"
          >
            {rows.map((ingredient) => (
              <Palette.Item
                key={ingredient.id}
                value={`${ingredient.name} ${ingredient.id}`}
                className="menu-item"
                onSelect={() => onPick(ingredient)}
              >
                {ingredient.name}
              </Palette.Item>
            ))}
          </Palette.Group>
        ))}
      </Palette.List>
    </Palette>
  );
}

function ordered(use: 'dough' | 'filling'): [IngredientGroup, Ingredient[]][] {
  const groups = new Map<IngredientGroup, Ingredient[]>();
  for (const ingredient of startingPantry.ingredients.values()) {
    groups.set(ingredient.group, [...(groups.get(ingredient.group) ?? []), ingredient]);
  }
  const rank = (group: IngredientGroup) => {
    const place = DOUGH_FIRST.indexOf(group);
    if (use === 'dough') return place < 0 ? 99 : place;
    return group === 'flour' ? 99 : 0;
  };
  return [...groups].sort(([a], [b]) => rank(a) - rank(b));
}

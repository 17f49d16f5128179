'use client';

import { Command as Palette } from 'cmdk';
import { Popover } from 'radix-ui';
import { useState, type ReactNode } from 'react';
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

/** Picks an ingredient by name. Dough offers what goes into dough first. */
export function IngredientPicker({
  use,
  onPick,
  children,
  className,
}: {
  use: 'dough' | 'filling';
  onPick(ingredient: Ingredient): void;
  children: ReactNode;
  className: string;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className={className}>{children}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={10}
          aria-label="Pick an ingredient"
          className="popover w-[min(21rem,calc(100vw-1.5rem))] overflow-hidden"
        >
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
                      onSelect={() => {
                        setOpen(false);
                        onPick(ingredient);
                      }}
                    >
                      {ingredient.name}
                    </Palette.Item>
                  ))}
                </Palette.Group>
              ))}
            </Palette.List>
          </Palette>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
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

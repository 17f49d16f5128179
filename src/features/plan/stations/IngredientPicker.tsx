'use client';

import { Popover } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import type { Ingredient } from '@/core/composition/ingredient';
import { later } from '@/ui/layout/later';

const IngredientList = later(() => import('./IngredientList'), 'Fetching the pantry…');

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
          <IngredientList
            use={use}
            onPick={(ingredient) => {
              setOpen(false);
              onPick(ingredient);
            }}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

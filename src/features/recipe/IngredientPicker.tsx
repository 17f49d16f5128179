'use client';

import { Popover } from 'radix-ui';
import { useRef, useState, type ReactNode } from 'react';
import type { Ingredient } from '@/core/composition/ingredient';
import type { Pantry } from '@/core/composition/pantry';
import { later } from '@/ui/layout/later';

const load = () => import('./IngredientList');

const IngredientList = later(load, 'Fetching the pantry…');

/** Picks an ingredient by name. Dough offers what goes into dough first. */
export function IngredientPicker({
  use,
  pantry,
  onPick,
  children,
  className,
  adds = false,
}: {
  use: 'dough' | 'filling';
  pantry: Pantry;
  onPick(ingredient: Ingredient): void;
  children: ReactNode;
  className: string;
  /** What is picked becomes a row of its own, which takes the focus. */
  adds?: boolean;
}) {
  const [open, setOpen] = useState(false);
  const picked = useRef(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        className={className}
        onFocus={() => void load().catch(() => {})}
        onPointerEnter={() => void load().catch(() => {})}
      >
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={10}
          aria-label="Pick an ingredient"
          onCloseAutoFocus={(event) => {
            if (adds && picked.current) event.preventDefault();
            picked.current = false;
          }}
          className="popover w-[min(21rem,calc(100vw-1.5rem))] overflow-hidden"
        >
          <IngredientList
            use={use}
            pantry={pantry}
            onPick={(ingredient) => {
              picked.current = true;
              setOpen(false);
              onPick(ingredient);
            }}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

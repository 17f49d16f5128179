'use client';

import { Popover } from 'radix-ui';
import { useState } from 'react';
import { DOUGH_STYLES, type DoughRecipeStyle } from '@/core/dough/styles';
import type { Plan } from '@/core/plan/schema';
import { say } from '@/ui/layout/say';
import { useEditor } from '../../editor/EditorContext';

/** The recipe of a style, or its way of working the recipe there is. */
const inStyle = (plan: Plan, { parts, work }: DoughRecipeStyle): Plan => ({
  ...plan,
  dough: {
    ...plan.dough,
    ...(parts && { parts: parts.map(({ id, g }) => ({ id, g })) }),
    style: work.style,
    work: { ...plan.dough.work, restMin: work.restMin },
  },
});

/** Styles of dough to start from, each with what goes wrong with it. */
export function StylePicker() {
  const { edit } = useEditor();
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className="btn">Start from a style</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={10}
          aria-label="Styles of dough"
          className="popover max-h-[min(34rem,80dvh)] w-[min(24rem,calc(100vw-1.5rem))] overflow-y-auto p-1"
        >
          <ul>
            {DOUGH_STYLES.map((style) => (
              <li key={style.id}>
                <button
                  type="button"
                  className="w-full rounded-md px-3 py-2 text-left hover:bg-band"
                  onClick={() => {
                    edit((plan) => inStyle(plan, style));
                    setOpen(false);
                    void say(`Dough: ${style.name.toLowerCase()}. Undo brings yours back.`);
                  }}
                >
                  <span className="block font-semibold">{style.name}</span>
                  <span className="block text-small">{style.says}</span>
                  <span className="block text-small text-ink-dim">{style.pitfall}</span>
                </button>
              </li>
            ))}
          </ul>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

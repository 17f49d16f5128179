'use client';

import { Popover } from 'radix-ui';
import { useState } from 'react';
import type { DoughRecipeStyle } from '@/core/dough/styles';
import type { Plan } from '@/core/plan/document/schema';
import { later } from '@/ui/layout/later';
import { say } from '@/ui/layout/say';
import { useEdit } from '../../editor/EditorContext';

const StyleList = later(() => import('./StyleList'), 'Fetching the styles…');

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
  const { edit } = useEdit();
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
          <StyleList
            onPick={(style) => {
              edit((plan) => inStyle(plan, style));
              setOpen(false);
              void say(`Dough: ${style.name.toLowerCase()}. Undo brings yours back.`);
            }}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

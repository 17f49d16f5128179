'use client';

import type { DoughRecipeStyle } from '@/core/dough/styles';
import type { Plan } from '@/core/plan/document/schema';
import { later } from '@/ui/layout/later';
import { say } from '@/ui/layout/say';
import { useEdit } from '../../editor/EditorContext';
import { StartFrom } from '../StartFrom';

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
  return (
    <StartFrom<DoughRecipeStyle>
      label="Start from a style"
      title="Styles of dough"
      list={StyleList}
      onPick={(style) => {
        edit((plan) => inStyle(plan, style));
        void say(`Dough: ${style.name.toLowerCase()}. Undo brings yours back.`);
      }}
    />
  );
}

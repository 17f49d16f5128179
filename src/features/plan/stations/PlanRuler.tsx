'use client';

import type { Plan } from '@/core/plan/document/schema';
import { Ruler, type RulerProps } from '@/ui/fields/Ruler';
import { useEdit, useSettling } from '../editor/EditorContext';

/** A ruler bound to the plan: a drag is one step of undo, and is kept when it ends. */
export function PlanRuler({
  set,
  about,
  ...ruler
}: Omit<RulerProps, 'onChange' | 'busy'> & {
  set(plan: Plan, value: number): Plan;
  /** What it is about, for undo. */
  about: string;
}) {
  const { edit } = useEdit();
  return (
    <Ruler
      {...ruler}
      busy={useSettling()}
      onChange={(value, passing) => edit((plan) => set(plan, value), about, passing)}
    />
  );
}

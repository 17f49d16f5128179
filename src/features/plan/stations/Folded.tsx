'use client';

import { useState, type ReactNode } from 'react';
import type { Pantry } from '@/core/composition/pantry';
import { readAt, type PlanPath } from '@/core/plan/document/patch';
import { USUAL } from '@/core/plan/document/planFields';
import type { Plan } from '@/core/plan/document/schema';
import type { WriteFigure } from '@/core/units/format';
import { useUnits } from '@/ui/units/UnitsContext';
import { usePlan, useWorld } from '../editor/EditorContext';
import { fieldName, fieldValue } from '../fieldNames';

type UsualPath = Extract<keyof typeof USUAL, PlanPath>;

/**
 * Settings that are seldom touched, folded away. What in them is not as usual is said beside the
 * title, so that nothing works in the dark.
 */
export function Folded({
  title,
  says,
  paths = [],
  children,
}: {
  title: string;
  /** How they are set, where there is no usual way. */
  says?: string;
  /** The settings inside that have a usual value. */
  paths?: readonly UsualPath[];
  children: ReactNode;
}) {
  const { text } = useUnits();
  const { pantry } = useWorld();
  const odd = usePlan((plan) => unusual(plan, paths, { pantry, write: text }));
  const said = [says, odd].filter(Boolean).join(', ');
  const [open, setOpen] = useState(false);
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-[44px] py-2">
        <span className="font-semibold">{title}</span>
        {said && <span className="ml-2 text-small text-ink-dim">{said}</span>}
      </summary>
      {open && <div className="grid gap-3 pt-1">{children}</div>}
    </details>
  );
}

/** What differs from the usual, in words: `pieces to taste 5, air fan`. */
function unusual(
  plan: Plan,
  paths: readonly UsualPath[],
  { pantry, write }: { pantry: Pantry; write: WriteFigure },
): string {
  return paths
    .flatMap((path) => {
      const value = readAt(plan, path);
      if (value === undefined || value === USUAL[path]) return [];
      const name = fieldName(path, pantry).replace(/^.*: /, '');
      return `${name.toLowerCase()} ${fieldValue(path, String(value), write)}`;
    })
    .join(', ');
}

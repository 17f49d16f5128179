'use client';

import { useShown } from '../../editor/EditorContext';
import { DeadHeats } from './DeadHeats';
import { SplitShapes } from './SplitShapes';
import { LedgerBar } from '../LedgerBar';

/** Where every gram of dough and filling goes. */
export function CountPanel() {
  const { plan, result } = useShown();
  const { working: w } = result;
  return (
    <div className="grid gap-6">
      {plan.batch.wayIn === 'both' && <DeadHeats />}
      <SplitShapes />
      <LedgerBar
        title="Where the dough goes"
        total={w.doughTotal}
        parts={[
          { name: 'plated', of: w.platedDough, fill: 'var(--dough)' },
          { name: 'spare', of: w.spareDough, fill: 'var(--dough-edge)' },
          { name: 'tasted', of: w.tastedDough, fill: 'var(--board-rule)' },
          { name: 'trim', of: w.trimDough, fill: 'var(--dim-line)' },
          { name: 'stuck', of: w.stuckDough, fill: 'var(--ink-dim)' },
          { name: 'left over', of: w.leftoverDough, fill: 'var(--ochre)' },
        ]}
      />
      <LedgerBar
        title="Where the filling goes"
        total={w.fillingTotal}
        parts={[
          { name: 'plated', of: w.platedFilling, fill: plan.colour },
          {
            name: 'spare',
            of: w.spareFilling,
            fill: `color-mix(in srgb, ${plan.colour} 65%, var(--ink))`,
          },
          { name: 'tasted', of: w.tastedFilling, fill: 'var(--board-rule)' },
          { name: `in the ${plan.batch.fillingLoss.kind}`, of: w.inBowl, fill: 'var(--ink-dim)' },
          { name: 'left over', of: w.leftoverFilling, fill: 'var(--ochre)' },
        ]}
      />
    </div>
  );
}

'use client';

import type { Kitchen } from '@/core/kitchen/kitchen';
import { GearList } from './GearList';

/** The pots, each by how much it holds. */
export function Pots({
  pots,
  onChange,
}: {
  pots: Kitchen['pots'];
  onChange(pots: Kitchen['pots'], undo?: string): void;
}) {
  return (
    <GearList
      title="Pots"
      unitLabel="Full"
      kind="litres"
      range={{ min: 0.5, max: 200, unit: 'litres' }}
      items={pots.map(({ name, litres }) => ({ name, value: litres }))}
      fresh={{ name: 'New pot', value: 6 }}
      onChange={(items, undo) =>
        onChange(
          items.map(({ name, value }) => ({ name, litres: value })),
          undo,
        )
      }
    />
  );
}

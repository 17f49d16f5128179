'use client';

import type { Room } from '@/core/kitchen/kitchen';
import { QuantityField } from '@/ui/fields/QuantityField';
import { ROOM_COUNTS } from './roomCounts';

/** Burners, ovens and trays: what a day's clock reckons with beside rollers and pots. */
export function RoomFields({ room, onChange }: { room: Room; onChange(room: Room): void }) {
  return (
    <div className="mt-2 grid grid-cols-2 items-end gap-3 sm:grid-cols-5">
      {ROOM_COUNTS.map(({ key, label, range }) => (
        <QuantityField
          key={key}
          label={label}
          kind="count"
          range={range}
          value={room[key]}
          step={1}
          onChange={(value) => onChange({ ...room, [key]: value })}
        />
      ))}
    </div>
  );
}

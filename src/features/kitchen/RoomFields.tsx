'use client';

import type { Room } from '@/core/kitchen/kitchen';
import type { FieldRange } from '@/core/range';
import { QuantityField } from '@/ui/fields/QuantityField';

type RoomCounts = Omit<Room, 'trayLengthMm' | 'trayWidthMm'>;

/** Room and fire, as they are counted in the kitchen and on a day. */
const COUNTS: readonly {
  readonly key: keyof RoomCounts;
  readonly label: string;
  readonly range: FieldRange;
}[] = [
  { key: 'burners', label: 'Burners', range: { min: 0, max: 60, whole: true } },
  { key: 'ovens', label: 'Ovens', range: { min: 0, max: 40, whole: true } },
  { key: 'fridgeTrays', label: 'Trays the fridge takes', range: { min: 0, max: 400, whole: true } },
  {
    key: 'freezerTrays',
    label: 'Trays the freezer takes',
    range: { min: 0, max: 400, whole: true },
  },
  { key: 'trays', label: 'Trays in all', range: { min: 1, max: 400, whole: true } },
];

/** Burners, ovens and trays, of a kitchen or of a day: what a clock reckons with beside rollers and pots. */
export function RoomFields<T extends RoomCounts>({
  room,
  onChange,
}: {
  room: T;
  onChange(room: T): void;
}) {
  return (
    <div className="grid grid-cols-2 items-end gap-3 sm:grid-cols-5">
      {COUNTS.map(({ key, label, range }) => (
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

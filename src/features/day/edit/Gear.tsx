'use client';

import { freeId } from '@/core/schedule/timetable/mends';
import type { Day, DayGear } from '@/core/schedule/document/day';
import { GearList } from '@/features/kitchen/GearList';
import { RoomFields } from '@/features/kitchen/RoomFields';

/** The gear there is on this day, as it was taken from the kitchen, and what is borrowed. */
export function Gear({
  day: { gear },
  onChange,
}: {
  day: Day;
  onChange(gear: DayGear, undo?: string): void;
}) {
  return (
    <div className="grid gap-6">
      <RoomFields room={gear} onChange={onChange} />
      <div className="grid gap-6 sm:grid-cols-3">
        <GearList
          title="Pots"
          unitLabel="Volume"
          kind="litres"
          range={{ min: 0.5, max: 200, unit: 'litres' }}
          items={gear.pots.map(({ name, litres }) => ({ name, value: litres }))}
          fresh={{ name: `Pot ${gear.pots.length + 1}`, value: 9 }}
          onChange={(items, undo) =>
            onChange(
              { ...gear, pots: items.map(({ name, value }) => ({ name, litres: value })) },
              undo,
            )
          }
        />
        <GearList
          title="Rollers"
          items={gear.rollers.map(({ name }) => ({ name, value: 0 }))}
          fresh={{ name: 'Borrowed roller', value: 0 }}
          onChange={(items, undo) => {
            const rollers: DayGear['rollers'] = [];
            for (const { name } of items) {
              const known = gear.rollers.find((roller) => roller.name === name);
              rollers.push({
                id: known?.id ?? freeId([...gear.rollers, ...rollers], 'r'),
                name,
              });
            }
            onChange({ ...gear, rollers }, undo);
          }}
        />
        <GearList
          title="Benches"
          unitLabel="Length"
          kind="length"
          range={{ min: 200, max: 20_000, unit: 'mm' }}
          items={gear.benches.map(({ name, mm }) => ({ name, value: mm }))}
          fresh={{ name: `Bench ${gear.benches.length + 1}`, value: 2000 }}
          onChange={(items, undo) =>
            onChange(
              { ...gear, benches: items.map(({ name, value }) => ({ name, mm: value })) },
              undo,
            )
          }
        />
      </div>
    </div>
  );
}

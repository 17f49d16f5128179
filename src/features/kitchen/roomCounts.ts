import type { Room } from '@/core/kitchen/kitchen';
import type { FieldRange } from '@/core/range';

/** Room and fire, as they are counted in the kitchen and on a day. */
export const ROOM_COUNTS: readonly {
  readonly key: Exclude<keyof Room, 'trayLengthMm' | 'trayWidthMm'>;
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

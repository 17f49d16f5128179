import type { FieldRange } from '@/core/range';

/**
 * A value moved by a nudge, on the nudge's own grid, inside its range.
 * @example nudged(9.2, 0.5, { min: 0, max: 10 }) // 9.5
 */
export function nudged(value: number, by: number, { min, max }: FieldRange): number {
  const grid = Math.abs(by);
  const moved = Math.round((value + by) / grid) * grid;
  return Number(Math.min(max, Math.max(min, moved)).toFixed(6));
}

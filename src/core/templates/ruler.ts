import type { Mark } from './page';

/** Length of the ruler on every page, mm. */
export const RULER_MM = 100;

/**
 * A ruler of 100 mm from a point, ticks upward every 10 mm: what a printed page is checked by.
 * @example rulerMarks(10, 280).length // 15: 12 lines and 3 numbers
 */
export function rulerMarks(x: number, y: number): Mark[] {
  const ticks = Array.from({ length: RULER_MM / 10 + 1 }, (_, i): Mark => ({
    kind: 'line',
    from: [x + i * 10, y],
    to: [x + i * 10, y - (i % 5 === 0 ? 4 : 2)],
    line: 'ruler',
  }));
  const numbers = [0, 50, 100].map((mm): Mark => ({
    kind: 'text',
    x: x + mm,
    y: y + 3.6,
    text: mm === 100 ? '100 mm' : String(mm),
    sizeMm: 3,
    anchor: 'middle',
  }));
  return [
    { kind: 'line', from: [x, y], to: [x + RULER_MM, y], line: 'ruler' },
    ...ticks,
    ...numbers,
  ];
}

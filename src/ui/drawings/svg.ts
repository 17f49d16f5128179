import type { Outline, Point } from '@/core/shapes/drawing';

/** Puts mm on a drawing: scale in px per mm, and where the origin lies. y turns down. */
export interface Placing {
  readonly scale: number;
  readonly x0: number;
  readonly y0: number;
}

/**
 * To a hundredth of a px: sines differ in their last digit between server and browser, and what both
 * draw must be the same.
 */
export const settled = (px: number): number => Math.round(px * 100) / 100;

export const place = ({ scale, x0, y0 }: Placing, [x, y]: Point): [number, number] => [
  settled(x0 + x * scale),
  settled(y0 - y * scale),
];

/**
 * About how wide words are written, px: as wide as the product's own letters, by their kinds.
 * @example textWidth('58 mm', 14) // 46
 */
export const textWidth = (words: string, size: number): number =>
  [...words].reduce((sum, letter) => {
    if (/[mMwW%½⅓⅔¼¾]/.test(letter)) return sum + 0.86;
    if (/[\d+−×≈✓✕]/.test(letter)) return sum + 0.6;
    if (/[\s.,:;!'’"/()|iljtfr]/.test(letter)) return sum + 0.31;
    return sum + 0.54;
  }, 0) * size;

/** A closed SVG path for an outline in mm. */
export const pathOf = (outline: Outline, placing: Placing): string =>
  `M${outline
    .map((point) =>
      place(placing, point)
        .map((n) => n.toFixed(2))
        .join(' '),
    )
    .join('L')}Z`;

/**
 * The largest of a few round scales at which a size fits, so that a small change shows as a change
 * of the piece and not of the scale.
 */
export function roundScale(
  widthMm: number,
  heightMm: number,
  roomX: number,
  roomY: number,
): number {
  const most = Math.min(roomX / Math.max(widthMm, 1), roomY / Math.max(heightMm, 1));
  const steps = [
    16, 14, 12, 10.5, 9.5, 8.5, 7.5, 6.5, 5.5, 4.75, 4, 3.4, 2.8, 2.3, 1.9, 1.5, 1.2, 1, 0.8,
  ];
  return steps.find((step) => step <= most) ?? most;
}

interface Room {
  readonly width: number;
  readonly height: number;
  readonly margin: number;
  /** No larger than this, to stand beside others at one scale. */
  readonly most?: number;
}

/**
 * Puts points in the middle of a drawing, at the largest round scale that leaves a margin.
 * @example centred(outline, { width: 180, height: 180, margin: 8 }).scale // 2.8
 */
export function centred(
  points: readonly Point[],
  { width, height, margin, most = Infinity }: Room,
): Placing {
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  const [minX, maxX] = [Math.min(...xs), Math.max(...xs)];
  const [minY, maxY] = [Math.min(...ys), Math.max(...ys)];
  const fits = roundScale(maxX - minX, maxY - minY, width - 2 * margin, height - 2 * margin);
  const scale = Math.min(most, fits);
  return {
    scale,
    x0: width / 2 - ((minX + maxX) / 2) * scale,
    y0: height / 2 + ((minY + maxY) / 2) * scale,
  };
}

/** The largest scale at which each of several drawings fits the same room. */
export const commonScale = (drawings: readonly (readonly Point[])[], room: Room): number =>
  Math.min(...drawings.map((points) => centred(points, room).scale));

/** The same scatter every time: points from 0 to 1, for the grain of a filling. */
export function grain(count: number): { x: number; y: number; r: number }[] {
  let seed = 7;
  const next = () => {
    seed = (seed * 16807) % 2147483647;
    return seed / 2147483647;
  };
  return Array.from({ length: count }, () => ({ x: next(), y: next(), r: 0.6 + next() * 1.3 }));
}

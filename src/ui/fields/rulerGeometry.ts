/** From the end of a ruler to the end of its scale, px: half of the thumb. */
export const RULER_INSET = 22;

/** Of a ruler's scale on the narrowest page, px: labels that fit there fit anywhere. */
const NARROWEST_PX = 250;

/** Of a letter, px, at the size of a ruler's labels, whose units are wide. */
const LETTER_PX = 7.9;

/** What is drawn, widened to where the value stands, its ends on the step's grid. */
export function widened(
  [from, to]: readonly [number, number],
  value: number,
  step: number,
): [number, number] {
  const on = (at: number) => Number(at.toFixed(6));
  return [
    on(Math.floor(Math.min(from, value) / step + 1e-9) * step),
    on(Math.ceil(Math.max(to, value) / step - 1e-9) * step),
  ];
}

/** Ticks on a 1, 2, 5 grid, at most about fifteen. */
export function ticks(from: number, to: number): number[] {
  const rough = (to - from) / 14;
  const power = 10 ** Math.floor(Math.log10(rough));
  const gap = [1, 2, 5, 10].map((each) => each * power).find((each) => each >= rough) ?? rough;
  const first = Math.ceil(from / gap - 1e-9);
  const last = Math.floor(to / gap + 1e-9);
  return Array.from({ length: last - first + 1 }, (_, i) => (first + i) * gap);
}

export type Anchor = 'start' | 'middle' | 'end';

export interface PlacedLabel {
  readonly at: number;
  readonly label: string;
  readonly show: boolean;
  readonly anchor: Anchor;
}

/** Which labels stand without running into one another, and how each is anchored. */
export function placedLabels(
  marks: readonly { readonly at: number; readonly label: string }[],
  from: number,
  to: number,
): PlacedLabel[] {
  let end = -Infinity;
  return marks
    .filter(({ at }) => at >= from && at <= to)
    .sort((a, b) => a.at - b.at)
    .map(({ at, label }) => {
      const x = (NARROWEST_PX * (at - from)) / (to - from);
      const width = label.length * LETTER_PX;
      const anchor: Anchor =
        x - width / 2 < -RULER_INSET
          ? 'start'
          : x + width / 2 > NARROWEST_PX + RULER_INSET
            ? 'end'
            : 'middle';
      const start = anchor === 'start' ? x : anchor === 'end' ? x - width : x - width / 2;
      const show = start > end + 5;
      if (show) end = start + width;
      return { at, label, show, anchor };
    });
}

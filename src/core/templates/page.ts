import type { Outline } from '../shapes/drawing';

/** A thing on a page at true size, in mm from its upper left corner, y down. */
export type Mark =
  | {
      readonly kind: 'outline';
      readonly points: Outline;
      readonly line: LineStyle;
      readonly fill?: string;
    }
  | {
      readonly kind: 'circle';
      readonly x: number;
      readonly y: number;
      readonly r: number;
      readonly line: LineStyle;
      readonly fill?: string;
    }
  | {
      readonly kind: 'line';
      readonly from: readonly [number, number];
      readonly to: readonly [number, number];
      readonly line: LineStyle;
    }
  | {
      readonly kind: 'text';
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly sizeMm: number;
      readonly anchor?: 'start' | 'middle' | 'end';
      readonly bold?: boolean;
    };

/** How a line is drawn: the sheet's edge, a cut, a crease, a mound, the ruler, where pages join. */
export type LineStyle = 'sheet' | 'cut' | 'crease' | 'mound' | 'ruler' | 'join';

/** Width and dashes of each, mm. */
export const LINES: Readonly<
  Record<LineStyle, { widthMm: number; dash?: readonly [number, number] }>
> = {
  sheet: { widthMm: 0.5 },
  cut: { widthMm: 0.25, dash: [2, 1.2] },
  crease: { widthMm: 0.4, dash: [5, 2] },
  mound: { widthMm: 0.2 },
  ruler: { widthMm: 0.25 },
  join: { widthMm: 0.15, dash: [0.6, 1.2] },
};

/** A sheet of paper, mm. */
export interface Paper {
  readonly name: string;
  readonly widthMm: number;
  readonly heightMm: number;
}

export const PAPERS = {
  a4: { name: 'A4', widthMm: 210, heightMm: 297 },
  letter: { name: 'Letter', widthMm: 215.9, heightMm: 279.4 },
} as const satisfies Record<string, Paper>;

export type PaperId = keyof typeof PAPERS;

export const PAPER_IDS = Object.keys(PAPERS) as [PaperId, ...PaperId[]];

/** One printed page. */
export interface TemplatePage {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly title: string;
  readonly marks: readonly Mark[];
  /** The part of the page that marks of the drawing are kept to: left, top, width, height. */
  readonly window: readonly [number, number, number, number] | null;
  /** Marks outside the window: the ruler, what the page says. */
  readonly frame: readonly Mark[];
}

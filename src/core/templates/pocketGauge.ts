import type { FlatBlank, Outline, Point } from '../shapes/drawing';
import { PAPERS, type Mark, type Paper, type PaperId, type TemplatePage } from './page';
import { rulerMarks } from './ruler';

/** What a gauge shows round one mound. */
export interface GaugeInput {
  readonly title: string;
  readonly paper: PaperId;
  readonly blank: FlatBlank;
  /** Radius of the mound as laid and as settled, mm. */
  readonly laidMm: number;
  readonly settledMm: number;
  readonly neededLipMm: number;
  /** Doses and how wide each settles, g and mm: `9 g`, 20.2. */
  readonly doses: readonly { readonly name: string; readonly radiusMm: number }[];
}

const EDGE = 15;
/** The ruler and what is said beside it stand below. */
const FOOT = 24;
const TOP = 24;
const TEXT_MM = 3.6;
/** Room for the lines beside a blank, or below it. */
const SAID_MM = 62;
const SAID_BELOW_MM = 28;

const say = (
  x: number,
  y: number,
  text: string,
  how: { readonly bold?: boolean; readonly anchor?: 'middle' } = {},
): Mark => ({ kind: 'text', x, y, text, sizeMm: TEXT_MM, ...how });

/**
 * A pocket gauge at true size: the blank with its mound and the lip it needs, to hold beside a piece,
 * then dose circles to judge a spoonful by, on further pages where they are many or large.
 */
export function pocketGauge(from: GaugeInput): TemplatePage[] {
  const { widthMm, heightMm } = PAPERS[from.paper];
  const pages: Mark[][] = [[]];
  const put = (...marks: Mark[]) => pages[pages.length - 1]!.push(...marks);
  const piece = pieceMarks(from, PAPERS[from.paper]);
  put(...piece.marks);

  let x = EDGE;
  let y = piece.bottomY + 12;
  if (y + 6 > heightMm - FOOT) y = nextPage(pages);
  put(say(EDGE, y, 'Doses, as they settle', { bold: true }));
  y += 6;
  let tallest = 0;
  for (const { name, radiusMm } of from.doses) {
    const across = 2 * radiusMm;
    const below = across + 8;
    if (across > widthMm - 2 * EDGE) {
      // No page holds it: said, not drawn.
      if (x > EDGE) [x, y, tallest] = [EDGE, y + tallest + 14, 0];
      if (y + 8 > heightMm - FOOT) y = nextPage(pages);
      put(say(EDGE, y + 4, `${name} settles ${across.toFixed(0)} mm wide, more than this page`));
      y += 8;
      continue;
    }
    if (x + across > widthMm - EDGE) [x, y, tallest] = [EDGE, y + tallest + 14, 0];
    if (y + below > heightMm - FOOT) [x, y, tallest] = [EDGE, nextPage(pages), 0];
    put(
      { kind: 'circle', x: x + radiusMm, y: y + radiusMm, r: radiusMm, line: 'sheet' },
      say(x + radiusMm, y + across + 5, name, { anchor: 'middle' }),
    );
    x += across + 8;
    tallest = Math.max(tallest, across);
  }
  return pages.map((marks) => ({
    widthMm,
    heightMm,
    title: from.title,
    marks,
    window: null,
    frame: [
      say(EDGE, 16, from.title, { bold: true }),
      ...rulerMarks(EDGE, heightMm - 14),
      say(124, heightMm - 16, 'Print at 100 %; check the ruler.'),
    ],
  }));
}

/** Starts a page; gives where its first line stands. */
function nextPage(pages: Mark[][]): number {
  pages.push([]);
  return TOP;
}

/** The blank with its mound, the mound as laid, and the lip it needs; beside or below them, which is which. */
function pieceMarks(
  { blank, laidMm, settledMm, neededLipMm }: GaugeInput,
  { widthMm, heightMm }: Paper,
): { marks: Mark[]; bottomY: number } {
  const [mx, my] = blank.moundAt;
  const whole = boxOf(blank.outline);
  const fits =
    whole.high[0] - whole.low[0] <= widthMm - 2 * EDGE &&
    whole.high[1] - whole.low[1] <= heightMm - TOP - FOOT - SAID_BELOW_MM;
  if (!fits) {
    const says = say(EDGE, TOP + 4, 'The blank is larger than this page; its doses follow.');
    return { marks: [says], bottomY: TOP + 4 };
  }
  let drawn = whole;
  /** Takes more into the drawing where the page still holds it: what it does not belongs to a piece that fails. */
  const take = (points: Outline): boolean => {
    const box = boxOf([...points, drawn.low, drawn.high]);
    const [w, h] = [box.high[0] - box.low[0], box.high[1] - box.low[1]];
    if (w > widthMm - 2 * EDGE || h > heightMm - TOP - FOOT - SAID_BELOW_MM) return false;
    drawn = box;
    return true;
  };
  const mound = take(blank.mound) ? blank.mound : [];
  const rings = [laidMm, settledMm + neededLipMm].filter((r) =>
    take([
      [mx - r, my - r],
      [mx + r, my + r],
    ]),
  );
  const at = ([x, y]: Point) => [EDGE + x - drawn.low[0], TOP + drawn.high[1] - y] as const;
  const right = EDGE + drawn.high[0] - drawn.low[0];
  const bottom = TOP + drawn.high[1] - drawn.low[1];
  const beside = right + 8 + SAID_MM <= widthMm;
  const [sayX, sayY] = beside ? [right + 8, (TOP + bottom) / 2 - 8] : [EDGE, bottom + 8];
  const [cx, cy] = at(blank.moundAt);
  const marks: Mark[] = [
    { kind: 'outline', points: blank.outline.map(at), line: 'sheet' },
    ...(mound.length
      ? [{ kind: 'outline', points: mound.map(at), line: 'mound', fill: '#e8e3d2' } as const]
      : []),
    ...rings.map((r): Mark => ({
      kind: 'circle',
      x: cx,
      y: cy,
      r,
      line: r === laidMm ? 'mound' : 'cut',
    })),
    say(sayX, sayY, 'Grey: the mound, settled'),
    say(sayX, sayY + 6, `Thin ring: as laid, ${(2 * laidMm).toFixed(0)} mm across`),
    say(sayX, sayY + 12, `Dashed: lip it needs, ${neededLipMm.toFixed(1)} mm`),
    say(sayX, sayY + 18, 'Firm line: the blank'),
  ];
  return { marks, bottomY: Math.max(bottom, sayY + 18) };
}

/** Lower left and upper right corner of some points. */
function boxOf(points: Outline): { readonly low: Point; readonly high: Point } {
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  return {
    low: [Math.min(...xs), Math.min(...ys)],
    high: [Math.max(...xs), Math.max(...ys)],
  };
}

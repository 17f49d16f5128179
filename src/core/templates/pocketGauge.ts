import { type FlatBlank } from '../shapes/drawing';
import { PAPERS, type Mark, type PaperId, type TemplatePage } from './page';
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

/**
 * A pocket gauge at true size: the blank with its mound and the lip it needs, to hold beside a piece,
 * and a row of dose circles to judge a spoonful by.
 */
export function pocketGauge(from: GaugeInput): TemplatePage {
  const { widthMm, heightMm } = PAPERS[from.paper];
  const { blank, laidMm, settledMm, neededLipMm } = from;
  const xs = blank.outline.map(([x]) => x);
  const ys = blank.outline.map(([, y]) => y);
  const w = Math.max(...xs) - Math.min(...xs);
  const h = Math.max(...ys) - Math.min(...ys);
  const cx = Math.max(55, 15 + w / 2);
  const cy = 28 + h / 2;
  const at = ([x, y]: readonly [number, number]) => [cx + x, cy - y] as const;
  const [mx, my] = at(blank.moundAt);
  const say = (x: number, y: number, text: string, bold = false): Mark => ({
    kind: 'text',
    x,
    y,
    text,
    sizeMm: 3.6,
    bold,
  });
  const right = cx + w / 2 + 8;
  const marks: Mark[] = [
    { kind: 'outline', points: blank.outline.map(at), line: 'sheet' },
    { kind: 'outline', points: blank.mound.map(at), line: 'mound', fill: '#e8e3d2' },
    { kind: 'circle', x: mx, y: my, r: laidMm, line: 'mound' },
    { kind: 'circle', x: mx, y: my, r: settledMm + neededLipMm, line: 'cut' },
    say(right, cy - 8, 'Grey: the mound, settled'),
    say(right, cy - 2, `Thin ring: as laid, ${(2 * laidMm).toFixed(0)} mm across`),
    say(right, cy + 4, `Dashed: lip it needs, ${neededLipMm.toFixed(1)} mm`),
    say(right, cy + 10, 'Firm line: the blank'),
  ];
  let x = 15;
  let y = cy + Math.max(h / 2, settledMm + neededLipMm) + 22;
  marks.push(say(15, y - 8, 'Doses, as they settle', true));
  let tallest = 0;
  for (const { name, radiusMm } of from.doses) {
    if (x + 2 * radiusMm > widthMm - 15) {
      x = 15;
      y += tallest + 14;
      tallest = 0;
    }
    marks.push({ kind: 'circle', x: x + radiusMm, y: y + radiusMm, r: radiusMm, line: 'sheet' });
    marks.push({
      kind: 'text',
      x: x + radiusMm,
      y: y + 2 * radiusMm + 5,
      text: name,
      sizeMm: 3.6,
      anchor: 'middle',
    });
    x += 2 * radiusMm + 8;
    tallest = Math.max(tallest, 2 * radiusMm);
  }
  return {
    widthMm,
    heightMm,
    title: from.title,
    marks,
    window: null,
    frame: [
      say(15, 16, from.title, true),
      ...rulerMarks(15, heightMm - 14),
      say(124, heightMm - 16, 'Print at 100 %; check the ruler.'),
    ],
  };
}

import type { PlanResult } from '@/core/plan/evaluatePlan';
import type { BackPart } from '@/core/faults/cardBack';
import type { Plan } from '@/core/plan/document/schema';
import type { Outline } from '@/core/shapes/drawing';
import { PAPERS, type PaperId } from '@/core/templates/page';
import { sheetMarks } from '@/core/templates/sheetTemplate';
import { PT_PER_MM, startPdf, type Pdf, type Weight } from '@/server/pdf/document';
import type { CardContents, CardWeighed } from './cardContents';

const LEFT = 12;
const WIDE = 186;
const TOP = 10;
/** Left free at the foot of the paper, mm. */
const FOOT = 7;
/** The card is drawn for this width; wider paper has it in its middle. */
const DRAWN_WIDE = 210;
/** Letters are set as large as lets all of it stand on one page. */
const SCALES = [1.25, 1.15, 1.05, 1, 0.92, 0.84, 0.76] as const;
/** No smaller than can be read: what then does not fit goes on to a further page. */
const SMALLEST = 0.68;

/** A card being drawn at one size of letter. */
interface Sheet {
  readonly pdf: Pdf;
  readonly card: CardContents;
  /** Millimetres of a letter, at this scale. */
  readonly small: number;
  readonly body: number;
  readonly k: number;
}

/** Draws a part of the card from a height down, mm; returns where it ends. */
type Section = (sheet: Sheet, y: number) => number;

/** The bench card as one page; a very long one goes on to more. */
export async function cardPdf(
  plan: Plan,
  result: PlanResult,
  card: CardContents,
  cautions: readonly string[],
  { paper = 'a4', back = null }: { paper?: PaperId; back?: readonly BackPart[] | null } = {},
): Promise<Buffer> {
  const sections: readonly Section[] = [
    head,
    weighed,
    facts,
    ladder,
    (sheet, y) => drawings(sheet, plan, result, y),
    (sheet, y) => foot(sheet, cautions, y),
  ];
  for (const k of SCALES) {
    const sheet = startSheet(card, k, paper);
    const end = sections.reduce((y, draw) => draw(sheet, y) + 3 * k, TOP) - 3 * k;
    if (back) backPage(sheet, back, paper);
    const file = sheet.pdf.finish();
    if (end <= PAPERS[paper].heightMm - FOOT) return file;
    await file;
  }
  return onPages(sections, card, paper, back);
}

function startSheet(card: CardContents, k: number, paper: PaperId): Sheet {
  const pdf = startPdf(card.title);
  addPage(pdf, paper);
  return { pdf, card, small: 2.9 * k, body: 3.25 * k, k };
}

function addPage({ doc }: Pdf, paper: PaperId): void {
  const { widthMm, heightMm } = PAPERS[paper];
  doc.addPage({ size: [widthMm * PT_PER_MM, heightMm * PT_PER_MM], margin: 0 });
  doc.translate(((widthMm - DRAWN_WIDE) / 2) * PT_PER_MM, 0);
}

/** Each part whole, on a further page where it would run off this one. */
async function onPages(
  sections: readonly Section[],
  card: CardContents,
  paper: PaperId,
  back: readonly BackPart[] | null,
): Promise<Buffer> {
  const bottom = PAPERS[paper].heightMm - FOOT;
  const sheet = startSheet(card, SMALLEST, paper);
  // A part's height is known once it is drawn: first on a sheet that is thrown away.
  const tried = startSheet(card, SMALLEST, paper);
  let y = TOP;
  for (const draw of sections) {
    const height = draw(tried, TOP) - TOP;
    if (y > TOP && y + height > bottom) {
      addPage(sheet.pdf, paper);
      y = TOP;
    }
    y = draw(sheet, y) + 3 * SMALLEST;
  }
  await tried.pdf.finish();
  if (back) backPage(sheet, back, paper);
  return sheet.pdf.finish();
}

/** What goes wrong and what to do, in two columns on a page of its own. */
function backPage({ pdf, card }: Sheet, back: readonly BackPart[], paper: PaperId): void {
  addPage(pdf, paper);
  const [gap, small] = [6, 2.75];
  const w = (WIDE - gap) / 2;
  const bottom = PAPERS[paper].heightMm - FOOT;
  const top =
    TOP +
    2 +
    pdf.text(`${card.title}: what goes wrong`, {
      x: LEFT,
      y: TOP,
      sizeMm: 5,
      weight: 'bold',
      widthMm: WIDE,
    });
  let [x, y] = [LEFT, top];
  const room = (heightMm: number) => {
    if (y + heightMm <= bottom || x > LEFT) return;
    [x, y] = [LEFT + w + gap, top];
  };
  for (const { title, lines } of back) {
    room(26);
    y += 1 + pdf.text(title, { x, y: y + 1, sizeMm: 3.6, weight: 'bold', widthMm: w });
    rule(pdf, y, x, w, 0.15);
    y += 0.8;
    for (const { name, mostly, now } of lines) {
      room(15);
      y += pdf.text(name, { x, y, sizeMm: small, weight: 'bold', widthMm: w });
      y +=
        pdf.text(`Mostly: ${mostly.join('; ').toLowerCase()}. ${now}`, {
          x,
          y,
          sizeMm: small,
          widthMm: w,
        }) + 0.9;
    }
  }
}

function rule(pdf: Pdf, y: number, x = LEFT, w = WIDE, weightMm = 0.4): void {
  pdf.doc
    .undash()
    .lineWidth(weightMm * PT_PER_MM)
    .strokeColor('#000')
    .moveTo(x * PT_PER_MM, y * PT_PER_MM)
    .lineTo((x + w) * PT_PER_MM, y * PT_PER_MM)
    .stroke();
}

function head({ pdf, card, small, body, k }: Sheet, y: number): number {
  const titleH = pdf.text(card.title, {
    x: LEFT,
    y,
    sizeMm: (card.title.length > 50 ? 5 : 6.5) * k,
    weight: 'bold',
    widthMm: 118,
  });
  const fromH = pdf.text(card.from, { x: LEFT, y: y + titleH, sizeMm: body, widthMm: 118 });
  pdf.text(card.pieces, { x: 160, y: y - 1, sizeMm: 12, weight: 'bold', anchor: 'end' });
  pdf.text(card.counts, { x: 163, y: y + 1, sizeMm: small, widthMm: 35 });
  return Math.max(y + titleH + fromH, y + 15);
}

function table(
  { pdf, body, k }: Sheet,
  rows: readonly CardWeighed[],
  x: number,
  y: number,
  w: number,
): number {
  let at = y;
  for (const { name, g } of rows) {
    const h = pdf.text(name, { x, y: at, sizeMm: body, widthMm: w - 20 * k });
    pdf.text(g, { x: x + w, y: at, sizeMm: body, weight: 'bold', anchor: 'end' });
    at += h + 0.4 * k;
  }
  return at;
}

function weighed(sheet: Sheet, y: number): number {
  const { pdf, card, small, k } = sheet;
  const column = (
    title: string,
    { total, rows, says }: { total: string; rows: readonly CardWeighed[]; says: string },
    x: number,
    w: number,
  ) => {
    pdf.text(title, { x, y, sizeMm: 4.4 * k, weight: 'bold' });
    pdf.text(total, { x: x + w, y, sizeMm: 4.4 * k, weight: 'bold', anchor: 'end' });
    rule(pdf, y + 5.8 * k, x, w);
    const after = table(sheet, rows, x, y + 7 * k, w);
    return after + pdf.text(says, { x, y: after + 0.6, sizeMm: small, widthMm: w }) + 0.6;
  };
  const { dough, filling } = card;
  return Math.max(
    column('Dough', { ...dough, says: dough.holdBack + dough.says }, LEFT, 78),
    column('Filling', filling, LEFT + 86, WIDE - 86),
  );
}

function facts({ pdf, card, small, k }: Sheet, y: number): number {
  const w = WIDE / 4;
  let top = y;
  for (let row = 0; row < card.facts.length; row += 4) {
    rule(pdf, top, LEFT, WIDE, 0.15);
    const heights = card.facts.slice(row, row + 4).map(({ term, value, says }, i) => {
      const x = LEFT + i * w;
      const put = (text: string, dy: number, sizeMm: number, weight: Weight) =>
        pdf.text(text, { x, y: top + dy, sizeMm, weight, widthMm: w - 3 });
      const termH = 1 + put(term, 1, small, 'regular');
      const valueH = termH + put(value, termH, 4.6 * k, 'bold');
      return valueH + put(says, valueH, small, 'regular');
    });
    top += Math.max(...heights) + 1.5 * k;
  }
  return top;
}

function ladder({ pdf, card, body, k }: Sheet, y: number): number {
  const passes = `Passes: ${card.portions}`;
  let top = y + pdf.text(passes, { x: LEFT, y, sizeMm: body, weight: 'bold', widthMm: WIDE }) + 1;
  const perRow = Math.min(
    card.rungs.length,
    card.rungs.length > 10 ? Math.ceil(card.rungs.length / 2) : 10,
  );
  const w = WIDE / Math.max(1, perRow);
  for (let row = 0; row < card.rungs.length; row += perRow) {
    const rungs = card.rungs.slice(row, row + perRow);
    const heights = rungs.map(({ dial, does, leaves, long }, i) => {
      let at = top + 0.8;
      const put = (text: string, sizeMm: number, weight: Weight) => {
        at += pdf.text(text, { x: LEFT + i * w + 1, y: at, sizeMm, weight, widthMm: w - 2.5 });
      };
      put(dial, 3.8 * k, 'bold');
      put(does, 2.4 * k, 'regular');
      put(leaves, 2.4 * k, 'bold');
      put(long, 2.4 * k, 'regular');
      return at - top;
    });
    const h = Math.max(...heights) + 0.8;
    rungs.forEach((_, i) => {
      pdf.doc
        .undash()
        .lineWidth(0.2 * PT_PER_MM)
        .strokeColor('#777')
        .rect((LEFT + i * w) * PT_PER_MM, top * PT_PER_MM, (w - 1) * PT_PER_MM, h * PT_PER_MM)
        .stroke();
    });
    top += h + 1;
  }
  return top;
}

function polygon(
  pdf: Pdf,
  points: Outline,
  { scale, x, y, fill }: { scale: number; x: number; y: number; fill: string },
): void {
  pdf.doc
    .undash()
    .lineWidth(0.25 * PT_PER_MM)
    .strokeColor('#1c2422')
    .polygon(
      ...points.map(([px, py]): [number, number] => [
        (x + px * scale) * PT_PER_MM,
        (y - py * scale) * PT_PER_MM,
      ]),
    )
    .fillAndStroke(fill, '#1c2422');
}

function drawings(sheet: Sheet, plan: Plan, result: PlanResult, y: number): number {
  return Math.max(pieceDrawing(sheet, plan, result, y), layoutDrawing(sheet, result, y));
}

function pieceDrawing({ pdf, k }: Sheet, plan: Plan, result: PlanResult, y: number): number {
  const { section } = result.shape.drawing;
  const scale = Math.min(
    68 / (section.piece.toX - section.piece.fromX),
    32 / (section.top[1] - section.bottomY),
    2,
  );
  const at = {
    scale,
    x: LEFT + 36 - ((section.piece.fromX + section.piece.toX) / 2) * scale,
    y: y + 2 + section.top[1] * scale,
  };
  section.dough.forEach((outline) => polygon(pdf, outline, { ...at, fill: '#f0dca4' }));
  polygon(pdf, section.filling, { ...at, fill: plan.colour });
  const below = at.y - section.bottomY * scale + 2;
  const says = `The piece cut ${section.cut}, ${scale.toFixed(1)} times its size`;
  return below + pdf.text(says, { x: LEFT, y: below, sizeMm: 2.5 * k, widthMm: 74 });
}

function layoutDrawing({ pdf, card, small }: Sheet, result: PlanResult, y: number): number {
  const { laying, blank } = result.layout;
  const x = LEFT + 80;
  const room = WIDE - 80;
  const fit = Math.min(room / laying.lengthMm, 26 / laying.widthMm);
  let at = y + 2;
  if (laying.pieces > 0) {
    pdf.doc.save();
    pdf.doc.translate(x * PT_PER_MM, at * PT_PER_MM).scale(fit);
    sheetMarks(laying, blank).forEach((mark) => pdf.mark(mark));
    pdf.doc.restore();
    at += laying.widthMm * fit + 2;
  }
  const put = (text: string) => {
    at += pdf.text(text, { x, y: at, sizeMm: small, widthMm: room }) + 0.3;
  };
  put(card.layout);
  card.folding.forEach((step, i) => put(`${i + 1}. ${step}`));
  return at;
}

function foot({ pdf, card, body, k }: Sheet, cautions: readonly string[], y: number): number {
  let at = y;
  const put = (text: string, sizeMm: number, weight: Weight = 'regular') => {
    at += pdf.text(text, { x: LEFT, y: at, sizeMm, weight, widthMm: WIDE }) + 0.8 * k;
  };
  rule(pdf, at - 1, LEFT, WIDE, 0.15);
  put(`${card.weakest.title}. ${card.weakest.says} ${card.asks}`, body, 'bold');
  put(`${card.contains} Diet: ${card.diet}.`, body, 'bold');
  put(cautions.join(' '), 2.6 * k);
  if (card.note) put(card.note, body);
  const blanks =
    'Made ______   Burst ______   Dough left ______   Filling left ______   Date ________';
  return at + 2 + pdf.text(blanks, { x: LEFT, y: at + 2, sizeMm: body });
}

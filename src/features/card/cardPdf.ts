import type { PlanResult } from '@/core/plan/evaluatePlan';
import type { Plan } from '@/core/plan/schema';
import type { Outline } from '@/core/shapes/drawing';
import { sheetMarks } from '@/core/templates/sheetTemplate';
import { PT_PER_MM, startPdf, type Pdf } from '@/server/pdf/document';
import type { CardContents, CardWeighed } from './cardContents';

const LEFT = 12;
const WIDE = 186;
const BOTTOM = 290;
const SMALL = 2.9;
const BODY = 3.25;

/** The bench card as one A4 page. */
export async function cardPdf(
  plan: Plan,
  result: PlanResult,
  card: CardContents,
  cautions: readonly string[],
): Promise<Buffer> {
  const pdf = startPdf(card.title);
  pdf.doc.addPage({ size: [210 * PT_PER_MM, 297 * PT_PER_MM], margin: 0 });
  let y = head(pdf, card);
  y = weighed(pdf, card, y + 2);
  y = facts(pdf, card, y + 2);
  y = ladder(pdf, card, y + 2);
  y = drawings(pdf, plan, result, card, y + 2);
  foot(pdf, card, cautions, y + 2);
  return pdf.finish();
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

function head(pdf: Pdf, card: CardContents): number {
  const titleH = pdf.text(card.title, {
    x: LEFT,
    y: 10,
    sizeMm: card.title.length > 50 ? 5 : 6.5,
    weight: 'bold',
    widthMm: 118,
  });
  const fromH = pdf.text(card.from, { x: LEFT, y: 10 + titleH, sizeMm: BODY, widthMm: 118 });
  pdf.text(card.pieces, { x: 160, y: 9, sizeMm: 12, weight: 'bold', anchor: 'end' });
  pdf.text(card.counts, { x: 163, y: 11, sizeMm: SMALL, widthMm: 35 });
  return Math.max(10 + titleH + fromH, 25);
}

function table(pdf: Pdf, rows: readonly CardWeighed[], x: number, y: number, w: number): number {
  let at = y;
  for (const { name, g } of rows) {
    const h = pdf.text(name, { x, y: at, sizeMm: BODY, widthMm: w - 22 });
    pdf.text(g, { x: x + w, y: at, sizeMm: BODY, weight: 'bold', anchor: 'end' });
    at += h + 0.3;
  }
  return at;
}

function weighed(pdf: Pdf, card: CardContents, y: number): number {
  const column = (
    title: string,
    total: string,
    rows: readonly CardWeighed[],
    says: string,
    x: number,
    w: number,
  ) => {
    pdf.text(title, { x, y, sizeMm: 4.4, weight: 'bold' });
    pdf.text(total, { x: x + w, y, sizeMm: 4.4, weight: 'bold', anchor: 'end' });
    rule(pdf, y + 5.8, x, w);
    const after = table(pdf, rows, x, y + 7, w);
    return after + pdf.text(says, { x, y: after + 0.6, sizeMm: SMALL, widthMm: w }) + 0.6;
  };
  const { dough, filling } = card;
  return Math.max(
    column('Dough', dough.total, dough.rows, dough.holdBack + dough.says, LEFT, 78),
    column('Filling', filling.total, filling.rows, filling.says, LEFT + 86, WIDE - 86),
  );
}

function facts(pdf: Pdf, card: CardContents, y: number): number {
  const w = WIDE / 4;
  let top = y;
  for (let row = 0; row < card.facts.length; row += 4) {
    rule(pdf, top, LEFT, WIDE, 0.15);
    const heights = card.facts.slice(row, row + 4).map(({ term, value, says }, i) => {
      const x = LEFT + i * w;
      pdf.text(term, { x, y: top + 1, sizeMm: SMALL });
      const valueH = pdf.text(value, {
        x,
        y: top + 4.6,
        sizeMm: 4.6,
        weight: 'bold',
        widthMm: w - 3,
      });
      return (
        4.6 + valueH + pdf.text(says, { x, y: top + 4.6 + valueH, sizeMm: SMALL, widthMm: w - 3 })
      );
    });
    top += Math.max(...heights) + 1.5;
  }
  return top;
}

function ladder(pdf: Pdf, card: CardContents, y: number): number {
  const h = pdf.text(`Passes: ${card.portions}`, {
    x: LEFT,
    y,
    sizeMm: BODY,
    weight: 'bold',
    widthMm: WIDE,
  });
  const perRow = Math.min(
    card.rungs.length,
    card.rungs.length > 10 ? Math.ceil(card.rungs.length / 2) : 10,
  );
  const w = WIDE / Math.max(1, perRow);
  const rowH = 13;
  card.rungs.forEach(({ dial, does, leaves }, i) => {
    const x = LEFT + (i % perRow) * w;
    const top = y + h + 1 + Math.floor(i / perRow) * rowH;
    pdf.doc
      .undash()
      .lineWidth(0.2 * PT_PER_MM)
      .strokeColor('#777')
      .rect(x * PT_PER_MM, top * PT_PER_MM, (w - 1) * PT_PER_MM, (rowH - 1) * PT_PER_MM)
      .stroke();
    pdf.text(dial, { x: x + 1, y: top + 0.6, sizeMm: 3.8, weight: 'bold' });
    const doesH = pdf.text(does, { x: x + 1, y: top + 5.2, sizeMm: 2.3, widthMm: w - 3 });
    pdf.text(leaves, { x: x + 1, y: top + 5.2 + doesH, sizeMm: 2.2, widthMm: w - 2.5 });
  });
  return y + h + 1 + Math.ceil(card.rungs.length / Math.max(1, perRow)) * rowH;
}

function polygon(
  pdf: Pdf,
  points: Outline,
  scale: number,
  x: number,
  y: number,
  fill: string,
): void {
  pdf.doc
    .undash()
    .lineWidth(0.25 * PT_PER_MM)
    .strokeColor('#1c2422');
  pdf.doc.polygon(
    ...points.map(([px, py]): [number, number] => [
      (x + px * scale) * PT_PER_MM,
      (y - py * scale) * PT_PER_MM,
    ]),
  );
  pdf.doc.fillAndStroke(fill, '#1c2422');
}

function drawings(pdf: Pdf, plan: Plan, result: PlanResult, card: CardContents, y: number): number {
  const { section } = result.shape.drawing;
  const pieceW = section.piece.toX - section.piece.fromX;
  const pieceH = section.top[1] - section.bottomY;
  const scale = Math.min(68 / pieceW, 32 / pieceH, 2);
  const x = LEFT + 36 - ((section.piece.fromX + section.piece.toX) / 2) * scale;
  const base = y + 2 + section.top[1] * scale;
  section.dough.forEach((outline) => polygon(pdf, outline, scale, x, base, '#f0dca4'));
  polygon(pdf, section.filling, scale, x, base, plan.colour);
  pdf.text(`The piece cut ${section.cut}, ${scale.toFixed(1)} times its size`, {
    x: LEFT,
    y: base - section.bottomY * scale + 2,
    sizeMm: 2.5,
    widthMm: 74,
  });
  const leftEnd = base - section.bottomY * scale + 7;

  const { laying, blank } = result.layout;
  const right = LEFT + 80;
  const room = WIDE - 80;
  const fit = Math.min(room / laying.lengthMm, 26 / laying.widthMm);
  pdf.doc.save();
  pdf.doc.translate(right * PT_PER_MM, (y + 2) * PT_PER_MM).scale(fit);
  if (laying.pieces > 0) sheetMarks(laying, blank).forEach((mark) => pdf.mark(mark));
  pdf.doc.restore();
  let at = y + 3 + (laying.pieces > 0 ? laying.widthMm * fit : 0) + 1;
  at += pdf.text(card.layout, { x: right, y: at, sizeMm: SMALL, widthMm: room }) + 0.5;
  card.folding.forEach((step, i) => {
    at += pdf.text(`${i + 1}. ${step}`, { x: right, y: at, sizeMm: SMALL, widthMm: room }) + 0.2;
  });
  return Math.max(leftEnd, at);
}

function foot(pdf: Pdf, card: CardContents, cautions: readonly string[], y: number): void {
  const line = (text: string, sizeMm: number, weight: 'regular' | 'bold' = 'regular') => {
    at += pdf.text(text, { x: LEFT, y: at, sizeMm, weight, widthMm: WIDE }) + 0.6;
  };
  let at = y;
  rule(pdf, at - 1, LEFT, WIDE, 0.15);
  line(`${card.weakest.title}. ${card.weakest.says} ${card.asks}`, BODY, 'bold');
  line(`Allergens: ${card.allergens}. Diet: ${card.diet}.`, BODY, 'bold');
  line(cautions.join(' '), 2.6);
  // A long note gives way to the page: the plan keeps all of it.
  const room = Math.floor((BOTTOM - 8 - at) / (BODY * 1.28));
  const most = Math.max(0, room) * 105;
  if (card.note && most > 0) {
    line(card.note.length > most ? `${card.note.slice(0, most - 1)}…` : card.note, BODY);
  }
  pdf.text(
    'Made ______   Burst ______   Dough left ______   Filling left ______   Date ____________',
    {
      x: LEFT,
      y: Math.max(at + 1, BOTTOM - 5),
      sizeMm: BODY,
    },
  );
}

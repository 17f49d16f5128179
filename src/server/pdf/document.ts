import PDFDocument from 'pdfkit';
import { LINES, type Mark } from '@/core/templates/page';
import { runsOf, type Weight } from './faces';

/** Points of a PDF to a millimetre. */
export const PT_PER_MM = 72 / 25.4;

export type { Weight };

/** A PDF being written, measured in millimetres from the upper left corner of the page. */
export interface Pdf {
  readonly doc: PDFKit.PDFDocument;
  /** Writes one line; what does not fit the width is wrapped. Returns the height used, mm. */
  text(line: string, at: TextAt): number;
  /** Width of a line, mm. */
  widthOf(line: string, sizeMm: number, weight?: Weight): number;
  mark(mark: Mark): void;
  finish(): Promise<Buffer>;
}

export interface TextAt {
  readonly x: number;
  readonly y: number;
  readonly sizeMm: number;
  readonly weight?: Weight;
  readonly widthMm?: number;
  readonly anchor?: 'start' | 'middle' | 'end';
  readonly colour?: string;
}

/** Lines stand so far apart, in sizes of the letter. */
const LEADING = 1.28;

/** Starts a PDF without a page. */
export function startPdf(title: string): Pdf {
  const doc = new PDFDocument({
    autoFirstPage: false,
    info: { Title: title, Creator: 'Mortar Sheet' },
  });
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  const done = new Promise<Buffer>((resolve, reject) => {
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
  const registered = new Set<string>();
  /** A line in stretches, each with the name of a face that this document knows. */
  const runs = (line: string, weight: Weight) =>
    runsOf(line, weight).map(({ face: { name, bytes }, text }) => {
      if (!registered.has(name)) doc.registerFont(name, bytes);
      registered.add(name);
      return { face: name, text };
    });
  const widthOf = (line: string, sizeMm: number, weight: Weight = 'regular'): number =>
    runs(line, weight).reduce(
      (sum, { face, text }) =>
        sum +
        doc
          .font(face)
          .fontSize(sizeMm * PT_PER_MM)
          .widthOfString(text) /
          PT_PER_MM,
      0,
    );
  const wrap = (line: string, sizeMm: number, weight: Weight, widthMm: number): string[] => {
    const lines: string[] = [];
    let now = '';
    for (const word of line.split(/\s+/)) {
      const longer = now ? `${now} ${word}` : word;
      if (now && widthOf(longer, sizeMm, weight) > widthMm) {
        lines.push(now);
        now = word;
      } else {
        now = longer;
      }
    }
    return [...lines, now];
  };

  return {
    doc,
    widthOf,
    text(line, { x, y, sizeMm, weight = 'regular', widthMm, anchor = 'start', colour = '#000' }) {
      const lines = widthMm === undefined ? [line] : wrap(line, sizeMm, weight, widthMm);
      lines.forEach((each, i) => {
        const w = anchor === 'start' ? 0 : widthOf(each, sizeMm, weight);
        let left = x - (anchor === 'middle' ? w / 2 : w);
        for (const { face, text } of runs(each, weight)) {
          doc
            .font(face)
            .fontSize(sizeMm * PT_PER_MM)
            .fillColor(colour)
            .text(text, left * PT_PER_MM, (y + i * sizeMm * LEADING) * PT_PER_MM, {
              lineBreak: false,
            });
          left += doc.widthOfString(text) / PT_PER_MM;
        }
      });
      return lines.length * sizeMm * LEADING;
    },
    mark(mark) {
      const pt = (mm: number) => mm * PT_PER_MM;
      if (mark.kind === 'text') {
        // A mark's y is its base line, as in SVG.
        this.text(mark.text, {
          x: mark.x,
          y: mark.y - mark.sizeMm * 0.95,
          sizeMm: mark.sizeMm,
          ...(mark.bold && { weight: 'bold' as const }),
          ...(mark.anchor && { anchor: mark.anchor }),
        });
        return;
      }
      const { widthMm, dash } = LINES[mark.line];
      doc.lineWidth(pt(widthMm)).strokeColor('#000');
      if (dash) doc.dash(pt(dash[0]), { space: pt(dash[1]) });
      else doc.undash();
      if (mark.kind === 'line') {
        doc
          .moveTo(pt(mark.from[0]), pt(mark.from[1]))
          .lineTo(pt(mark.to[0]), pt(mark.to[1]))
          .stroke();
        return;
      }
      if (mark.kind === 'circle') doc.circle(pt(mark.x), pt(mark.y), pt(mark.r));
      else doc.polygon(...mark.points.map(([x, y]) => [pt(x), pt(y)]));
      if (mark.fill) doc.fillAndStroke(mark.fill, '#000');
      else doc.stroke();
    },
    finish() {
      doc.end();
      return done;
    },
  };
}

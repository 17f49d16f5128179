import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import * as fontkit from 'fontkit';
import PDFDocument from 'pdfkit';
import { LINES, type Mark } from '@/core/templates/page';

/** Points of a PDF to a millimetre. */
export const PT_PER_MM = 72 / 25.4;

const WEIGHTS = { regular: 400, bold: 700 } as const;

export type Weight = keyof typeof WEIGHTS;

/** The product's text face, in the two files that hold its letters. */
const SUBSETS = ['latin', 'latin-ext'] as const;

const PACKAGE = '@fontsource/atkinson-hyperlegible-next';

function fontFile(subset: (typeof SUBSETS)[number], weight: number): string {
  const root = dirname(
    createRequire(join(process.cwd(), 'package.json')).resolve(`${PACKAGE}/package.json`),
  );
  return join(root, 'files', `atkinson-hyperlegible-next-${subset}-${weight}-normal.woff`);
}

/** A font's file and what it holds, read once. */
interface FontKept {
  readonly bytes: Buffer;
  has(codePoint: number): boolean;
}

const fonts = new Map<string, FontKept>();

function fontOf(file: string): FontKept {
  const known = fonts.get(file);
  if (known) return known;
  const bytes = readFileSync(file);
  const font = fontkit.create(bytes);
  const kept: FontKept = {
    bytes,
    has: (codePoint) => 'hasGlyphForCodePoint' in font && font.hasGlyphForCodePoint(codePoint),
  };
  fonts.set(file, kept);
  return kept;
}

interface Face {
  readonly name: string;
  has(codePoint: number): boolean;
}

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
  const faces = Object.fromEntries(
    (Object.keys(WEIGHTS) as Weight[]).map((weight) => [
      weight,
      SUBSETS.map((subset): Face => {
        const { bytes, has } = fontOf(fontFile(subset, WEIGHTS[weight]));
        const name = `${subset}-${weight}`;
        doc.registerFont(name, bytes);
        return { name, has };
      }),
    ]),
  ) as Record<Weight, Face[]>;

  /** Runs of letters that one file holds; a letter that none holds is written as a question mark. */
  const runs = (line: string, weight: Weight) => {
    const found: { face: string; text: string }[] = [];
    for (const letter of line) {
      const face = faces[weight].find((each) => each.has(letter.codePointAt(0) ?? 0));
      const text = face ? letter : '?';
      const name = face?.name ?? faces[weight][0]!.name;
      const last = found[found.length - 1];
      if (last?.face === name) last.text += text;
      else found.push({ face: name, text });
    }
    return found;
  };
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

import { buyText } from '@/core/formats/shoppingFile';
import { SHARED_EQUIPMENT } from '@/core/plan/contentsText';
import type { UnitPreferences } from '@/core/units/preferences';
import type { DayPaper, DaySheet } from '@/core/schedule/paper';
import type { PaperId } from '@/core/templates/page';
import { PAPERS } from '@/core/templates/page';
import { DIET_NAMES } from '@/features/plan/contentsWords';
import { PT_PER_MM, startPdf, type Pdf } from '@/server/pdf/document';
import { dayName } from './dayName';

const MARGIN = 14;

/** A page being filled from its top. */
interface Filling {
  readonly pdf: Pdf;
  readonly wide: number;
  readonly low: number;
  y: number;
  page(): void;
}

function fill(pdf: Pdf, paper: PaperId): Filling {
  const { widthMm, heightMm } = PAPERS[paper];
  const filling: Filling = {
    pdf,
    wide: widthMm - 2 * MARGIN,
    low: heightMm - MARGIN,
    y: MARGIN,
    page() {
      pdf.doc.addPage({ size: [widthMm * PT_PER_MM, heightMm * PT_PER_MM], margin: 0 });
      filling.y = MARGIN;
    },
  };
  return filling;
}

/** Writes a line, on a further page where this one is full. */
function put(
  on: Filling,
  text: string,
  {
    sizeMm,
    weight = 'regular',
    x = 0,
    gap = 0.8,
  }: { sizeMm: number; weight?: 'regular' | 'bold'; x?: number; gap?: number },
): void {
  if (on.y + sizeMm * 2.6 > on.low) on.page();
  on.y += on.pdf.text(text, { x: MARGIN + x, y: on.y, sizeMm, weight, widthMm: on.wide - x }) + gap;
}

/** Draws a day's sheets: lists for people in large print, bowls, allergens, or labels. */
export function dayPdf(
  contents: DayPaper,
  sheet: DaySheet,
  { paper = 'a4', units }: { paper?: PaperId; units: UnitPreferences },
): Promise<Buffer> {
  const pdf = startPdf(`${contents.title}: ${sheet}`);
  const on = fill(pdf, paper);
  DRAW[sheet](on, contents, units);
  return pdf.finish();
}

const DRAW: Readonly<
  Record<DaySheet, (on: Filling, contents: DayPaper, units: UnitPreferences) => void>
> = {
  /** One page for each, to be read from where they stand. */
  people(on, { title, nightBefore, people, cautions }) {
    for (const { name, lines } of people) {
      on.page();
      put(on, name, { sizeMm: 9, weight: 'bold', gap: 0.5 });
      put(on, title, { sizeMm: 4, gap: 4 });
      for (const line of nightBefore) put(on, line, { sizeMm: 5.5, weight: 'bold', gap: 1.5 });
      let date = '';
      if (lines.length === 0) put(on, 'Nothing to do.', { sizeMm: 5.5 });
      for (const line of lines) {
        if (line.date !== date) {
          date = line.date;
          put(on, dayName(date), { sizeMm: 5.5, weight: 'bold', gap: 1.5 });
        }
        put(on, `${line.from} to ${line.to}   ${line.does}`, {
          sizeMm: 5.5,
          weight: 'bold',
          gap: 0.2,
        });
        put(on, line.says, { sizeMm: 4.2, x: 6, gap: 2.6 });
      }
      put(on, cautions.slice(0, 4).join(' '), { sizeMm: 3, gap: 0 });
    }
    if (people.length === 0) on.page();
  },
  bowls(on, { title, bowls }) {
    on.page();
    put(on, `${title}: bowls`, { sizeMm: 7, weight: 'bold', gap: 3 });
    for (const { title: bowl, rows, shares } of bowls) {
      put(on, bowl, { sizeMm: 5, weight: 'bold', gap: 1 });
      for (const { name, amount } of rows) {
        put(on, `${amount}   ${name}`, { sizeMm: 4.2, x: 3, gap: 0.4 });
      }
      for (const share of shares) put(on, share, { sizeMm: 4.2, x: 3, weight: 'bold', gap: 0.4 });
      on.y += 3;
    }
  },
  shopping(on, { title, shopping }, units) {
    on.page();
    put(on, `${title}: to buy`, { sizeMm: 7, weight: 'bold', gap: 3 });
    let aisle = '';
    for (const line of shopping) {
      if (line.aisle !== aisle) {
        aisle = line.aisle;
        put(on, aisle, { sizeMm: 4.6, weight: 'bold', gap: 0.8 });
      }
      put(on, `${buyText(line, units)}   ${line.name}`, { sizeMm: 4.2, x: 3, gap: 0.4 });
    }
  },
  allergens(on, { title, allergens, cautions }) {
    on.page();
    put(on, `${title}: allergens`, { sizeMm: 7, weight: 'bold', gap: 3 });
    for (const { name, date, time, contains, diet, conflicts } of allergens) {
      put(on, name, { sizeMm: 5.5, weight: 'bold', gap: 0.3 });
      put(on, `${dayName(date)} ${time}`, { sizeMm: 4, gap: 0.3 });
      put(on, contains, { sizeMm: 5, gap: 0.3 });
      for (const each of conflicts) put(on, each, { sizeMm: 5, weight: 'bold', gap: 0.3 });
      put(on, `Diet: ${DIET_NAMES[diet as keyof typeof DIET_NAMES]}.`, { sizeMm: 4.2, gap: 3.5 });
    }
    put(on, `${SHARED_EQUIPMENT} Local food codes come first.`, {
      sizeMm: 4.2,
      weight: 'bold',
      gap: 2,
    });
    put(on, cautions.join(' '), { sizeMm: 3.2 });
  },
  labels(on, { labels }) {
    const { pdf } = on;
    const [across, down, gap] = [2, 5, 4];
    const w = (on.wide - gap) / across;
    const h = (on.low - MARGIN - (down - 1) * gap) / down;
    if (labels.length === 0) on.page();
    labels.forEach((label, i) => {
      const at = i % (across * down);
      if (at === 0) on.page();
      const x = MARGIN + (at % across) * (w + gap);
      const y = MARGIN + Math.floor(at / across) * (h + gap);
      pdf.doc
        .undash()
        .lineWidth(0.2 * PT_PER_MM)
        .strokeColor('#888')
        .rect(x * PT_PER_MM, y * PT_PER_MM, w * PT_PER_MM, h * PT_PER_MM)
        .stroke();
      let top = y + 2.5;
      const line = (text: string, sizeMm: number, weight: 'regular' | 'bold' = 'regular') => {
        top += pdf.text(text, { x: x + 3, y: top, sizeMm, weight, widthMm: w - 6 }) + 0.6;
      };
      line(label.title, 4.4, 'bold');
      line(label.count, 4, 'bold');
      line(`Made ${dayName(label.made)}. Use by ${dayName(label.useBy)}.`, 3.2);
      line(label.contains, 3.2, 'bold');
      line(`${label.cook} Local food codes come first.`, 2.9);
    });
  },
};

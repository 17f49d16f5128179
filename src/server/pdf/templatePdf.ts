import type { TemplatePage } from '@/core/templates/page';
import { PT_PER_MM, startPdf } from './document';

/** Template pages as one PDF at true size. */
export function templatePdf(pages: readonly TemplatePage[], title: string): Promise<Buffer> {
  const pdf = startPdf(title);
  for (const { widthMm, heightMm, marks, window, frame } of pages) {
    pdf.doc.addPage({ size: [widthMm * PT_PER_MM, heightMm * PT_PER_MM], margin: 0 });
    pdf.doc.save();
    if (window) {
      const [x, y, w, h] = window.map((mm) => mm * PT_PER_MM) as [number, number, number, number];
      pdf.doc.rect(x, y, w, h).clip();
    }
    marks.forEach((mark) => pdf.mark(mark));
    pdf.doc.restore();
    frame.forEach((mark) => pdf.mark(mark));
  }
  return pdf.finish();
}

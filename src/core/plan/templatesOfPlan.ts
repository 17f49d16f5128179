import { makePiece } from '../shapes/piece';
import type { Pantry } from '../composition/pantry';
import { pocketGauge } from '../templates/pocketGauge';
import type { PaperId, TemplatePage } from '../templates/page';
import { sheetMarks, sheetPages, moved } from '../templates/sheetTemplate';
import { rulerMarks } from '../templates/ruler';
import { typedPiece } from './context';
import { planFigures } from './evaluatePlan';
import type { Plan } from './schema';

/** What can be printed at true size. */
export const TEMPLATES = ['sheet', 'gauge'] as const;

export type TemplateId = (typeof TEMPLATES)[number];

/**
 * The plan's sheet tiled over paper, or its pocket gauge, at true size.
 * @returns no pages when no blank fits the sheet
 */
export function templatePages(
  plan: Plan,
  pantry: Pantry,
  { template, paper }: { template: TemplateId; paper: PaperId },
): TemplatePage[] {
  const figures = planFigures(plan, pantry);
  const { laying, blank } = figures.layout;
  if (template === 'sheet') {
    return laying.pieces > 0 ? sheetPages(laying, blank, { paper, title: plan.name }) : [];
  }
  const { mound, neededLipMm, doseG } = figures.shape;
  const piece = { ...typedPiece(plan, pantry), thicknessMm: figures.sheet.thicknessMm };
  const around = [0.5, 0.75, 1, 1.25, 1.5].map((times) => Math.round(doseG * times * 10) / 10);
  return pocketGauge({
    title: `${plan.name}: pocket gauge`,
    paper,
    blank,
    laidMm: mound.laidRadiusMm,
    settledMm: mound.radiusMm,
    neededLipMm,
    doses: [...new Set(around)]
      .filter((g) => g > 0)
      .map((g) => ({
        name: `${g} g`,
        radiusMm: makePiece({ ...piece, doseG: g }).mound.radiusMm,
      })),
  });
}

/** The whole sheet on one page as large as itself, with its ruler: for cutting out or a large printer. */
export function wholeSheetPage(plan: Plan, pantry: Pantry): TemplatePage | null {
  const { laying, blank } = planFigures(plan, pantry).layout;
  if (laying.pieces < 1) return null;
  const margin = 10;
  return {
    widthMm: Math.max(laying.lengthMm, 110) + 2 * margin,
    heightMm: laying.widthMm + 2 * margin + 14,
    title: plan.name,
    marks: sheetMarks(laying, blank).map((mark) => moved(mark, margin, margin)),
    window: null,
    frame: [
      ...rulerMarks(margin, laying.widthMm + margin + 14),
      {
        kind: 'text',
        x: margin + 112,
        y: laying.widthMm + margin + 14,
        text: plan.name,
        sizeMm: 4,
      },
    ],
  };
}

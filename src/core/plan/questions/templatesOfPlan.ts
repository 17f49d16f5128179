import { footprintRadius } from '../../shapes/mound';
import { makePiece } from '../../shapes/piece';
import type { Basis } from '../../basis/basis';
import { pocketGauge } from '../../templates/pocketGauge';
import type { PaperId, TemplatePage } from '../../templates/page';
import { sheetMarks, sheetPages, moved } from '../../templates/sheetTemplate';
import { rulerMarks } from '../../templates/ruler';
import { figuresOf } from '../model/figures';
import { modelOf } from '../../risk/modelOf';
import type { Plan } from '../document/schema';

/** What can be printed at true size. */
export const TEMPLATES = ['sheet', 'gauge'] as const;

export type TemplateId = (typeof TEMPLATES)[number];

/**
 * The plan's sheet tiled over paper, or its pocket gauge, at true size.
 * @returns no pages when no blank fits the sheet
 */
export function templatePages(
  plan: Plan,
  basis: Basis,
  { template, paper }: { template: TemplateId; paper: PaperId },
): TemplatePage[] {
  const model = modelOf(plan, basis);
  const figures = figuresOf(model);
  const { laying, blank } = figures.layout;
  if (template === 'sheet') {
    return laying.pieces > 0 ? sheetPages(laying, blank, { paper, title: plan.name }) : [];
  }
  const { mound, neededLipMm, doseG } = figures.shape;
  // Sizes as typed: a dead heat's own blank is drawn when it has been taken.
  const piece = { ...model.piece.input, size: plan.shape };
  const around = [0.5, 0.75, 1, 1.25, 1.5].map((times) => Math.round(doseG * times * 10) / 10);
  return pocketGauge({
    title: `${plan.name}: pocket gauge`,
    paper,
    blank,
    laidMm: (mound.laidRadiusMm * footprintRadius(mound)) / mound.radiusMm,
    settledMm: footprintRadius(mound),
    neededLipMm,
    doses: [...new Set(around)]
      .filter((g) => g > 0)
      .map((g) => ({
        name: `${g} g`,
        radiusMm: footprintRadius(makePiece({ ...piece, doseG: g }, basis.rules).mound),
      })),
  });
}

/** The whole sheet on one page as large as itself, with its ruler: for cutting out or a large printer. */
export function wholeSheetPage(plan: Plan, basis: Basis): TemplatePage | null {
  const { laying, blank } = figuresOf(modelOf(plan, basis)).layout;
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

import { batchYield } from '../batch/yield';
import type { Batch } from '../batch/solveBatch';
import { gridLayout } from '../layout/squareLayout';
import { pressedEdge } from '../shapes/finish';
import { doughFigures } from './doughFigures';
import { makePiece, smallestSize } from '../shapes/piece';
import { plannedSheets } from '../sheet/plannedSheets';
import { seenThrough } from '../sheet/seenThrough';
import { nearestSetting } from '../sheet/setting';
import { safeCore } from './safeCore';
import { contentsOf } from './contents';
import { doseBand, type PlanContext } from './context';
import { fillingFigures } from './fillingFigures';
import { remediesFor } from './remedies';
import { stateOfMargin } from './state';

/** The figures of a plan, before states and workings are added. */
export type PlanFigures = ReturnType<typeof figuresOf>;

/** Gathers every figure of a plan from its context and its batch. */
export function figuresOf(context: PlanContext, batch: Batch) {
  const { plan, pantry, composition, piece: pieceInput, terms } = context;
  const piece = makePiece(pieceInput);
  const { family, size, thicknessMm, doseG } = pieceInput;
  const link = piece.margins.lip <= piece.margins.thinning ? 'lip' : 'thinning';
  const margin = piece.margins[link];
  const widthMm = Math.min(plan.sheet.widthMm, plan.sheet.roller.widthMm);
  const sheets = plannedSheets({
    doughG: batch.dough.inG - batch.dough.leftoverG,
    widthMm,
    thicknessMm,
    benchMm: plan.sheet.benchMm,
  });
  const blank = family.blank(size, piece.mound);
  const grid = gridLayout({
    // Two layers in register come from one sheet laid over itself.
    lengthMm: sheets.lengthMm / blank.layers,
    widthMm,
    alongMm: blank.alongMm,
    acrossMm: blank.acrossMm,
    gapMm: 0,
  });
  const setting = nearestSetting(plan.sheet.roller, thicknessMm);
  const weighedG = batch.dough.inG - context.addedDoughG;
  const dough = doughFigures(plan, pantry, weighedG);
  const pressedMm = pressedEdge(pieceInput.finish, thicknessMm);
  return {
    name: plan.name,
    wayIn: plan.batch.wayIn,
    pieces: batch.counts.made,
    portions: batch.portions,
    counts: batch.counts,
    dough: {
      totalG: batch.dough.inG,
      perPieceG: piece.doughG,
      ...dough,
    },
    filling: {
      totalG: batch.filling.inG,
      perPieceG: doseG,
      ...fillingFigures(plan, pantry, { composition, totalG: batch.filling.inG, doseG }),
      /** What is left in the bowl after the pieces, and how many more it would fill. */
      leftFills: Math.floor(batch.filling.leftoverG / doseG + 1e-9),
    },
    /** Dough to filling in one piece, by weight. */
    ratio: piece.doughG / doseG,
    leftover: { doughG: batch.dough.leftoverG, fillingG: batch.filling.leftoverG },
    ledger: { dough: batch.dough, filling: batch.filling },
    yield: batchYield(terms),
    sheet: {
      thicknessMm,
      setting: setting.label,
      between: setting.between,
      nearestMm: setting.mm,
      bandMm: family.thicknessBandMm,
      seen: seenThrough(thicknessMm),
      count: sheets.count,
      massG: sheets.massG,
      lengthMm: sheets.lengthMm,
      widthMm,
      grid,
      gridShare:
        sheets.count > 0
          ? (grid.count * blank.alongMm * blank.acrossMm * blank.layers) /
            (sheets.lengthMm * widthMm)
          : 0,
      blank,
    },
    shape: {
      family: plan.shape.family,
      name: family.name,
      sizeMm: size.sizeMm,
      pitchMm: size.pitchMm,
      doseG,
      lipMm: piece.lipMm,
      neededLipMm: piece.neededLipMm,
      overTopMm: piece.overTopMm,
      mound: piece.mound,
      doseBandG: doseBand(pieceInput),
      smallestSizeMm: smallestSize(pieceInput),
      drawing: family.draw(size, piece.mound, { thicknessMm, pressedMm }),
    },
    edge: {
      pressedMm,
      /** Minutes to soften, rules: 6 (e/2)² for the edge, 6 t² for the face. */
      softMin: 6 * (pressedMm / 2) ** 2,
      faceMin: 6 * thicknessMm ** 2,
    },
    saltG: plan.boil.waterL * plan.boil.saltGPerL,
    safeCore: safeCore(plan, pantry),
    contents: contentsOf(plan, pantry),
    allergens: contentsOf(plan, pantry).piece.allergens,
    margins: piece.margins,
    weakestLink: {
      name: link as 'lip' | 'thinning',
      margin,
      state: stateOfMargin(margin),
      remedies: remediesFor(plan, pieceInput),
    },
    deadHeat: context.deadHeat,
  };
}

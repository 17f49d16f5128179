import { batchYield } from '../batch/yield';
import { trimPortions } from '../batch/trimUse';
import { doesNotFit } from '../layout/doesNotFit';
import { pressedEdge } from '../shapes/finish';
import { doughFigures } from './doughFigures';
import { makePiece, smallestSize } from '../shapes/piece';
import { LAST_REPEATS } from '../sheet/passes';
import { rolledQuality } from '../sheet/reroll';
import { seenThrough } from '../sheet/seenThrough';
import { nearestSetting } from '../sheet/setting';
import { safeCore } from './safeCore';
import { contentsOf } from './contents';
import type { PlanBatch } from './batchOfPlan';
import { doseBand, type PlanContext } from './context';
import { fillingFigures } from './fillingFigures';
import { layingFor } from './layingFor';
import { sheetWork } from './sheetWork';
import { weakestLink } from './weakestLink';

/** The figures of a plan, before states and workings are added. */
export type PlanFigures = ReturnType<typeof figuresOf>;

/** Gathers every figure of a plan from its context and its batch. */
export function figuresOf(context: PlanContext, { batch, run, madeUpG }: PlanBatch) {
  const { plan, pantry, composition, piece: pieceInput, terms } = context;
  const piece = makePiece(pieceInput);
  const { family, size, thicknessMm, doseG } = pieceInput;
  // A dough that gives less than one full sheet shows the sheet it does give.
  const [first] = run.rollings;
  const laying =
    first && first.full === 0 && first.short
      ? layingFor(plan, pieceInput, first.short.lengthMm)
      : context.laying;
  const weighedG = batch.dough.inG - context.addedDoughG;
  const dough = doughFigures(plan, pantry, weighedG);
  const setting = nearestSetting(plan.sheet.roller, thicknessMm, dough.springBack);
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
      count: run.sheets,
      massG: laying.massG / laying.sheets,
      lengthMm: laying.lengthMm,
      widthMm: laying.widthMm,
      ...sheetWork(plan, pieceInput, laying, dough.now),
    },
    layout: {
      laying,
      way: laying.way,
      arrangement: laying.arrangement?.id ?? null,
      /** Pieces from one full laying, and the share of its dough they are. */
      pieces: laying.pieces,
      share: laying.share,
      stacks: laying.stacks,
      inStack: laying.arrangement?.even.length ?? 0,
      blank: family.blank(size, piece.mound),
      doesNotFit: doesNotFit(laying),
      /** Whether the batch counts on this share, or on one of the cook's own. */
      counted: plan.batch.usedShare === undefined,
      rollings: run.rollings,
      madeUpG,
    },
    trim: {
      /** Fit to use after the last rolling, g, and what it becomes. */
      g: run.endsG,
      spoiltG: run.spoiltG,
      use: plan.batch.trimTo,
      portions: trimPortions(run.endsG, plan.batch.trimTo),
      /** How each rolling rolls, the dough itself first. */
      quality: run.rollings.map(({ generation }) =>
        rolledQuality(generation, {
          hydration: dough.hydration,
          target: dough.target,
          glutenRatio: dough.makeup.glutenRatio,
          fatShare: dough.makeup.fatShare,
          development: dough.ready.development,
          roomC: plan.dough.roomC,
          repeats: LAST_REPEATS[plan.sheet.passes],
          speed: plan.sheet.speed,
          springBack: dough.springBack,
        }),
      ),
    },
    shape: {
      family: plan.shape.family,
      name: family.name,
      sizeMm: size.sizeMm,
      pitchMm: size.pitchMm,
      acrossMm: size.acrossMm,
      pocketMm: size.pocketMm,
      depthMm: size.depthMm,
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
    weakestLink: weakestLink(piece),
    deadHeat: context.deadHeat,
  };
}

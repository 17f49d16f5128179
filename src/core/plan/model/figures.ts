import { rolledShare } from '../../batch/batch';
import type { DeadHeat } from '../../batch/deadHeat';
import type { DoughLedger, FillingLedger, PieceCounts } from '../../batch/ledger';
import type { Rolling } from '../../batch/rolled';
import { trimPortions, type TrimUse } from '../../batch/trimUse';

import type { ArrangementId } from '../../layout/arrangements';
import type { DoesNotFit } from '../../layout/doesNotFit';
import { doesNotFit } from '../../layout/doesNotFit';
import type { Laying } from '../../layout/laying';
import type { SheetWay } from '../../layout/sheetWay';
import type { FlatBlank, PieceDrawing } from '../../shapes/drawing';
import type { FamilyId } from '../../shapes/families';
import { pressedEdge } from '../../shapes/finish';
import type { Mound } from '../../shapes/mound';
import { doseBand, smallestSize } from '../../shapes/piece';
import type { DustEffect } from '../../sheet/dust';
import type { FillTime } from '../../sheet/fillTime';
import { LAST_REPEATS } from '../../sheet/passes';
import { rolledQuality, type RolledQuality } from '../../sheet/reroll';
import { seenThrough } from '../../sheet/lightTest';
import { lazily } from '../../working/lazy';
import type { Plan } from '../document/schema';
import { contentsOf, type PlanContents } from './contents';
import type { BoilStage } from './boil';
import type { DoughStage } from './dough';
import { holdResult, type HoldResult } from './holdResult';
import { fillingFigures, type FillingFigures } from './fillingFigures';
import type { PlanModel } from './model';
import { safeCore, type SafeCore } from './safeCore';

/** The dough of a batch, and of one piece. */
export interface DoughResult extends DoughStage {
  readonly totalG: number;
  readonly perPieceG: number;
}

/** The filling of a batch, and of one piece. */
export interface FillingResult extends FillingFigures {
  readonly totalG: number;
  readonly perPieceG: number;
  /** Pieces that what is left in the bowl would still fill. */
  readonly leftFills: number;
}

/** The sheet as it is rolled. */
export interface SheetResult {
  readonly thicknessMm: number;
  /** The dial's step that comes nearest, spring-back counted. */
  readonly setting: string;
  readonly between: boolean;
  readonly nearestMm: number;
  readonly bandMm: readonly [number, number];
  readonly seen: string;
  readonly count: number;
  readonly massG: number;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly fill: FillTime;
  readonly dust: DustEffect;
}

/** How the pieces lie on the sheet. */
export interface LayoutResult {
  readonly laying: Laying;
  readonly way: SheetWay;
  readonly arrangement: ArrangementId | null;
  /** Pieces from one full laying, and the share of its dough they are. */
  readonly pieces: number;
  readonly share: number;
  readonly stacks: number;
  readonly inStack: number;
  readonly blank: FlatBlank;
  readonly doesNotFit: DoesNotFit | null;
  /** Whether the batch counts on this share, or on one of the cook's own. */
  readonly counted: boolean;
  readonly rollings: readonly Rolling[];
  readonly madeUpG: number;
}

/** What is trimmed off, and what becomes of it. */
export interface TrimResult {
  /** Fit to use after the last rolling, g. */
  readonly g: number;
  readonly spoiltG: number;
  readonly use: TrimUse;
  readonly portions: number;
  /** How each rolling rolls, the dough itself first. */
  readonly quality: readonly RolledQuality[];
}

/** The piece. */
export interface ShapeResult {
  readonly family: FamilyId;
  readonly name: string;
  readonly sizeMm: number;
  readonly pitchMm: number;
  readonly acrossMm: number;
  readonly pocketMm: number;
  readonly depthMm: number;
  readonly doseG: number;
  readonly lipMm: number;
  readonly neededLipMm: number;
  readonly overTopMm: number;
  readonly mound: Mound;
  readonly doseBandG: readonly [number, number] | null;
  readonly smallestSizeMm: number | null;
  readonly drawing: PieceDrawing;
}

/** The sealed edge. */
export interface EdgeResult {
  readonly pressedMm: number;
}

/** Every figure of a plan, before it is judged. */
export interface PlanFigures {
  readonly name: string;
  readonly wayIn: Plan['batch']['wayIn'];
  readonly pieces: number;
  readonly portions: number;
  readonly counts: PieceCounts;
  /** Share of pieces counted on as lost, and whether it is reckoned or as the cook set it. */
  readonly breakageShare: number;
  readonly breakageReckoned: boolean;
  readonly dough: DoughResult;
  readonly filling: FillingResult;
  /** Dough to filling in one piece, by weight. */
  readonly ratio: number;
  readonly leftover: { readonly doughG: number; readonly fillingG: number };
  readonly ledger: { readonly dough: DoughLedger; readonly filling: FillingLedger };
  readonly yield: number;
  readonly sheet: SheetResult;
  readonly layout: LayoutResult;
  readonly trim: TrimResult;
  readonly shape: ShapeResult;
  readonly edge: EdgeResult;
  readonly hold: HoldResult;
  readonly boil: BoilStage;
  readonly saltG: number;
  readonly safeCore: SafeCore;
  readonly contents: PlanContents;
  /** What the plan's dose and thickness come out as in this kitchen. */
  readonly comesOut: { readonly doseG: number; readonly thicknessMm: number };
  readonly allergens: readonly string[];
  readonly deadHeat: DeadHeat | null;
}

/** Gathers every figure of a plan from its model; outlines are drawn when they are asked for. */
export function figuresOf(model: PlanModel): PlanFigures {
  const { plan, basis } = model;
  const { batch } = model.batch;
  const { doseG } = model.piece.input;
  const contents = contentsOf(plan, basis.pantry, basis.alsoHandles);
  return {
    name: plan.name,
    wayIn: plan.batch.wayIn,
    pieces: batch.counts.made,
    portions: batch.portions,
    counts: batch.counts,
    breakageShare: model.breakage.share,
    breakageReckoned: model.breakage.reckoned,
    dough: {
      totalG: batch.dough.inG,
      perPieceG: model.piece.made.doughG,
      ...model.dough,
    },
    filling: {
      totalG: batch.filling.inG,
      perPieceG: doseG,
      ...fillingFigures(model),
      leftFills: Math.floor(batch.filling.leftoverG / doseG + 1e-9),
    },
    ratio: model.piece.made.doughG / doseG,
    leftover: { doughG: batch.dough.leftoverG, fillingG: batch.filling.leftoverG },
    ledger: { dough: batch.dough, filling: batch.filling },
    yield: yieldOf(model),
    sheet: sheetResult(model),
    layout: layoutResult(model),
    trim: trimResult(model),
    shape: shapeResult(model),
    edge: {
      pressedMm: pressedEdge(model.piece.input.finish, model.piece.input.thicknessMm, basis.rules),
    },
    hold: holdResult(model),
    boil: model.boil,
    saltG: plan.boil.waterL * plan.boil.saltGPerL,
    safeCore: safeCore(plan, basis.pantry),
    contents,
    comesOut: {
      doseG: model.batch.terms.doseG,
      thicknessMm: model.piece.input.thicknessMm * basis.rules['batch.thicker'].value,
    },
    allergens: contents.piece.allergens,
    deadHeat: model.piece.heat,
  };
}

/** Share of the dough rolled that ends in pieces; by the terms when nothing is rolled. */
function yieldOf({ batch: { batch, terms } }: PlanModel): number {
  const { inG, leftoverG, endTrimG, stuckG } = batch.dough;
  const rolledG = inG - leftoverG - endTrimG - stuckG;
  return rolledG > 0 ? (batch.counts.made * terms.doughPerPieceG) / rolledG : rolledShare(terms);
}

function sheetResult({ basis, piece, batch, shown, sheet }: PlanModel): SheetResult {
  const { thicknessMm, family } = piece.input;
  return {
    thicknessMm,
    setting: sheet.setting.label,
    between: sheet.setting.between,
    nearestMm: sheet.setting.mm,
    bandMm: family.thicknessBandMm,
    seen: seenThrough(thicknessMm, basis.rules),
    count: batch.run.sheets,
    massG: shown.massG / shown.sheets,
    lengthMm: shown.lengthMm,
    widthMm: shown.widthMm,
    fill: sheet.fill,
    dust: sheet.dust,
  };
}

function layoutResult({ plan, piece, batch, shown }: PlanModel): LayoutResult {
  const { family, size } = piece.input;
  return {
    laying: shown,
    way: shown.way,
    arrangement: shown.arrangement?.id ?? null,
    pieces: shown.pieces,
    share: shown.share,
    stacks: shown.stacks,
    inStack: shown.arrangement?.even.length ?? 0,
    blank: family.blank(size, piece.made.mound),
    doesNotFit: doesNotFit(shown),
    counted: plan.batch.usedShare === undefined,
    rollings: batch.run.rollings,
    madeUpG: batch.madeUpG,
  };
}

function trimResult({ plan, basis, batch: { run }, dough }: PlanModel): TrimResult {
  return {
    g: run.endsG,
    spoiltG: run.spoiltG,
    use: plan.batch.trimTo,
    portions: trimPortions(run.endsG, plan.batch.trimTo, basis.rules),
    quality: run.rollings.map(({ generation }) =>
      rolledQuality(
        generation,
        {
          hydration: dough.hydration,
          target: dough.target,
          glutenRatio: dough.makeup.glutenRatio,
          fatShare: dough.makeup.fatShare,
          development: dough.ready.development,
          roomC: plan.dough.roomC,
          repeats: LAST_REPEATS[plan.sheet.passes],
          speed: plan.sheet.speed,
          springBack: dough.springBack,
        },
        basis.rules,
      ),
    ),
  };
}

function shapeResult({ plan, basis, piece }: PlanModel): ShapeResult {
  const { input, made } = piece;
  const { family, size, thicknessMm, doseG, finish } = input;
  const pressedMm = pressedEdge(finish, thicknessMm, basis.rules);
  return lazily(
    {
      family: plan.shape.family,
      name: family.name,
      sizeMm: size.sizeMm,
      pitchMm: size.pitchMm,
      acrossMm: size.acrossMm,
      pocketMm: size.pocketMm,
      depthMm: size.depthMm,
      doseG,
      lipMm: made.lipMm,
      neededLipMm: made.neededLipMm,
      overTopMm: made.overTopMm,
      mound: made.mound,
    },
    {
      doseBandG: () => doseBand(input, basis.rules),
      smallestSizeMm: () => smallestSize(input, {}, basis.rules),
      drawing: () => family.draw(size, made.mound, { thicknessMm, pressedMm }),
    },
  );
}

import type { Composition } from '../composition/compose';
import type { Pantry } from '../composition/pantry';
import { correctedBy } from './doughOfBatch';
import { composeFilling, stiffnessOf } from './fillingOfPlan';
import { familyOf } from '../shapes/families';
import { largestDose, pieceDough, type PieceInput } from '../shapes/piece';
import { deadHeat, type DeadHeat } from '../batch/deadHeat';
import type { BatchTerms } from '../batch/batch';
import type { WayIn } from '../batch/solveBatch';
import type { Plan } from './schema';

/** What a plan's stations share while it is worked out. */
export interface PlanContext {
  readonly plan: Plan;
  readonly pantry: Pantry;
  readonly composition: Composition;
  readonly yieldStressPa: number;
  /** The piece as it will be made: after the dead heat, when that is the way in. */
  readonly piece: PieceInput;
  readonly terms: BatchTerms;
  readonly wayIn: WayIn;
  readonly deadHeat: DeadHeat | null;
  /** Flour and water that corrections put in, g. */
  readonly addedDoughG: number;
}

const addedDough = (plan: Plan): number => {
  const { flourG, waterG } = correctedBy(plan);
  return flourG + waterG;
};

/** Doses of a shape that keep the lip, g: from the least usual to the most that holds; null when none does. */
export function doseBand(piece: Omit<PieceInput, 'doseG'>): readonly [number, number] | null {
  const [low, high] = piece.family.usualDoseG;
  const most = Math.min(high, largestDose(piece, { maxG: high }));
  return most >= low ? [low, most] : null;
}

/** Reads a plan into the parts its stations need, solving the dead heat where asked. */
export function planContext(plan: Plan, pantry: Pantry): PlanContext {
  const { batch, filling, shape, sheet } = plan;
  const composition = composeFilling(filling, pantry);
  const yieldStressPa = stiffnessOf(filling, composition).pa;
  const family = familyOf(shape.family);
  const typed: PieceInput = {
    family,
    size: { sizeMm: shape.sizeMm, pitchMm: shape.pitchMm },
    thicknessMm: sheet.thicknessMm,
    finish: shape.finish,
    doseG: shape.doseG,
    densityGPerMl: composition.densityGPerMl,
    yieldStressPa,
    laid: shape.laid,
  };
  const common = {
    usedShare: batch.usedShare,
    rerolls: batch.rerolls,
    trimUsable: batch.trimUsable,
    stuckShare: batch.stuckShare,
    endTrimG: batch.endTrimG,
    fillingLoss: batch.fillingLoss,
    piecesPerPortion: batch.piecesPerPortion,
    tasted: batch.tasted,
    breakageShare: batch.breakageShare,
  };
  const heat = batch.wayIn === 'both' ? solveDeadHeat(plan, typed, common) : null;
  const piece = heat
    ? {
        ...typed,
        doseG: heat.doseG,
        thicknessMm: heat.thicknessMm,
        size: { ...typed.size, sizeMm: heat.sizeMm },
      }
    : typed;
  return {
    plan,
    pantry,
    composition,
    yieldStressPa,
    piece,
    terms: {
      ...common,
      doseG: piece.doseG,
      doughPerPieceG: pieceDough(family, piece.size, piece.thicknessMm),
    },
    wayIn: wayInOf(plan),
    deadHeat: heat,
    addedDoughG: addedDough(plan),
  };
}

function wayInOf(plan: Plan): WayIn {
  const { batch } = plan;
  // What was kneaded into the dough in hand is in hand too.
  const doughG = batch.doughInHandG + addedDough(plan);
  const fillingG = batch.fillingInHandG;
  switch (batch.wayIn) {
    case 'portions':
      return { kind: 'portions', portions: batch.portions };
    case 'dough':
      return { kind: 'dough', doughG };
    case 'filling':
      return { kind: 'filling', fillingG };
    case 'both':
      return { kind: 'both', doughG, fillingG };
  }
}

function solveDeadHeat(
  plan: Plan,
  piece: PieceInput,
  terms: Omit<BatchTerms, 'doseG' | 'doughPerPieceG'>,
): DeadHeat {
  const { batch, sheet } = plan;
  const { family } = piece;
  const [thin, thick] = family.thicknessBandMm;
  const size = family.dimensions[0];
  return deadHeat({
    doughG: batch.doughInHandG + addedDough(plan),
    fillingG: batch.fillingInHandG,
    doseG: piece.doseG,
    thicknessMm: piece.thicknessMm,
    sizeMm: piece.size.sizeMm,
    thicknessesMm: batch.mayChange.thickness
      ? sheet.roller.steps.map((step) => step.mm).filter((mm) => mm >= thin && mm <= thick)
      : [],
    // A third either way is as far as a cook would call it the same piece.
    sizesMm:
      batch.mayChange.size && size
        ? wholeMm(
            Math.max(size.minMm, piece.size.sizeMm * 0.67),
            Math.min(size.maxMm, piece.size.sizeMm * 1.33),
          )
        : [],
    doseBandG: (thicknessMm, sizeMm) =>
      batch.mayChange.dose
        ? doseBand({ ...piece, thicknessMm, size: { ...piece.size, sizeMm } })
        : [piece.doseG, piece.doseG],
    doughPerPieceG: (thicknessMm, sizeMm) =>
      pieceDough(family, { ...piece.size, sizeMm }, thicknessMm),
    terms,
  });
}

const wholeMm = (from: number, to: number): number[] => {
  const first = Math.ceil(from);
  return Array.from({ length: Math.max(0, Math.floor(to) - first + 1) }, (_, i) => first + i);
};

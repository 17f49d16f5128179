import type { Composition } from '../composition/compose';
import type { Pantry } from '../composition/pantry';
import { correctedBy } from './doughOfBatch';
import { composeFilling, stiffnessOf } from './fillingOfPlan';
import { familyOf } from '../shapes/families';
import { largestDose, makePiece, pieceDough, type PieceInput } from '../shapes/piece';
import { layingFor, SHARE_WHEN_NOTHING_FITS } from './layingFor';
import { atThickness, type Laying } from '../layout/laying';
import { sheetRun } from '../batch/sheetRun';
import { rolledDough, type BatchTerms, type DoughTerms } from '../batch/batch';
import { deadHeat, type DeadHeat, type DeadHeatInput } from '../batch/deadHeat';
import type { WayIn } from '../batch/solveBatch';
import { sizesOf, thicknessesOf } from './heatBands';
import { springBackOf } from './rolling';
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
  /** One sheet (or two in register) with its pattern. */
  readonly laying: Laying;
  readonly wayIn: WayIn;
  /** How much thicker than the gap its sheets come out, share. */
  readonly springBack: number;
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

/** A plan's piece as typed, before any dead heat. */
export function typedPiece(plan: Plan, pantry: Pantry): PieceInput {
  const composition = composeFilling(plan.filling, pantry);
  return pieceOf(plan, composition.densityGPerMl, stiffnessOf(plan.filling, composition).pa);
}

const pieceOf = (
  { shape, sheet }: Plan,
  densityGPerMl: number,
  yieldStressPa: number,
): PieceInput => ({
  family: familyOf(shape.family),
  size: shape,
  thicknessMm: sheet.thicknessMm,
  finish: shape.finish,
  doseG: shape.doseG,
  densityGPerMl,
  yieldStressPa,
  laid: shape.laid,
});

/** Reads a plan into the parts its stations need, solving the dead heat where asked. */
export function planContext(plan: Plan, pantry: Pantry): PlanContext {
  const composition = composeFilling(plan.filling, pantry);
  const yieldStressPa = stiffnessOf(plan.filling, composition).pa;
  const typed = pieceOf(plan, composition.densityGPerMl, yieldStressPa);
  const springBack = springBackOf(plan, pantry);
  const heat =
    plan.batch.wayIn === 'both' ? deadHeat(deadHeatInput(plan, typed, springBack)) : null;
  const piece = heat ? withHeat(typed, heat) : typed;
  const laying = layingFor(plan, piece);
  return {
    plan,
    pantry,
    composition,
    yieldStressPa,
    piece,
    laying,
    terms: { ...termsOf(plan, piece, laying), doseG: piece.doseG },
    wayIn: wayInOf(plan),
    springBack,
    deadHeat: heat,
    addedDoughG: addedDough(plan),
  };
}

/** A piece as a dead heat makes it. */
const withHeat = (
  piece: PieceInput,
  { doseG, thicknessMm, sizeMm }: Pick<DeadHeat, 'doseG' | 'thicknessMm' | 'sizeMm'>,
): PieceInput => ({ ...piece, doseG, thicknessMm, size: { ...piece.size, sizeMm } });

/** What turns pieces into dough: the share of a sheet used is the layout's own, or as the cook counted. */
function termsOf(
  { batch }: Plan,
  { family, size, thicknessMm }: Omit<PieceInput, 'doseG'>,
  laying: Laying,
): DoughTerms {
  return {
    doughPerPieceG: pieceDough(family, size, thicknessMm),
    usedShare: batch.usedShare ?? layoutShare(laying),
    rerolls: batch.rerolls,
    trimUsable: batch.trimUsable,
    stuckShare: batch.stuckShare,
    endTrimG: batch.endTrimG,
    fillingLoss: batch.fillingLoss,
    piecesPerPortion: batch.piecesPerPortion,
    tasted: batch.tasted,
    breakageShare: batch.breakageShare,
  };
}

const layoutShare = ({ pieces, share }: Laying): number =>
  pieces > 0 ? Math.min(1, Math.max(0.05, share)) : SHARE_WHEN_NOTHING_FITS;

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

/** The dough and filling in hand, and the bands a dead heat may move in. */
export function deadHeatInput(plan: Plan, piece: PieceInput, springBack: number): DeadHeatInput {
  const { batch } = plan;
  const doughG = batch.doughInHandG + addedDough(plan);
  const at = (thicknessMm: number, sizeMm: number) => ({
    ...piece,
    thicknessMm,
    size: { ...piece.size, sizeMm },
  });
  // The pattern is the blank's alone: worked out once for each size.
  const layings = new Map<number, Laying>();
  const layingAt = (sizeMm: number) => {
    const known = layings.get(sizeMm) ?? layingFor(plan, at(piece.thicknessMm, sizeMm));
    layings.set(sizeMm, known);
    return known;
  };
  const terms = (thicknessMm: number, sizeMm: number) =>
    termsOf(plan, at(thicknessMm, sizeMm), layingAt(sizeMm));
  const input: DeadHeatInput = {
    doughG,
    fillingG: batch.fillingInHandG,
    doseG: piece.doseG,
    thicknessMm: piece.thicknessMm,
    sizeMm: piece.size.sizeMm,
    thicknessesMm: batch.mayChange.thickness ? thicknessesOf(plan, springBack) : [],
    sizesMm: batch.mayChange.size ? sizesOf(plan) : [],
    doseBandG: (thicknessMm, sizeMm) => {
      const held = at(thicknessMm, sizeMm);
      if (batch.mayChange.dose) return doseBand(held);
      // A held dose is the cook's own choice in the piece as it is; elsewhere its lip must hold.
      const asItIs = thicknessMm === piece.thicknessMm && sizeMm === piece.size.sizeMm;
      return asItIs || makePiece(held).margins.lip >= 1 ? [piece.doseG, piece.doseG] : null;
    },
    terms,
  };
  if (batch.usedShare !== undefined) return input;
  return {
    ...input,
    piecesInSheets: (thicknessMm, sizeMm, own) =>
      sheetRun({
        ...own,
        doughG: rolledDough(doughG, own),
        laying: atThickness(layingAt(sizeMm), thicknessMm),
      }).pieces,
  };
}

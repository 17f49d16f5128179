import type { Rules } from '../basis/rules';
import { DOUGH_DENSITY_G_PER_ML, ML_PER_MM3 } from '../physics/constants';
import { crossing } from './crossing';
import { neededLip, type Finish } from './finish';
import { thicknessOverDome, type Mound, type MoundInput } from './mound';
import type { Dimensions, ShapeFamily } from './shape';

/** Less than this is no filling. */
const LEAST_DOSE_G = 0.1;

/** Nothing that is called a piece holds more than this. */
const MOST_DOSE_G = 300;

export interface PieceInput extends MoundInput {
  readonly family: ShapeFamily;
  readonly size: Dimensions;
  readonly thicknessMm: number;
  readonly finish: Finish;
}

export interface Piece {
  readonly doughG: number;
  readonly mound: Mound;
  readonly lipMm: number;
  readonly neededLipMm: number;
  readonly overTopMm: number;
  /** Capacity ÷ demand; 1 is on the edge. */
  readonly margins: { readonly lip: number; readonly thinning: number };
}

/**
 * Dough in one piece, g: density × thickness × flat area of all layers. Law.
 * @example pieceDough(ravioliSquare, { sizeMm: 55, pitchMm: 0 }, 0.8) // 5.808
 */
export const pieceDough = (family: ShapeFamily, size: Dimensions, thicknessMm: number): number =>
  DOUGH_DENSITY_G_PER_ML * thicknessMm * family.flatAreaMm2(size) * ML_PER_MM3;

/** Works out one piece: weights, settled mound, lip, thinning. */
export function makePiece(from: PieceInput, rules: Rules): Piece {
  const { family, size, thicknessMm, finish } = from;
  const mound = family.mound(from, size, rules);
  const lipMm = family.lipMm(size, mound);
  const neededLipMm = neededLip(finish, thicknessMm, rules);
  const overTopMm = thicknessOverDome(thicknessMm, mound);
  return {
    doughG: pieceDough(family, size, thicknessMm),
    mound,
    lipMm,
    neededLipMm,
    overTopMm,
    // A mound past the edge has no lip at all, not a negative share of one.
    margins: {
      lip: Math.max(0, lipMm) / neededLipMm,
      thinning: overTopMm / rules['shape.tears'].value,
    },
  };
}

/**
 * The largest dose whose lip still reaches `margin` times the need, g; 0 when even the smallest does
 * not. The lip falls as the dose grows, nearly straight in the dose's cube root, so there is one crossing.
 */
export function largestDose(
  from: Omit<PieceInput, 'doseG'>,
  { margin = 1, maxG = MOST_DOSE_G }: { margin?: number; maxG?: number },
  rules: Rules,
): number {
  const over = (root: number) =>
    makePiece({ ...from, doseG: root ** 3 }, rules).margins.lip - margin;
  const least = Math.cbrt(LEAST_DOSE_G);
  const most = Math.cbrt(maxG);
  if (over(least) < 0) return 0;
  if (over(most) >= 0) return maxG;
  return crossing(over, least, most) ** 3;
}

/** The smallest blank (or strip) whose lip reaches `margin` times the need, mm; null when none does. */
export function smallestSize(
  from: Omit<PieceInput, 'size'> & { size: Dimensions },
  { margin = 1 }: { margin?: number },
  rules: Rules,
): number | null {
  const field = from.family.dimensions[0];
  if (!field) return null;
  const over = (sizeMm: number) =>
    makePiece({ ...from, size: { ...from.size, sizeMm } }, rules).margins.lip - margin;
  if (over(field.maxMm) < 0) return null;
  if (over(field.minMm) >= 0) return field.minMm;
  return crossing(over, field.maxMm, field.minMm);
}

/**
 * Doses that a cook would put into a blank, g: from a fifth of what it carries, or the least usual dose where
 * that is more, to the most that keeps its lip; null when none does. Rule.
 * @param margin so many times the lip needed, at the most
 */
export function doseBand(
  piece: Omit<PieceInput, 'doseG'>,
  rules: Rules,
  { margin = 1, mostG = MOST_DOSE_G }: { margin?: number; mostG?: number } = {},
): readonly [number, number] | null {
  const [low] = piece.family.usualDoseG;
  const most = largestDose(piece, { margin, maxG: mostG }, rules);
  // A blank smaller than usual carries less than usual.
  const least = Math.max(Math.min(low, most / 2), most * rules['shape.leastFill'].value);
  return most > 0 ? [least, most] : null;
}

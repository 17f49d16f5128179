import { surelyWhole, toMake } from './toMake';
import { batchYield } from './yield';

/** What stays in the bowl (a share of all) or in the bag (grams). */
export type FillingLoss =
  { readonly kind: 'bowl'; readonly share: number } | { readonly kind: 'bag'; readonly g: number };

/** Pieces counted on as lost. */
export interface Breakage {
  /** Of those made, 0 to under 1. */
  readonly share: number;
  /** Reckoned, not set: spares are then counted so that chance leaves no plate short. */
  readonly reckoned: boolean;
}

/** Everything that turns pieces into dough and filling and back. */
export interface BatchTerms {
  readonly doughPerPieceG: number;
  readonly doseG: number;
  readonly usedShare: number;
  readonly rerolls: number;
  readonly trimUsable: number;
  /** Share of dough that stays on hands, board and roller. */
  readonly stuckShare: number;
  /** Dough lost off the ends of the whole batch, g. */
  readonly endTrimG: number;
  readonly fillingLoss: FillingLoss;
  readonly piecesPerPortion: number;
  /** Pieces cooked to taste. */
  readonly tasted: number;
  readonly breakage: Breakage;
}

/** What turns pieces into dough and back. */
export type DoughTerms = Omit<BatchTerms, 'doseG' | 'breakage'>;

/** Rounding noise that must not cost a piece. */
const EPSILON = 1e-9;

/** Share of what is rolled that ends in pieces, trim rolled again counted. Law. */
export const rolledShare = (terms: DoughTerms): number => batchYield(terms);

/**
 * What of a dough goes through the roller, g: end trim and what sticks already off. Law.
 * @example rolledDough(616, { stuckShare: 0.02, endTrimG: 0 }) // 603.7
 */
export const rolledDough = (
  doughG: number,
  { stuckShare, endTrimG }: Pick<BatchTerms, 'stuckShare' | 'endTrimG'>,
): number => Math.max(0, doughG - endTrimG) * (1 - stuckShare);

/** Dough that has to be made for what goes through the roller, g; the inverse of `rolledDough`. Law. */
export const unrolledDough = (
  lotG: number,
  { stuckShare, endTrimG }: Pick<BatchTerms, 'stuckShare' | 'endTrimG'>,
): number => (lotG > 0 ? lotG / (1 - stuckShare) + endTrimG : 0);

/**
 * Dough for a number of pieces, g: pieces × dough per piece / (yield × (1 − stuck)) + end trim. Law.
 * @example doughFor(100, terms) // 616 for 5.81 g pieces, 0.86 used, one reroll
 */
export const doughFor = (pieces: number, terms: DoughTerms): number =>
  unrolledDough((pieces * terms.doughPerPieceG) / rolledShare(terms), terms);

/** Filling for a number of pieces, g: pieces × dose / (1 − bowl share), or + what the bag keeps. Law. */
export function fillingFor(
  pieces: number,
  { doseG, fillingLoss }: Pick<BatchTerms, 'doseG' | 'fillingLoss'>,
): number {
  if (pieces <= 0) return 0;
  return fillingLoss.kind === 'bowl'
    ? (pieces * doseG) / (1 - fillingLoss.share)
    : pieces * doseG + fillingLoss.g;
}

/** Filling that reaches the pieces, g, out of a bowl of it. */
export const usableFilling = (
  fillingG: number,
  { fillingLoss }: Pick<BatchTerms, 'fillingLoss'>,
): number =>
  fillingLoss.kind === 'bowl'
    ? fillingG * (1 - fillingLoss.share)
    : Math.max(0, fillingG - fillingLoss.g);

/** Whole pieces that a filling gives; the inverse of `fillingFor`. Law. */
export const piecesFromFilling = (
  fillingG: number,
  terms: Pick<BatchTerms, 'doseG' | 'fillingLoss'>,
): number => Math.floor(usableFilling(fillingG, terms) / terms.doseG + EPSILON);

/**
 * Whole pieces counted on out of those made: by the share where it was set, 95 % of the time where it is
 * reckoned. Law.
 * @example wholeOf(100, { share: 0.05, reckoned: false }) // 95
 */
export const wholeOf = (pieces: number, { share, reckoned }: Breakage): number =>
  reckoned
    ? surelyWhole(Math.max(0, pieces), share)
    : Math.floor(Math.max(0, pieces) * (1 - share) + EPSILON);

/** Pieces to make so that so many are whole; the inverse of `wholeOf`. Law. */
export const piecesForWhole = (whole: number, { share, reckoned }: Breakage): number =>
  reckoned ? toMake(whole, share) : Math.ceil(whole / (1 - share) - EPSILON);

/** Pieces to make so that every portion is full, and those to taste. */
export const piecesForPortions = (portions: number, terms: BatchTerms): number =>
  piecesForWhole(portions * terms.piecesPerPortion, terms.breakage) + terms.tasted;

/** Full portions that a number of pieces gives after tasting and breakage; inverse of the above. */
export const portionsFromPieces = (pieces: number, terms: BatchTerms): number =>
  Math.floor(wholeOf(pieces - terms.tasted, terms.breakage) / terms.piecesPerPortion + EPSILON);

import {
  doughFor,
  fillingFor,
  piecesForPortions,
  piecesFromDough,
  piecesFromFilling,
  portionsFromPieces,
  type BatchTerms,
} from './batch';
import {
  doughLedger,
  fillingLedger,
  type DoughLedger,
  type FillingLedger,
  type PieceCounts,
} from './ledger';

/** The four ways in. */
export type WayIn =
  | { readonly kind: 'portions'; readonly portions: number }
  | { readonly kind: 'dough'; readonly doughG: number }
  | { readonly kind: 'filling'; readonly fillingG: number }
  | { readonly kind: 'both'; readonly doughG: number; readonly fillingG: number };

export interface Batch {
  readonly portions: number;
  readonly counts: PieceCounts;
  readonly dough: DoughLedger;
  readonly filling: FillingLedger;
}

export interface BatchLimits {
  readonly addedDoughG?: number;
  readonly mostPieces?: number;
}

/**
 * Pieces, dough, filling and what is left, from any of the four ways in. Law.
 * What is in hand is kept in the ledgers; what is not in hand is made to measure.
 * @param addedDoughG what a dough made to measure holds beyond its pieces, g: left over
 * @param mostPieces no more than whole sheets give
 * @example solveBatch({ kind: 'portions', portions: 16 }, terms).counts.made
 */
export function solveBatch(
  wayIn: WayIn,
  terms: BatchTerms,
  { addedDoughG = 0, mostPieces = Number.MAX_SAFE_INTEGER }: BatchLimits = {},
): Batch {
  const made = Math.min(mostPieces, piecesMade(wayIn, terms));
  const portions = wayIn.kind === 'portions' ? wayIn.portions : portionsFromPieces(made, terms);
  const plated = portions * terms.piecesPerPortion;
  const tasted = Math.min(terms.tasted, made - plated);
  const counts = { made, plated, tasted, spare: made - plated - tasted };
  const doughG = 'doughG' in wayIn ? wayIn.doughG : doughFor(made, terms) + addedDoughG;
  const fillingG = 'fillingG' in wayIn ? wayIn.fillingG : fillingFor(made, terms);
  return {
    portions,
    counts,
    dough: doughLedger(doughG, counts, terms),
    filling: fillingLedger(fillingG, counts, terms),
  };
}

function piecesMade(wayIn: WayIn, terms: BatchTerms): number {
  switch (wayIn.kind) {
    case 'portions':
      return piecesForPortions(wayIn.portions, terms);
    case 'dough':
      return piecesFromDough(wayIn.doughG, terms);
    case 'filling':
      return piecesFromFilling(wayIn.fillingG, terms);
    case 'both':
      return Math.min(
        piecesFromDough(wayIn.doughG, terms),
        piecesFromFilling(wayIn.fillingG, terms),
      );
  }
}

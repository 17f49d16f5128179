import {
  fillingFor,
  piecesForPortions,
  piecesFromFilling,
  portionsFromPieces,
  rolledDough,
  unrolledDough,
  type BatchTerms,
} from './batch';
import {
  doughLedger,
  fillingLedger,
  type DoughLedger,
  type FillingLedger,
  type PieceCounts,
} from './ledger';
import { byShare, type DoughWay, type Rolled } from './rolled';

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
  /** How the dough was rolled out. */
  readonly rolled: Rolled;
  /** Dough made beyond the least that gives the pieces, g: whole eggs, or what corrections put in. */
  readonly madeUpG: number;
}

export interface BatchOptions {
  /** How pieces come out of dough; by share when left out. */
  readonly way?: DoughWay;
  /**
   * The dough that is made where so much is needed at the least, g: whole eggs, corrections.
   * @param neededG what the pieces need
   */
  readonly made?: (neededG: number) => number;
}

/**
 * Pieces, dough, filling and what is left, from any of the four ways in. Law.
 * What is in hand is kept in the ledgers; what is not in hand is made to measure.
 * @example solveBatch({ kind: 'portions', portions: 16 }, terms).counts.made
 */
export function solveBatch(
  wayIn: WayIn,
  terms: BatchTerms,
  { way = byShare(terms), made: madeFor = (neededG) => neededG }: BatchOptions = {},
): Batch {
  const wanted = piecesWanted(wayIn, terms);
  const leastG = 'doughG' in wayIn ? null : (way.lotFor(wanted) ?? 0);
  const neededG = leastG === null ? null : unrolledDough(leastG, terms);
  const doughG = neededG === null ? (wayIn as { doughG: number }).doughG : madeFor(neededG);
  const lotG = rolledDough(doughG, terms);
  const rolled = rollEnough(way, lotG, wanted, leastG);
  const made = rolled.pieces;
  const portions = wayIn.kind === 'portions' ? wayIn.portions : portionsFromPieces(made, terms);
  const plated = Math.min(made, portions * terms.piecesPerPortion);
  const tasted = Math.min(terms.tasted, made - plated);
  const counts = { made, plated, tasted, spare: made - plated - tasted };
  const fillingG = 'fillingG' in wayIn ? wayIn.fillingG : fillingFor(made, terms);
  return {
    portions,
    counts,
    dough: doughLedger(doughG, lotG, counts, rolled, terms),
    filling: fillingLedger(fillingG, counts, terms),
    rolled,
    madeUpG: neededG === null ? 0 : doughG - neededG,
  };
}

/**
 * Rolls a lot out. Of more than the least that is enough, what is over may be set aside: all of it rolled
 * leaves less trim to roll again, and now and then a piece less.
 */
function rollEnough(way: DoughWay, lotG: number, wanted: number, leastG: number | null): Rolled {
  const rolled = way.roll(lotG, wanted);
  if (leastG === null || rolled.pieces >= wanted) return rolled;
  const least = way.roll(leastG, wanted);
  return { ...least, restG: least.restG + Math.max(0, lotG - leastG) };
}

/** Pieces that are enough: what is asked for, or what the filling fills. */
function piecesWanted(wayIn: WayIn, terms: BatchTerms): number {
  switch (wayIn.kind) {
    case 'portions':
      return piecesForPortions(wayIn.portions, terms);
    case 'dough':
      return Infinity;
    case 'filling':
    case 'both':
      return piecesFromFilling(wayIn.fillingG, terms);
  }
}

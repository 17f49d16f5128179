import { fillingFor, type BatchTerms } from './batch';
import type { Rolled } from './rolled';

/** Where every gram of dough goes, each part measured by its own way; together they are `inG`. */
export interface DoughLedger {
  readonly inG: number;
  readonly platedG: number;
  readonly spareG: number;
  readonly tastedG: number;
  /** Trim fit for noodles or soup after the last rolling. */
  readonly trimG: number;
  /** Trim not fit to roll again. */
  readonly spoiltG: number;
  readonly endTrimG: number;
  readonly stuckG: number;
  readonly leftoverG: number;
}

/** Where every gram of filling goes; the parts add up to `inG`. */
export interface FillingLedger {
  readonly inG: number;
  readonly platedG: number;
  readonly spareG: number;
  readonly tastedG: number;
  readonly inBowlG: number;
  readonly leftoverG: number;
}

export interface PieceCounts {
  readonly made: number;
  readonly plated: number;
  readonly tasted: number;
  readonly spare: number;
}

/**
 * Follows the dough through the batch. Pieces are weighed by their own size, trim by the sheets it was
 * cut from, what stuck by its share, what is left by what was never rolled. That they add up to what
 * went in is checked, not assumed.
 */
export function doughLedger(
  inG: number,
  lotG: number,
  counts: PieceCounts,
  rolled: Rolled,
  { doughPerPieceG, stuckShare, endTrimG }: BatchTerms,
): DoughLedger {
  const rolling = counts.made > 0;
  const stuckG = ((lotG - rolled.restG) * stuckShare) / (1 - stuckShare);
  return {
    inG,
    platedG: counts.plated * doughPerPieceG,
    spareG: counts.spare * doughPerPieceG,
    tastedG: counts.tasted * doughPerPieceG,
    trimG: rolled.endsG,
    spoiltG: rolled.spoiltG,
    endTrimG: rolling ? Math.min(inG, endTrimG) : 0,
    stuckG,
    leftoverG: rolling ? rolled.restG / (1 - stuckShare) : inG,
  };
}

/** Follows the filling through the batch: mass in = mass out. Law. */
export function fillingLedger(inG: number, counts: PieceCounts, terms: BatchTerms): FillingLedger {
  const used = fillingFor(counts.made, terms);
  return {
    inG,
    platedG: counts.plated * terms.doseG,
    spareG: counts.spare * terms.doseG,
    tastedG: counts.tasted * terms.doseG,
    inBowlG: used - counts.made * terms.doseG,
    leftoverG: inG - used,
  };
}

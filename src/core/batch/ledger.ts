import { doughFor, fillingFor, type BatchTerms } from './batch';

/** Where every gram of dough goes; the parts add up to `inG`. */
export interface DoughLedger {
  readonly inG: number;
  readonly platedG: number;
  readonly spareG: number;
  readonly tastedG: number;
  readonly trimG: number;
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

/** Follows the dough through the batch: mass in = mass out. Law. */
export function doughLedger(inG: number, counts: PieceCounts, terms: BatchTerms): DoughLedger {
  const used = doughFor(counts.made, terms);
  const endTrimG = counts.made > 0 ? terms.endTrimG : 0;
  const stuckG = (used - endTrimG) * terms.stuckShare;
  const d = terms.doughPerPieceG;
  return {
    inG,
    platedG: counts.plated * d,
    spareG: counts.spare * d,
    tastedG: counts.tasted * d,
    trimG: used - endTrimG - stuckG - counts.made * d,
    endTrimG,
    stuckG,
    leftoverG: inG - used,
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

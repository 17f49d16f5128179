import { rolledShare, type DoughTerms } from './batch';

/** What is rolled from one lot of dough: first the dough itself, then its trim, again and again. */
export interface Rolling {
  /** 0 for the dough, 1 and 2 for the trim of the rolling before. */
  readonly generation: number;
  readonly doughG: number;
  /** Full layings; each is a sheet, or two in register. */
  readonly full: number;
  /** The last one, shorter; null when there is none worth cutting. */
  readonly short: { readonly lengthMm: number; readonly pieces: number } | null;
  readonly pieces: number;
  /** What is left round its pieces when they are cut, before any of it is thrown out. */
  readonly trimG: number;
  /** Dough of the lot that no sheet was made of. */
  readonly restG: number;
}

/** What comes of a dough that goes through the roller: pieces, trim, and what was not rolled at all. */
export interface Rolled {
  readonly rollings: readonly Rolling[];
  readonly pieces: number;
  /** Sheets rolled in all, short ones counted. */
  readonly sheets: number;
  /** Trim not fit to roll again, of every rolling. */
  readonly spoiltG: number;
  /** Trim fit to use after the last rolling: noodles, soup squares. */
  readonly endsG: number;
  /** Dough that never had to be rolled: left over. */
  readonly restG: number;
}

/** One way of getting pieces out of dough. What sticks and end trim are already off. */
export interface DoughWay {
  /**
   * Rolls a lot until so many pieces are cut, or all of it is used.
   * @param wanted pieces that are enough
   */
  roll(lotG: number, wanted: number): Rolled;
  /** The least lot that gives so many pieces, g; null when none does. */
  lotFor(pieces: number): number | null;
}

const EPSILON = 1e-9;

/**
 * By the share of a sheet that becomes pieces, as the cook counts it: sheets are not looked at. Law:
 * pieces = lot × yield ÷ dough per piece; of each rolling's trim the usable share is rolled again.
 */
export function byShare(terms: DoughTerms): DoughWay {
  const { doughPerPieceG, usedShare, rerolls, trimUsable } = terms;
  const share = rolledShare(terms);
  return {
    roll(lotG, wanted) {
      const pieces = Math.min(wanted, Math.floor((lotG * share) / doughPerPieceG + EPSILON));
      const rolledG = Math.min(lotG, (pieces * doughPerPieceG) / share);
      let generationG = rolledG;
      let spoiltG = 0;
      for (let i = 0; i <= rerolls; i += 1) {
        const trimG = generationG * (1 - usedShare);
        spoiltG += trimG * (1 - trimUsable);
        generationG = trimG * trimUsable;
      }
      return {
        rollings: [],
        pieces,
        sheets: 0,
        spoiltG,
        endsG: generationG,
        restG: lotG - rolledG,
      };
    },
    lotFor: (pieces) => (pieces * doughPerPieceG) / share,
  };
}

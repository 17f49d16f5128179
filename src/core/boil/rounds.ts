import type { Rules } from '../basis/rules';
import { largestLoad, potDip, type PotDip } from './potDip';

/** A batch through one pot. */
export interface Rounds extends PotDip {
  /** Pieces in a full round, and what bounds it. */
  readonly pieces: number;
  readonly boundBy: RoundBound;
  readonly rounds: number;
  /** What a full round would be by each bound alone. */
  readonly byHeat: number;
  readonly byLitres: number;
  readonly bySurface: number;
  /** What goes in at once, g. */
  readonly loadG: number;
  /** From one round out to the next one in, while the water is not hot yet, min. */
  readonly waitMin: number;
  /** Layers of pieces over the water. */
  readonly layers: number;
  /** From the first piece in to the last one out, min. */
  readonly totalMin: number;
}

/**
 * Surface of a pot of water, mm², as pots are made: the water about 0.6 as deep as it is wide. Rule.
 * @example potSurface(5, rules) // 37924
 */
export const potSurface = (waterL: number, rules: Rules): number => {
  const acrossMm = Math.cbrt((4 * waterL * 1e6) / (Math.PI * rules['boil.potDepth'].value));
  return (Math.PI / 4) * acrossMm ** 2;
};

/** Water that a pot is filled with, l. `waterIn(5, rules)` → `4` */
export const waterIn = (potL: number, rules: Rules): number => potL * rules['boil.full'].value;

/** What bounds a round. */
export type RoundBound = 'cook' | 'heat' | 'litres' | 'surface' | 'batch';

/** Pieces and the pot they go into. */
export interface PotOfPieces {
  readonly pieceG: number;
  /** What one piece covers as it floats. */
  readonly pieceMm2: number;
  readonly waterL: number;
  readonly fromC: number;
  readonly frozen: boolean;
  readonly powerW: number;
  readonly waterC: number;
  /** Pieces at a time by the cook's own count; by the rules when left out. */
  readonly atOnce?: number | undefined;
}

/** A full round, and what each bound alone would let in. */
export interface FullRound {
  readonly most: number;
  readonly boundBy: Exclude<RoundBound, 'batch'>;
  readonly byHeat: number;
  readonly byLitres: number;
  readonly bySurface: number;
}

/** Where nothing bounds a round: pieces that hardly cool the water. */
const MOST_AT_ONCE = 100_000;

/**
 * How many pieces go in at once. The cook's own number first; else rules on the heat balance: the water cools
 * by no more than so much, a litre takes no more than so much, and no more than so many layers lie over it.
 * @example fullRound({ pieceG: 16, pieceMm2: 3600, waterL: 7.2, fromC: 5, … }, rules).most // 35
 */
export function fullRound(of: PotOfPieces, rules: Rules): FullRound {
  const { pieceG, pieceMm2, waterL, atOnce } = of;
  const byHeat = Math.min(
    MOST_AT_ONCE,
    Math.floor(largestLoad(of, rules['boil.dip'].value) / pieceG),
  );
  const byLitres = Math.floor((rules['boil.perLitre'].value * waterL) / pieceG);
  const bySurface = Math.floor((rules['boil.layers'].value * potSurface(waterL, rules)) / pieceMm2);
  const least = Math.min(byHeat, byLitres, bySurface);
  return {
    byHeat,
    byLitres,
    bySurface,
    most: Math.max(1, atOnce ?? least),
    boundBy:
      atOnce !== undefined
        ? 'cook'
        : least === byHeat
          ? 'heat'
          : least === byLitres
            ? 'litres'
            : 'surface',
  };
}

/** Minutes that hands put a round in and lift it out; they are free in between. Rule. */
export const handsOfRound = (pieces: number, rules: Rules): number =>
  (rules['boil.hands'].value + rules['boil.handsEach'].value * pieces) / 60;

/**
 * How a batch goes through one pot, in even rounds: the next goes in once the water is hot again.
 * @param potMin one round in the pot
 */
export function boilRounds(
  { pieces, potMin, ...of }: PotOfPieces & { readonly pieces: number; readonly potMin: number },
  rules: Rules,
): Rounds {
  const { pieceG, pieceMm2, waterL } = of;
  const { most, boundBy, ...bounds } = fullRound(of, rules);
  const rounds = Math.max(1, Math.ceil(pieces / most));
  // Even rounds: none of three pieces at the end.
  const each = Math.max(1, Math.ceil(pieces / rounds));
  const loadG = Math.min(100_000, each * pieceG);
  const dip = potDip({ ...of, loadG });
  const waitMin = Math.max(0, dip.recoverS / 60 - potMin);
  return {
    ...dip,
    ...bounds,
    pieces: each,
    boundBy: rounds === 1 ? 'batch' : boundBy,
    rounds,
    loadG,
    waitMin,
    layers: (each * pieceMm2) / potSurface(waterL, rules),
    totalMin: rounds * (potMin + handsOfRound(each, rules)) + (rounds - 1) * waitMin,
  };
}

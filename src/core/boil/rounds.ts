import { startingRules, type Rules } from '../basis/rules';
import { largestLoad, potDip, type PotDip } from './potDip';

/** A batch through one pot. */
export interface Rounds extends PotDip {
  /** Pieces in a full round, and what bounds it. */
  readonly pieces: number;
  readonly boundBy: 'heat' | 'surface' | 'batch';
  readonly rounds: number;
  /** What a full round would be by each bound alone. */
  readonly byHeat: number;
  readonly bySurface: number;
  /** What goes in at once, g. */
  readonly loadG: number;
  /** From one round out to the next one in, while the water is not hot yet, min. */
  readonly waitMin: number;
  /** Share of the water that a round covers. */
  readonly covered: number;
  /** From the first piece in to the last one out, min. */
  readonly totalMin: number;
}

/**
 * Surface of a pot of water, mm², as pots are made: the water about 0.6 as deep as it is wide. Rule.
 * @example potSurface(5) // 37800
 */
export const potSurface = (waterL: number, rules: Rules = startingRules): number => {
  const acrossMm = Math.cbrt((4 * waterL * 1e6) / (Math.PI * rules['boil.potDepth'].value));
  return (Math.PI / 4) * acrossMm ** 2;
};

/** Where nothing bounds a round: pieces that hardly cool the water. */
const MOST_AT_ONCE = 100_000;

/**
 * How many pieces go in at once and how long a batch takes. Rules on the heat balance: the water cools by
 * no more than so much, the pieces cover no more than so much of it, the next round waits until it is
 * hot again.
 */
export function boilRounds(
  {
    pieces,
    pieceG,
    pieceMm2,
    potMin,
    waterL,
    fromC,
    frozen,
    powerW,
    waterC,
  }: {
    pieces: number;
    pieceG: number;
    /** What one piece covers as it floats. */
    pieceMm2: number;
    /** One round in the pot. */
    potMin: number;
    waterL: number;
    fromC: number;
    frozen: boolean;
    powerW: number;
    waterC: number;
  },
  rules: Rules = startingRules,
): Rounds {
  const pot = { waterL, fromC, frozen, powerW, waterC };
  const byHeat = Math.min(
    MOST_AT_ONCE,
    Math.floor(largestLoad(pot, rules['boil.dip'].value) / pieceG),
  );
  const bySurface = Math.floor((rules['boil.cover'].value * potSurface(waterL, rules)) / pieceMm2);
  const most = Math.max(1, Math.min(byHeat, bySurface));
  const rounds = Math.max(1, Math.ceil(pieces / most));
  // Even rounds: none of three pieces at the end.
  const each = Math.max(1, Math.ceil(pieces / rounds));
  const loadG = Math.min(100_000, each * pieceG);
  const dip = potDip({ ...pot, loadG });
  const waitMin = Math.max(0, dip.recoverS / 60 - potMin);
  return {
    ...dip,
    pieces: each,
    boundBy: rounds === 1 ? 'batch' : byHeat <= bySurface ? 'heat' : 'surface',
    rounds,
    byHeat,
    bySurface,
    loadG,
    waitMin,
    covered: (each * pieceMm2) / potSurface(waterL, rules),
    totalMin: rounds * (potMin + rules['boil.lift'].value) + (rounds - 1) * waitMin,
  };
}

import {
  fillingFor,
  piecesFromFilling,
  rolledDough,
  usableFilling,
  type DoughTerms,
} from './batch';
import { byShare, type DoughWay } from './rolled';

/** What the dead heat may turn, and how far. */
export interface DeadHeatInput {
  readonly doughG: number;
  readonly fillingG: number;
  readonly doseG: number;
  /** Dose in a piece, against the dose planned; 1 when left out. */
  readonly dosed?: number;
  readonly thicknessMm: number;
  readonly sizeMm: number;
  /** Thicknesses allowed, the dial's own steps; empty to keep the present one. */
  readonly thicknessesMm: readonly number[];
  /** Blank sizes allowed; empty to keep the present one. */
  readonly sizesMm: readonly number[];
  /** Doses allowed at a thickness and size that leave a margin; null when none does. */
  doseBandG(thicknessMm: number, sizeMm: number, margin: number): readonly [number, number] | null;
  /**
   * No less filling than this is left at a thickness and size, g, whatever the dose: what need not be
   * looked at closer is then passed over. Negative where all of it may be used up.
   */
  leastLeftG?(thicknessMm: number, sizeMm: number): number;
  /** The margin that is aimed at first. */
  readonly comfort?: number;
  /** Turns pieces into dough and back, at a thickness and size. */
  terms(thicknessMm: number, sizeMm: number): DoughTerms;
  /** What the dough gives at a thickness and size, where it has been worked out before. */
  readonly rolls?: (thicknessMm: number, sizeMm: number) => Rolls;
  /** The ways in which pieces may come out of the dough, of which the best is taken; by share when left out. */
  ways?(thicknessMm: number, sizeMm: number, terms: DoughTerms): readonly DoughWay[];
}

export interface DeadHeat {
  readonly doseG: number;
  readonly thicknessMm: number;
  readonly sizeMm: number;
  readonly pieces: number;
  readonly leftoverDoughG: number;
  readonly leftoverFillingG: number;
  /** No further piece can be cut, and less than one dose is left. */
  readonly usedUp: boolean;
}

export interface HeatCandidate extends DeadHeat {
  readonly cost: number;
}

/**
 * Uses up the dough and the filling in hand together: turns the dose first, then the thickness, then the
 * blank, each inside its band and as little as it needs. A piece that holds with ease comes before one on
 * the edge, then the least left over, then the least change. Law over bands that are rules.
 * @example deadHeat({ doughG: 616, fillingG: 928, … }) // { doseG: 9, pieces: 100, usedUp: true, … }
 */
export function deadHeat(asked: DeadHeatInput): DeadHeat {
  const from = { ...asked, rolls: rollsOf(asked) };
  const found = (from.comfort && bestHeat(from, from.comfort)) || bestHeat(from, 1);
  if (found) return withoutCost(found);
  // Nothing holds anywhere: the piece as it is, which its own lip then fails.
  const asItIs = heatAt(
    { ...from, doseBandG: () => [from.doseG, from.doseG] },
    from.thicknessMm,
    from.sizeMm,
  );
  return asItIs ? withoutCost(asItIs) : nothingPossible(from);
}

/** The first that uses both up, nearest to the piece as it is; else the one that leaves least; null without any. */
function bestHeat(from: DeadHeatInput, margin: number): HeatCandidate | null {
  const nearestFirst = (values: readonly number[], to: number) =>
    [to, ...values.filter((each) => each !== to)].sort(
      (a, b) => Math.abs(a - to) - Math.abs(b - to),
    );
  let best: HeatCandidate | null = null;
  // Dose alone is the first entry; then thickness at the present size; then size as well.
  for (const s of nearestFirst(from.sizesMm, from.sizeMm)) {
    for (const t of nearestFirst(from.thicknessesMm, from.thicknessMm)) {
      if (best && (from.leastLeftG?.(t, s) ?? 0) / from.fillingG > best.cost) continue;
      const candidate = heatAt(from, t, s, margin);
      if (candidate?.usedUp) return candidate;
      if (candidate && (!best || candidate.cost < best.cost - 1e-12)) best = candidate;
    }
  }
  return best;
}

/**
 * Uses both up at one thickness and size as far as the dose can; null when no dose holds, or not one
 * piece can be made.
 * `cost` is what is left of each, as shares, added.
 */
export function heatAt(
  from: DeadHeatInput,
  thicknessMm: number,
  sizeMm: number,
  margin = 1,
): HeatCandidate | null {
  const band = from.doseBandG(thicknessMm, sizeMm, margin);
  if (!band) return null;
  const [lowG, highG] = band;
  if (!(highG > 0) || highG < lowG) return null;
  const {
    terms,
    lotG,
    ways,
    pieces: fromDough,
  } = (from.rolls ?? rollsOf(from))(thicknessMm, sizeMm);
  if (fromDough < 1) return null;
  const dosed = from.dosed ?? 1;
  const wanted = usableFilling(from.fillingG, terms) / fromDough / dosed;
  const doseG = Math.min(highG, Math.max(lowG, wanted));
  const exact = { doseG: doseG * dosed, fillingLoss: terms.fillingLoss };
  const pieces = Math.min(fromDough, piecesFromFilling(from.fillingG, exact));
  if (pieces < 1) return null;
  // Clear the last crumbs of rounding so that a bowl that is used up reads as empty.
  const runs = ways
    .map((way) => way.roll(lotG, pieces))
    .filter((run) => run.pieces === pieces)
    .sort((a, b) => b.restG - a.restG);
  const restG = runs[0]?.restG ?? 0;
  const leftoverDoughG = restG / (1 - terms.stuckShare);
  const leftoverFillingG = Math.max(0, from.fillingG - fillingFor(pieces, exact));
  return {
    doseG,
    thicknessMm,
    sizeMm,
    pieces,
    leftoverDoughG,
    leftoverFillingG,
    usedUp: pieces === fromDough && leftoverFillingG < exact.doseG + 1e-6,
    cost: (leftoverDoughG + (runs[0]?.endsG ?? 0)) / from.doughG + leftoverFillingG / from.fillingG,
  };
}

/** What the dough in hand gives at one thickness and size, whatever the dose. */
export interface Rolls {
  readonly terms: DoughTerms;
  readonly lotG: number;
  readonly ways: readonly DoughWay[];
  readonly pieces: number;
}

/** The same, each thickness and size worked out once: it is asked for again at another margin. */
function rollsOf(from: DeadHeatInput): (thicknessMm: number, sizeMm: number) => Rolls {
  const known = new Map<string, Rolls>();
  return (thicknessMm, sizeMm) => {
    const key = `${thicknessMm} ${sizeMm}`;
    const before = known.get(key);
    if (before) return before;
    const terms = from.terms(thicknessMm, sizeMm);
    const lotG = rolledDough(from.doughG, terms);
    const ways = from.ways?.(thicknessMm, sizeMm, terms) ?? [byShare(terms)];
    const pieces = Math.max(...ways.map((way) => way.roll(lotG, Infinity).pieces));
    const rolls = { terms, lotG, ways, pieces };
    known.set(key, rolls);
    return rolls;
  };
}

const withoutCost = ({ cost: _cost, ...rest }: HeatCandidate): DeadHeat => rest;

const nothingPossible = (from: DeadHeatInput): DeadHeat => ({
  doseG: from.doseG,
  thicknessMm: from.thicknessMm,
  sizeMm: from.sizeMm,
  pieces: 0,
  leftoverDoughG: from.doughG,
  leftoverFillingG: from.fillingG,
  usedUp: false,
});

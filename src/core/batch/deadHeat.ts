import {
  doughFor,
  fillingFor,
  piecesFromDough,
  piecesFromFilling,
  usableFilling,
  type DoughTerms,
} from './batch';

/** What the dead heat may turn, and how far. */
export interface DeadHeatInput {
  readonly doughG: number;
  readonly fillingG: number;
  readonly doseG: number;
  readonly thicknessMm: number;
  readonly sizeMm: number;
  /** Thicknesses allowed, the dial's own steps; empty to keep the present one. */
  readonly thicknessesMm: readonly number[];
  /** Blank sizes allowed; empty to keep the present one. */
  readonly sizesMm: readonly number[];
  /** Doses allowed at a thickness and size; null when none holds there. */
  doseBandG(thicknessMm: number, sizeMm: number): readonly [number, number] | null;
  /** Turns pieces into dough and back, at a thickness and size. */
  terms(thicknessMm: number, sizeMm: number): DoughTerms;
  /** Pieces that the dough gives in whole sheets; never more than by share. */
  piecesInSheets?(thicknessMm: number, sizeMm: number, terms: DoughTerms): number;
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
 * Uses up the dough and the filling in hand together: turns the dose first, then the thickness,
 * then the blank, each inside its band and as little as it needs. When nothing uses both up, the
 * candidate that leaves the smallest share. Law over bands that are rules.
 * @example deadHeat({ doughG: 616, fillingG: 928, … }) // { doseG: 9, pieces: 100, usedUp: true, … }
 */
export function deadHeat(from: DeadHeatInput): DeadHeat {
  const nearestFirst = (values: readonly number[], to: number) =>
    [to, ...values.filter((each) => each !== to)].sort(
      (a, b) => Math.abs(a - to) - Math.abs(b - to),
    );
  const thicknesses = nearestFirst(from.thicknessesMm, from.thicknessMm);
  const sizes = nearestFirst(from.sizesMm, from.sizeMm);
  let best: HeatCandidate | undefined;
  // Dose alone is the first entry; then thickness at the present size; then size as well.
  const stages: [number, number][][] = [
    thicknesses.map((t) => [t, from.sizeMm]),
    sizes.slice(1).flatMap((s) => thicknesses.map((t): [number, number] => [t, s])),
  ];
  for (const stage of stages) {
    for (const [t, s] of stage) {
      const candidate = heatAt(from, t, s);
      if (candidate?.usedUp) return withoutCost(candidate);
      if (candidate && (!best || candidate.cost < best.cost - 1e-12)) best = candidate;
    }
  }
  if (best) return withoutCost(best);
  // Nothing holds anywhere: the piece as it is, which its own lip then fails.
  const asItIs = heatAt(
    { ...from, doseBandG: () => [from.doseG, from.doseG] },
    from.thicknessMm,
    from.sizeMm,
  );
  return asItIs ? withoutCost(asItIs) : nothingPossible(from);
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
): HeatCandidate | null {
  const band = from.doseBandG(thicknessMm, sizeMm);
  if (!band) return null;
  const [lowG, highG] = band;
  if (!(highG > 0) || highG < lowG) return null;
  const terms = from.terms(thicknessMm, sizeMm);
  const fromDough = Math.min(
    piecesFromDough(from.doughG, terms),
    from.piecesInSheets?.(thicknessMm, sizeMm, terms) ?? Number.MAX_SAFE_INTEGER,
  );
  if (fromDough < 1) return null;
  const wanted = usableFilling(from.fillingG, terms) / fromDough;
  const doseG = Math.min(highG, Math.max(lowG, wanted));
  const exact = { doseG, fillingLoss: terms.fillingLoss };
  const pieces = Math.min(fromDough, piecesFromFilling(from.fillingG, exact));
  if (pieces < 1) return null;
  // Clear the last crumbs of rounding so that a bowl that is used up reads as empty.
  const leftoverDoughG = Math.max(0, from.doughG - doughFor(pieces, terms));
  const leftoverFillingG = Math.max(0, from.fillingG - fillingFor(pieces, exact));
  return {
    doseG,
    thicknessMm,
    sizeMm,
    pieces,
    leftoverDoughG,
    leftoverFillingG,
    usedUp: pieces === fromDough && leftoverFillingG < doseG + 1e-6,
    cost: leftoverDoughG / from.doughG + leftoverFillingG / from.fillingG,
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

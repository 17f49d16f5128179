import { lengthOfDough } from './massBalance';

export interface PlannedSheets {
  readonly count: number;
  readonly massG: number;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly thicknessMm: number;
}

/**
 * Splits a dough into equal portions so that no rolled sheet is longer than the bench allows.
 * Law (mass balance). Edges are trimmed straight, so the sheet is a little narrower than the roller.
 * @example plannedSheets({ doughG: 616, widthMm: 140, thicknessMm: 0.8, benchMm: 900 })
 * // { count: 6, massG: 102.7, lengthMm: 764, … }
 */
export function plannedSheets({
  doughG,
  widthMm,
  thicknessMm,
  benchMm,
}: {
  doughG: number;
  widthMm: number;
  thicknessMm: number;
  benchMm: number;
}): PlannedSheets {
  if (doughG < 0.1) return { count: 0, massG: 0, lengthMm: 0, widthMm, thicknessMm };
  const total = lengthOfDough(doughG, widthMm, thicknessMm);
  const count = Math.max(1, Math.ceil(total / benchMm - 1e-9));
  return { count, massG: doughG / count, lengthMm: total / count, widthMm, thicknessMm };
}

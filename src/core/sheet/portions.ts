import { startingRules, type Rules } from '../basis/rules';

export interface Portions {
  /** Sheets that one portion becomes: 1, 2 or 4. */
  readonly sheetsEach: number;
  readonly count: number;
  readonly eachG: number;
  /** A last, smaller one, g; 0 when the dough divides evenly. */
  readonly lastG: number;
}

/**
 * Portions to cut a dough in, so that each rolls out to whole sheets. Law on the rule for a handy one.
 * @param doughG all of it, before rolling
 * @param sheetG one full sheet, what sticks counted
 * @param together sheets that are laid together, so rolled from one portion where they can be
 * @example portions({ doughG: 700, sheetG: 100, together: 1 }) // { sheetsEach: 2, count: 3, eachG: 200, lastG: 100 }
 */
export function portions(
  { doughG, sheetG, together }: { doughG: number; sheetG: number; together: 1 | 2 },
  rules: Rules = startingRules,
): Portions {
  let sheetsEach = 1;
  while (
    sheetsEach < 4 &&
    (sheetsEach < together || sheetsEach * 2 * sheetG <= rules['sheet.portion'].value) &&
    sheetsEach * sheetG < doughG
  ) {
    sheetsEach *= 2;
  }
  const eachG = sheetsEach * sheetG;
  const count = Math.floor(doughG / eachG + 1e-9);
  const lastG = doughG - count * eachG;
  // A few grams over go with the last portion rather than make one of their own.
  return lastG < 0.1 * sheetG
    ? { sheetsEach, count, eachG, lastG: 0 }
    : { sheetsEach, count, eachG, lastG };
}

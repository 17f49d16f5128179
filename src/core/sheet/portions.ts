import type { Rules } from '../basis/rules';

export interface Portions {
  /** Sheets that one portion becomes: 1, 2 or 4, and no more than there are. */
  readonly sheetsEach: number;
  readonly count: number;
  readonly eachG: number;
  /** A last, smaller one, g; 0 when the dough divides evenly. */
  readonly lastG: number;
}

/**
 * Portions to cut a dough in, so that each rolls out to whole sheets. Law on the rule for a handy one.
 * @param doughG what is rolled, before rolling
 * @param sheetG one full sheet, what sticks counted
 * @param sheets sheets that the dough is rolled out to in all
 * @param together sheets that are laid together, so rolled from one portion where they can be
 * @example portions({ doughG: 700, sheetG: 100, sheets: 7, together: 1 })
 * // { sheetsEach: 2, count: 3, eachG: 200, lastG: 100 }
 */
export function portions(
  {
    doughG,
    sheetG,
    sheets,
    together,
  }: { doughG: number; sheetG: number; sheets: number; together: 1 | 2 },
  rules: Rules,
): Portions {
  const handyG = rules['sheet.portion'].value;
  let sheetsEach = 1;
  while (sheetsEach < 4 && (sheetsEach < together || sheetsEach * 2 * sheetG <= handyG)) {
    sheetsEach *= 2;
  }
  sheetsEach = Math.max(1, Math.min(sheetsEach, sheets));
  const eachG = sheetsEach * sheetG;
  const count = Math.floor(doughG / eachG + 1e-9);
  const lastG = doughG - count * eachG;
  if (count === 0 || lastG >= 0.1 * sheetG) return { sheetsEach, count, eachG, lastG };
  // A few grams over go with the last portion rather than make one of their own; less than a scale shows goes with all.
  return lastG < 0.5
    ? { sheetsEach, count, eachG: doughG / count, lastG: 0 }
    : { sheetsEach, count: count - 1, eachG, lastG: eachG + lastG };
}

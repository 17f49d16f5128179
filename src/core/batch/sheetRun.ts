import { shortLaying, type Laying } from '../layout/laying';
import type { DoughWay, Rolled, Rolling } from './rolled';

/** What a lot is rolled out by. */
export interface SheetTerms {
  /** Flat dough of one piece, g. */
  readonly doughPerPieceG: number;
  readonly laying: Laying;
  readonly rerolls: number;
  readonly trimUsable: number;
}

const EPSILON = 1e-9;

/** Searching the least dough ends when it is known to this, g. */
const CLOSE_G = 0.01;

/**
 * Rolls a dough out in whole sheets, the last one short, then its trim, until enough is cut: counts
 * what comes out. Sheets are weighed by their size, pieces by theirs; the trim is what lies between.
 * Dough too little for a sheet is kneaded into the trim where that is rolled again. Law on the rule
 * for usable trim.
 * @param doughG what goes through the roller, what sticks and end trim already off
 * @param wanted pieces that are enough; all the dough gives when left out
 */
export function sheetRun({
  doughG,
  wanted = Infinity,
  ...terms
}: SheetTerms & { readonly doughG: number; readonly wanted?: number }): Rolled {
  const { laying, rerolls, trimUsable } = terms;
  const rollings: Rolling[] = [];
  let lotG = doughG;
  let pieces = 0;
  let sheets = 0;
  let spoiltG = 0;
  let endsG = 0;
  let restG = 0;
  for (let generation = 0; generation <= rerolls; generation += 1) {
    const rolling = roll(lotG, terms, wanted - pieces, generation);
    if (generation > 0 && rolling.pieces < 1) break;
    rollings.push(rolling);
    pieces += rolling.pieces;
    sheets += (rolling.full + (rolling.short ? 1 : 0)) * laying.sheets;
    spoiltG += rolling.trimG * (1 - trimUsable);
    endsG = rolling.trimG * trimUsable;
    // Fresh dough that no sheet needs stays dough; what is left of kneaded trim stays trim.
    const again = generation < rerolls && pieces < wanted;
    if (generation === 0 && !again) restG = rolling.restG;
    else endsG += rolling.restG;
    if (!again) break;
    lotG = endsG;
  }
  // A dough that gives nothing is dough still.
  return pieces < 1
    ? { rollings, pieces, sheets, spoiltG: 0, endsG: 0, restG: doughG }
    : { rollings, pieces, sheets, spoiltG, endsG, restG };
}

function roll(
  doughG: number,
  { doughPerPieceG, laying }: SheetTerms,
  wanted: number,
  generation: number,
): Rolling {
  const paired = laying.way === 'cutBlanks' ? 2 : 1;
  const perLaying = laying.pieces * paired;
  const full = Math.min(
    Math.floor(doughG / laying.massG + EPSILON),
    perLaying > 0 ? Math.floor((wanted * paired) / perLaying + EPSILON) : Infinity,
  );
  const last = shortLaying(laying, {
    mostG: Math.max(0, doughG - full * laying.massG),
    blanks: wanted * paired - full * perLaying,
  });
  const blanks = full * perLaying + (last?.blanks ?? 0);
  const pieces = Math.min(wanted, Math.floor(blanks / paired + EPSILON));
  const sheetsG = full * laying.massG + (last?.massG ?? 0);
  return {
    generation,
    doughG,
    full,
    short: last && {
      lengthMm: last.lengthMm,
      pieces: pieces - Math.floor((full * perLaying) / paired + EPSILON),
    },
    pieces,
    trimG: sheetsG - pieces * doughPerPieceG,
    restG: Math.max(0, doughG - sheetsG),
  };
}

/** By whole sheets in a pattern, as `sheetRun` rolls them. */
export const inSheets = (terms: SheetTerms): DoughWay => ({
  roll: (doughG, wanted) => sheetRun({ ...terms, doughG, wanted }),
  lotFor(pieces) {
    const enough = (doughG: number) =>
      sheetRun({ ...terms, doughG, wanted: pieces }).pieces >= pieces;
    let low = pieces * terms.doughPerPieceG;
    if (enough(low)) return low;
    let high = low + terms.laying.massG;
    for (let tries = 0; !enough(high); tries += 1) {
      if (tries === 40) return null;
      high += 2 ** tries * terms.laying.massG;
    }
    while (high - low > CLOSE_G) {
      const middle = (low + high) / 2;
      if (enough(middle)) high = middle;
      else low = middle;
    }
    return high;
  },
});

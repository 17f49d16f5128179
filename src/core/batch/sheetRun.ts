import { blanksInLength, lengthOfMass, massOfLength, type Laying } from '../layout/laying';

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
  /** What is left when its pieces are cut, before any of it is thrown out. */
  readonly trimG: number;
}

export interface SheetRun {
  readonly rollings: readonly Rolling[];
  readonly pieces: number;
  /** Sheets rolled in all, short ones counted. */
  readonly sheets: number;
  /** Trim not fit to roll again, of every rolling. */
  readonly spoiltG: number;
  /** Trim fit to use after the last rolling: noodles, soup squares. */
  readonly endsG: number;
}

const EPSILON = 1e-9;

/**
 * Rolls a dough out in whole sheets, the last one short, then its trim: counts what comes out.
 * Mass in = pieces + spoilt + ends. Law on the rule for usable trim.
 * @param doughG what goes through the roller, what sticks and end trim already off
 * @param doughPerPieceG flat dough of one piece
 */
export function sheetRun({
  doughG,
  doughPerPieceG,
  laying,
  rerolls,
  trimUsable,
}: {
  doughG: number;
  doughPerPieceG: number;
  laying: Laying;
  rerolls: number;
  trimUsable: number;
}): SheetRun {
  const rollings: Rolling[] = [];
  let inG = doughG;
  let pieces = 0;
  let sheets = 0;
  let spoiltG = 0;
  for (let generation = 0; generation <= rerolls; generation += 1) {
    const rolling = roll(inG, doughPerPieceG, laying, generation);
    if (generation > 0 && rolling.pieces < 1) break;
    rollings.push(rolling);
    pieces += rolling.pieces;
    sheets += (rolling.full + (rolling.short ? 1 : 0)) * laying.sheets;
    spoiltG += rolling.trimG * (1 - trimUsable);
    inG = rolling.trimG * trimUsable;
  }
  return { rollings, pieces, sheets, spoiltG, endsG: inG };
}

function roll(doughG: number, doughPerPieceG: number, laying: Laying, generation: number): Rolling {
  const full = Math.floor(doughG / laying.massG + EPSILON);
  const restG = Math.max(0, doughG - full * laying.massG);
  const lengthMm = lengthOfMass(laying, restG);
  const paired = laying.way === 'cutBlanks' ? 2 : 1;
  const blanksShort = blanksInLength(laying, lengthMm);
  const blanks = full * laying.pieces * paired + blanksShort;
  const pieces = Math.floor(blanks / paired + EPSILON);
  const inShort = pieces - Math.floor(full * laying.pieces + EPSILON);
  return {
    generation,
    doughG,
    full,
    short: blanksShort > 0 ? { lengthMm, pieces: inShort } : null,
    pieces,
    trimG: Math.max(0, doughG - pieces * doughPerPieceG),
  };
}

/**
 * The least dough, at least `fromG`, whose sheets give so many pieces, g; null when none within
 * three sheets of it does.
 */
export function doughForSheets(
  pieces: number,
  fromG: number,
  given: Omit<Parameters<typeof sheetRun>[0], 'doughG'>,
): number | null {
  const enough = (doughG: number) => sheetRun({ ...given, doughG }).pieces >= pieces;
  if (enough(fromG)) return fromG;
  let low = fromG;
  let high = fromG + massOfLength(given.laying, given.laying.lengthMm);
  for (let tries = 0; !enough(high); tries += 1) {
    if (tries === 3) return null;
    low = high;
    high += given.laying.massG;
  }
  while (high - low > 0.05) {
    const middle = (low + high) / 2;
    if (enough(middle)) high = middle;
    else low = middle;
  }
  return high;
}

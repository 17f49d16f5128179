import { DOUGH_DENSITY_G_PER_ML, ML_PER_MM3 } from '../physics/constants';
import {
  arrangementsOf,
  bestArrangement,
  blanksIn,
  lengthOfStacks,
  stacksIn,
  type Arrangement,
} from './arrangements';
import type { Cut } from './cut';
import type { SheetWay } from './sheetWay';

export interface LayingInput {
  readonly cut: Cut;
  readonly way: SheetWay;
  /** The rolled sheet, edges straightened. */
  readonly widthMm: number;
  /** No sheet longer than this. */
  readonly longestMm: number;
  readonly thicknessMm: number;
  readonly gapMm: number;
  /** Lost at each cut end of a sheet; a crease loses nothing. */
  readonly endMm: number;
  /** Flat dough of one piece, all layers, mm². */
  readonly pieceAreaMm2: number;
}

/** One sheet laid and cut, or two in register: its pattern and what it yields. */
export interface Laying extends LayingInput {
  readonly arrangement: Arrangement | null;
  readonly stacks: number;
  /** Sheets that lie together: 2 in register, else 1. */
  readonly sheets: 1 | 2;
  readonly lengthMm: number;
  /** All dough of it, g. */
  readonly massG: number;
  readonly pieces: number;
  /** Share of its dough that becomes pieces. */
  readonly share: number;
  /** The part of a sheet that blanks are set out on, mm. */
  readonly field: Field;
}

export interface Field {
  readonly fromX: number;
  readonly fromY: number;
  readonly lengthMm: number;
  readonly widthMm: number;
  /** Middle of the first stack's line, from `fromX`; lower edge of the pattern, from `fromY`. */
  readonly firstX: number;
  readonly firstY: number;
}

/** Room along a sheet for blanks, mm. A book's near half has its crease at one end. */
const roomAlong = ({ way, endMm }: LayingInput, lengthMm: number): number =>
  way === 'book' ? lengthMm / 2 - endMm : lengthMm - 2 * endMm;

const lengthForRoom = ({ way, endMm }: LayingInput, roomMm: number): number =>
  way === 'book' ? 2 * (roomMm + endMm) : roomMm + 2 * endMm;

/** Width of the part that blanks are set out on, mm. */
const fieldWidth = ({ way, widthMm }: LayingInput): number =>
  way === 'foldLong' ? widthMm / 2 : widthMm;

const piecesOf = (way: SheetWay, blanks: number): number =>
  way === 'cutBlanks' ? blanks / 2 : blanks;

/**
 * Weight of a length of laid sheet, g. Law (mass balance).
 * @example massOfLength(laying, 930) // 125 for one sheet of 140 × 0.8 mm
 */
export const massOfLength = (
  { way, widthMm, thicknessMm }: LayingInput,
  lengthMm: number,
): number =>
  DOUGH_DENSITY_G_PER_ML * widthMm * thicknessMm * lengthMm * ML_PER_MM3 * (way === 'two' ? 2 : 1);

/** Length of laid sheet that a weight of dough gives, mm; the inverse. Law. */
export const lengthOfMass = (input: LayingInput, massG: number): number =>
  massG / massOfLength(input, 1);

/** The same pattern rolled to another thickness. */
export const atThickness = (laying: Laying, thicknessMm: number): Laying => ({
  ...laying,
  thicknessMm,
  massG: (laying.massG * thicknessMm) / laying.thicknessMm,
});

/**
 * Length of the longest sheet in this pattern that gives no more than so many pieces, mm; null when
 * even one stack gives more. Law.
 */
export function lengthForPieces(laying: Laying, pieces: number): number | null {
  const { arrangement } = laying;
  if (!arrangement) return null;
  let stacks = 0;
  while (
    stacks < laying.stacks &&
    piecesOf(laying.way, blanksIn(arrangement, stacks + 1)) <= pieces
  ) {
    stacks += 1;
  }
  return stacks > 0 ? lengthForRoom(laying, lengthOfStacks(arrangement, stacks)) : null;
}

/** Blanks that a shorter laid sheet gives in the same pattern. Law. */
export const blanksInLength = (laying: Laying, lengthMm: number): number =>
  laying.arrangement
    ? blanksIn(laying.arrangement, stacksIn(laying.arrangement, roomAlong(laying, lengthMm)))
    : 0;

/** A last sheet, as short as its blanks allow. */
export interface ShortLaying {
  readonly lengthMm: number;
  readonly massG: number;
  readonly blanks: number;
}

/**
 * The shortest sheet in a pattern that gives so many blanks, of no more dough than there is; as many
 * blanks as there are where the dough does not reach. Whole stacks, and whole moulds. Law.
 * @returns null when not one stack can be cut, or none is wanted
 */
export function shortLaying(
  laying: Laying,
  { mostG, blanks: wanted }: { mostG: number; blanks: number },
): ShortLaying | null {
  const { arrangement } = laying;
  if (!arrangement || wanted <= 0) return null;
  const room = roomAlong(laying, lengthOfMass(laying, mostG));
  const most = Math.min(laying.stacks, stacksIn(arrangement, room));
  // Stacks come in pairs of an even and an odd one.
  const pair = blanksIn(arrangement, 2);
  let stacks = Math.min(most, Math.max(0, 2 * Math.floor(wanted / pair) - 1));
  while (stacks < most && blanksIn(arrangement, stacks) < wanted) stacks += 1;
  if (stacks < 1) return null;
  const lengthMm = lengthForRoom(laying, lengthOfStacks(arrangement, stacks));
  return {
    lengthMm,
    massG: massOfLength(laying, lengthMm),
    blanks: Math.min(wanted, blanksIn(arrangement, stacks)),
  };
}

/**
 * The best pattern for a sheet as long as may be, cut back to whole stacks: what one laying yields.
 * Law (geometry). When nothing fits `pieces` is 0 and the sheet keeps its full length.
 * @example layingOf({ cut: discs of 60 mm, way: 'single', widthMm: 145, longestMm: 900, … }).pieces
 */
export function layingOf(input: LayingInput): Laying {
  const room = roomAlong(input, input.longestMm);
  return inArrangement(input, bestArrangement(arrangementsFor(input), room));
}

/**
 * Every pattern in which a blank can be cut from the sheet, the one that gives most from the longest
 * first; which is best for a whole batch hangs on its last, shorter sheet too.
 */
export function layingsOf(input: LayingInput): Laying[] {
  const best = layingOf(input);
  const others = arrangementsFor(input)
    .filter(({ id }) => id !== best.arrangement?.id)
    .map((arrangement) => inArrangement(input, arrangement))
    .filter(({ pieces }) => pieces > 0);
  return [best, ...others];
}

const arrangementsFor = (input: LayingInput): Arrangement[] =>
  arrangementsOf(input.cut, fieldWidth(input), input.gapMm);

function inArrangement(input: LayingInput, arrangement: Arrangement | null): Laying {
  const width = fieldWidth(input);
  const room = roomAlong(input, input.longestMm);
  const stacks = arrangement ? stacksIn(arrangement, room) : 0;
  const used = arrangement ? lengthOfStacks(arrangement, stacks) : 0;
  const lengthMm = arrangement ? lengthForRoom(input, used) : input.longestMm;
  const pieces = arrangement ? piecesOf(input.way, blanksIn(arrangement, stacks)) : 0;
  const sheets = input.way === 'two' ? 2 : 1;
  return {
    ...input,
    arrangement,
    stacks,
    sheets,
    lengthMm,
    massG: massOfLength(input, lengthMm),
    pieces,
    share: (pieces * input.pieceAreaMm2) / (input.widthMm * lengthMm * sheets),
    field: {
      fromX: input.endMm,
      fromY: 0,
      lengthMm: used,
      widthMm: width,
      firstX: arrangement?.halfMm ?? 0,
      // Against the crease where it runs along, else in the middle of the sheet.
      firstY:
        Math.max(0, width - (arrangement?.acrossMm ?? 0)) / (input.way === 'foldLong' ? 1 : 2),
    },
  };
}

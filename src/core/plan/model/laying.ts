import type { Basis } from '../../basis/basis';
import type { Rules } from '../../basis/rules';
import { lengthOfDough } from '../../sheet/massBalance';
import { layingOf, layingsOf, type Laying, type LayingInput } from '../../layout/laying';
import type { SheetWay } from '../../layout/sheetWay';
import type { PieceInput } from '../../shapes/piece';
import { familyOf } from '../../shapes/families';
import { doesNotFit, type DoesNotFit } from '../../layout/doesNotFit';
import type { Plan } from '../document/schema';

/** Share to reckon with while no blank fits the sheet: the plan says so and fails. */
export const SHARE_WHEN_NOTHING_FITS = 0.5;

/** How the sheets of a plan lie: as chosen, where its shape allows that, else its shape's usual way. */
export function sheetWayOf({ shape }: Plan): SheetWay {
  const { sheetWays } = familyOf(shape.family);
  return sheetWays.includes(shape.sheets) ? shape.sheets : (sheetWays[0] ?? 'single');
}

/**
 * The plan's sheet with its pattern, for a piece of it. A blank wider than the roller is found out here.
 * @param longestMm no sheet longer than this
 */
export const layingFor = (plan: Plan, piece: SheetPiece, longestMm: number): Laying =>
  layingOf(layingInput(plan, piece, longestMm));

/** No sheet is rolled longer than this, however it is laid, mm. */
const MOST_MM = 10_000;

/**
 * The longest sheet of a plan, mm: as long as its bench; or, laid in loose floured folds, as long as a
 * portion that two hands roll with ease comes out.
 */
export function longestSheet({ sheet }: Plan, rules: Rules): number {
  if (sheet.long === 'bench') return sheet.benchMm;
  const widthMm = Math.min(sheet.widthMm, sheet.roller.widthMm);
  const portionMm = lengthOfDough(rules['sheet.portion'].value, widthMm, sheet.thicknessMm);
  return Math.min(MOST_MM, Math.max(sheet.benchMm, portionMm));
}

/** Every pattern that the plan's sheet can be cut in, the best of the longest sheet first. */
export function layingsFor(plan: Plan, piece: SheetPiece, rules: Rules): [Laying, ...Laying[]] {
  const [best, ...others] = layingsOf(layingInput(plan, piece, longestSheet(plan, rules)));
  return [best!, ...others];
}

/** What of a piece its pattern hangs on. */
type SheetPiece = Pick<PieceInput, 'family' | 'size' | 'thicknessMm'>;

function layingInput(
  plan: Plan,
  { family, size, thicknessMm }: SheetPiece,
  longestMm: number,
): LayingInput {
  const { sheet, shape } = plan;
  return {
    cut: family.cut(size),
    way: sheetWayOf(plan),
    widthMm: Math.min(sheet.widthMm, sheet.roller.widthMm),
    longestMm,
    thicknessMm,
    gapMm: shape.gapMm,
    endMm: sheet.endMm,
    pieceAreaMm2: family.flatAreaMm2(size),
  };
}

/** The patterns there are, and what stands in the way where nothing can be cut. */
export interface LayingStage {
  readonly layings: readonly [Laying, ...Laying[]];
  readonly doesNotFit: DoesNotFit | null;
}

/** Third stage: how the piece may be cut from the longest sheet. */
export function layingStage(plan: Plan, piece: PieceInput, { rules }: Basis): LayingStage {
  const layings = layingsFor(plan, piece, rules);
  return { layings, doesNotFit: doesNotFit(layings[0]) };
}

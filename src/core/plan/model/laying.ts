import { layingOf, type Laying } from '../../layout/laying';
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
 * @param longestMm as long as the bench allows when left out
 */
export function layingFor(
  plan: Plan,
  { family, size, thicknessMm }: Pick<PieceInput, 'family' | 'size' | 'thicknessMm'>,
  longestMm = plan.sheet.benchMm,
): Laying {
  const { sheet, shape } = plan;
  return layingOf({
    cut: family.cut(size),
    way: sheetWayOf(plan),
    widthMm: Math.min(sheet.widthMm, sheet.roller.widthMm),
    longestMm,
    thicknessMm,
    gapMm: shape.gapMm,
    endMm: sheet.endMm,
    pieceAreaMm2: family.flatAreaMm2(size),
  });
}

/** The sheet with its pattern, and what stands in the way where nothing can be cut from it. */
export interface LayingStage {
  readonly laying: Laying;
  readonly doesNotFit: DoesNotFit | null;
}

/** Third stage: how the piece is cut from the longest sheet. */
export function layingStage(plan: Plan, piece: PieceInput): LayingStage {
  const laying = layingFor(plan, piece);
  return { laying, doesNotFit: doesNotFit(laying) };
}

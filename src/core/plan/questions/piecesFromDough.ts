import { basisWith, type Basis } from '../../basis/basis';
import type { Pantry } from '../../composition/pantry';
import type { SheetWay } from '../../layout/sheetWay';
import type { Kitchen } from '../../kitchen/kitchen';
import { familyOf, type FamilyId } from '../../shapes/families';
import type { Plan } from '../document/schema';
import { evaluatePlan } from '../evaluatePlan';
import { startingPlans } from '../starting/startingPlans';
import { inKitchen } from './inKitchen';

/** A dough, and the piece it is to become. */
export interface PiecesAsked {
  readonly family: FamilyId;
  readonly doughG: number;
  /** The shape's first measure, mm: side, diameter, strip. */
  readonly sizeMm: number;
  readonly thicknessMm: number;
  readonly doseG: number;
  /** One sheet folded over, or two in a pair. */
  readonly way: SheetWay;
}

/** What a dough gives. */
export interface PiecesGiven {
  readonly pieces: number;
  readonly fillingG: number;
  readonly doughPerPieceG: number;
  /** Sheets rolled; of pieces in two layers two of them make one laying. */
  readonly sheets: number;
  /** Layings of two sheets each; null where a piece takes one sheet. */
  readonly pairs: number | null;
  readonly perLaying: number;
  readonly trimG: number;
  readonly leftG: number;
}

const asPlan = (
  { family, doughG, sizeMm, thicknessMm, doseG, way }: PiecesAsked,
  kitchen: Kitchen,
  basis: Basis,
): Plan => {
  const plan = inKitchen(startingPlans[family], kitchen, basis);
  return {
    ...plan,
    batch: {
      ...plan.batch,
      wayIn: 'dough',
      doughInHandG: doughG,
      tasted: 0,
      breakageShare: 0,
    },
    sheet: { ...plan.sheet, thicknessMm },
    shape: { ...plan.shape, sizeMm, doseG, sheets: way },
  };
};

/**
 * How many pieces of a shape a dough gives, and how much filling they take: cut on this kitchen's roller and
 * bench, its trim rolled again as usual, nothing lost or tasted. Law on the layout.
 * @param asked dough 5 to 100000 g, thickness 0.2 to 6 mm, the measures the shape's own
 * @example piecesFromDough({ family: 'ravioliSquare', doughG: 500, sizeMm: 58, thicknessMm: 0.8, doseG: 10, way: 'two' }, kitchen, pantry)
 * // { pieces: 74, fillingG: 763, pairs: 6, perLaying: 14, … }
 */
export function piecesFromDough(asked: PiecesAsked, kitchen: Kitchen, pantry: Pantry): PiecesGiven {
  const basis = basisWith(pantry);
  const result = evaluatePlan(asPlan(asked, kitchen, basis), basis);
  const { pieces, filling, dough, layout, sheet, trim, leftover } = result;
  const two = layout.laying.sheets === 2;
  return {
    pieces,
    fillingG: filling.totalG,
    doughPerPieceG: dough.perPieceG,
    sheets: sheet.count,
    pairs: two ? Math.ceil(sheet.count / 2) : null,
    perLaying: layout.pieces,
    trimG: trim.g,
    leftG: leftover.doughG,
  };
}

/** A shape as the sum starts with it. `usualPiece('cappelletti')` → `{ sizeMm: 46, thicknessMm: 0.6, doseG: 2, … }` */
export function usualPiece(family: FamilyId): Pick<
  PiecesAsked,
  'sizeMm' | 'thicknessMm' | 'doseG' | 'way'
> & {
  readonly label: string;
  readonly range: { readonly min: number; readonly max: number };
} {
  const { shape, sheet } = startingPlans[family];
  const [size] = familyOf(family).dimensions;
  return {
    sizeMm: shape.sizeMm,
    thicknessMm: sheet.thicknessMm,
    doseG: shape.doseG,
    way: shape.sheets,
    label: size?.label ?? 'Size',
    range: { min: size?.minMm ?? 10, max: size?.maxMm ?? 200 },
  };
}

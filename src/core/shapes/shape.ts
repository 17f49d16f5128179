import type { Rules } from '../basis/rules';
import type { Cut } from '../layout/cut';
import type { SheetWay } from '../layout/sheetWay';
import type { Finish } from './finish';
import type { Form, Mound, MoundInput } from './mound';
import type { PieceDrawing, FlatBlank } from './drawing';

/** Ids of the families the product knows, in the order they are offered. */
export const FAMILY_IDS = [
  'ravioliSquare',
  'ravioliRound',
  'ravioliRectangle',
  'ravioliTriangle',
  'stampedRound',
  'mouldedRavioli',
  'halfMoon',
  'foldedTriangle',
  'bonnet',
  'tortelloni',
  'cappelletti',
  'agnolottiPinched',
  'agnolottiFlat',
] as const;

export type FamilyId = (typeof FAMILY_IDS)[number];

/** The measures of a shape. Which ones a family uses, its `dimensions` and `forms` say. */
export interface Dimensions {
  /** Side or diameter of a blank, width of the strip that a log is folded in, pitch of a mould, mm. */
  readonly sizeMm: number;
  /** Distance from pinch to pinch or cut to cut, for shapes made from a log, mm. */
  readonly pitchMm: number;
  /** The shorter side of a rectangle, mm. */
  readonly acrossMm: number;
  /** Width and depth of a mould's pocket, mm. */
  readonly pocketMm: number;
  readonly depthMm: number;
  /** How a mould's pockets are set out. */
  readonly rows: number;
  readonly columns: number;
  readonly pocket: Form;
  /** What a folded shape is cut as. */
  readonly blank: Form;
  readonly edge: Edge;
}

export type Edge = 'plain' | 'fluted';

/** A length of a shape that the cook sets. */
export interface DimensionField {
  readonly key: 'sizeMm' | 'pitchMm' | 'acrossMm' | 'pocketMm' | 'depthMm';
  readonly label: string;
  /** What is impossible below and above. */
  readonly minMm: number;
  readonly maxMm: number;
  /** The smallest that is usual: where a ruler begins. */
  readonly usualMm: number;
}

/**
 * The measures of a shape, those not given as they start.
 * @example dimensions({ sizeMm: 55 }).blank // 'square'
 */
export const dimensions = (given: Partial<Dimensions>): Dimensions => ({
  sizeMm: 55,
  pitchMm: 30,
  acrossMm: 45,
  pocketMm: 36,
  depthMm: 10,
  rows: 3,
  columns: 4,
  pocket: 'square',
  blank: 'square',
  edge: 'plain',
  ...given,
});

/** What every family of filled pasta answers. A further family is one more object of this kind. */
export interface ShapeFamily {
  readonly id: FamilyId;
  readonly name: string;
  /** One or two words, for a small button. */
  readonly shortName: string;
  /** The piece in a few words, for lists. */
  readonly summary: string;
  /** Where its name differs from place to place. */
  readonly alsoCalled?: string;
  readonly dimensions: readonly DimensionField[];
  /** Target thickness per layer, mm. Rule. */
  readonly thicknessBandMm: readonly [number, number];
  /** Usual doses, g; narrower than what the schema takes. */
  readonly usualDoseG: readonly [number, number];
  readonly finishes: readonly Finish[];
  /** Whether the way of laying (ball, piped, spooned) changes the mound. */
  readonly usesLaid: boolean;
  /** Whether the blank may be square or a disc. */
  readonly usesBlank: boolean;
  /** Whether its edge may be fluted. */
  readonly usesEdge: boolean;
  /** How its sheets may be laid, the usual way first. */
  readonly sheetWays: readonly SheetWay[];
  /** Layers at the sealed edge, and where folded corners meet. */
  readonly layers: { readonly edge: number; readonly join?: number };

  /** Order of folding, a step a line. */
  readonly folding: readonly string[];
  /** Flat dough of one piece, all layers unfolded, mm². Law. */
  flatAreaMm2(size: Dimensions): number;
  mound(from: MoundInput, size: Dimensions, rules: Rules): Mound;
  /** Settled mound to the nearest sealed edge, mm; negative when it runs past. Law. */
  lipMm(size: Dimensions, mound: Mound): number;
  /** How the lip is reckoned, for the working. */
  readonly lipFormula: string;
  readonly areaFormula: string;
  /** Section and view from above, in mm, to scale. */
  draw(
    size: Dimensions,
    mound: Mound,
    sheet: { thicknessMm: number; pressedMm: number },
  ): PieceDrawing;
  /** What is cut from the sheet for it. */
  cut(size: Dimensions): Cut;
  /** The flat blank as it lies on the sheet, and its mound mark. */
  blank(size: Dimensions, mound: Mound): FlatBlank;
}

import type { Finish } from './finish';
import type { Mound, MoundInput } from './mound';
import type { PieceDrawing, FlatBlank } from './drawing';

/** The measures of a shape, all in mm. Which ones a family uses, its `dimensions` say. */
export interface Dimensions {
  /** Side of a square blank, or width of the strip that a log is folded in. */
  readonly sizeMm: number;
  /** Distance from pinch to pinch, for shapes made from a log. */
  readonly pitchMm: number;
}

export interface DimensionField {
  readonly key: keyof Dimensions;
  readonly label: string;
  readonly minMm: number;
  readonly maxMm: number;
}

/** What every family of filled pasta answers. A further family is one more object of this kind. */
export interface ShapeFamily {
  readonly id: string;
  readonly name: string;
  /** The piece in a few words, for lists. */
  readonly summary: string;
  readonly dimensions: readonly DimensionField[];
  /** Target thickness per layer, mm. Rule. */
  readonly thicknessBandMm: readonly [number, number];
  /** Usual doses, g; narrower than what the schema takes. */
  readonly usualDoseG: readonly [number, number];
  readonly finishes: readonly Finish[];
  /** Whether the way of laying (ball, piped, spooned) changes the mound. */
  readonly usesLaid: boolean;
  /** Order of folding, a step a line. */
  readonly folding: readonly string[];
  /** Flat dough of one piece, all layers unfolded, mm². Law. */
  flatAreaMm2(size: Dimensions): number;
  mound(from: MoundInput, size: Dimensions): Mound;
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
  /** The rectangle that the flat blank takes on a sheet, and how it is marked. */
  blank(size: Dimensions, mound: Mound): FlatBlank;
}

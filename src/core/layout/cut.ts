/**
 * What is cut from a sheet, in mm, before any folding.
 * - `rect`: rectangles; `turnable` when they may lie either way
 * - `disc`: discs
 * - `triangle`: equilateral triangles, every other one upside down
 * - `block`: a tray or plate of pockets laid on the sheet as a whole
 */
export type Cut =
  | {
      readonly kind: 'rect';
      readonly alongMm: number;
      readonly acrossMm: number;
      readonly turnable: boolean;
    }
  | { readonly kind: 'disc'; readonly diameterMm: number }
  | { readonly kind: 'triangle'; readonly sideMm: number }
  | {
      readonly kind: 'block';
      readonly rows: number;
      readonly columns: number;
      readonly pitchMm: number;
      /** Bare frame all round the pockets that the sheet must cover. */
      readonly rimMm: number;
    };

/** Height of an equilateral triangle to its side. */
export const TRIANGLE_HEIGHT = Math.sqrt(0.75);

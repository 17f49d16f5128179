import { TRIANGLE_HEIGHT, type Cut } from './cut';
import type { Laying } from './laying';

/** Why nothing can be cut from a sheet, and what would fit. */
export interface DoesNotFit {
  readonly which: 'across' | 'along';
  readonly what: 'blank' | 'mould';
  readonly needsMm: number;
  readonly hasMm: number;
  /** The largest blank that would fit across, mm; null for moulds. */
  readonly largestMm: number | null;
}

/** Least width and length that a cut takes, either way round. */
function boxOf(cut: Cut): { acrossMm: number; alongMm: number } {
  switch (cut.kind) {
    case 'rect': {
      const sides = [cut.acrossMm, cut.alongMm];
      return cut.turnable
        ? { acrossMm: Math.min(...sides), alongMm: Math.max(...sides) }
        : { acrossMm: cut.acrossMm, alongMm: cut.alongMm };
    }
    case 'disc':
      return { acrossMm: cut.diameterMm, alongMm: cut.diameterMm };
    case 'triangle':
      return { acrossMm: cut.sideMm * TRIANGLE_HEIGHT, alongMm: cut.sideMm };
    case 'block': {
      const sides = [cut.rows, cut.columns].map((n) => n * cut.pitchMm + 2 * cut.rimMm);
      return { acrossMm: Math.min(...sides), alongMm: Math.max(...sides) };
    }
  }
}

/**
 * Says what stands in the way when a laying yields nothing; null when it yields.
 * @example doesNotFit(layingOf({ cut: a 160 mm mould, widthMm: 145, … }))
 * // { which: 'across', what: 'mould', needsMm: 160, hasMm: 145, largestMm: null }
 */
export function doesNotFit(laying: Laying): DoesNotFit | null {
  if (laying.pieces > 0) return null;
  const { acrossMm, alongMm } = boxOf(laying.cut);
  const widthMm = laying.field.widthMm;
  const what = laying.cut.kind === 'block' ? 'mould' : 'blank';
  if (acrossMm > widthMm) {
    const side = laying.cut.kind === 'triangle' ? widthMm / TRIANGLE_HEIGHT : widthMm;
    return {
      which: 'across',
      what,
      needsMm: acrossMm,
      hasMm: widthMm,
      largestMm: what === 'mould' ? null : Math.floor(side),
    };
  }
  const half = laying.way === 'book' ? 2 : 1;
  return {
    which: 'along',
    what,
    needsMm: alongMm * half + 2 * laying.endMm,
    hasMm: laying.longestMm,
    largestMm: null,
  };
}

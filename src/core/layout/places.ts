import type { Cut } from './cut';
import type { Laying } from './laying';

/** Where one blank lies on its sheet: the middle of its outline, and how it is turned, degrees. */
export interface Place {
  readonly x: number;
  readonly y: number;
  readonly turn: 0 | 90 | 180 | 270;
  /** Which stack along the sheet, and which across it, from 1. */
  readonly along: number;
  readonly across: number;
}

/**
 * Every blank of a laying, from the sheet's lower left corner, mm. Law (geometry).
 * @param laying as `layingOf` gives it
 * @example placesOf(laying)[0] // { x: 27.5, y: 34.5, turn: 0, along: 1, across: 1 }
 */
export function placesOf(laying: Laying): Place[] {
  const { arrangement, field, stacks, cut } = laying;
  if (!arrangement) return [];
  return Array.from({ length: stacks }, (_, k) => {
    const x = field.fromX + field.firstX + k * arrangement.stepMm;
    return (k % 2 ? arrangement.odd : arrangement.even).flatMap((item, i) =>
      pocketsOf(cut, {
        x: x + item.dx,
        y: field.fromY + field.firstY + item.y,
        turn: item.turn,
        along: k + 1,
        across: i + 1,
      }),
    );
  }).flat();
}

/** A block's pockets, each a place; any other blank is its own. */
function pocketsOf(cut: Cut, at: Place): Place[] {
  if (cut.kind !== 'block') return [at];
  const [along, across] = at.turn === 90 ? [cut.rows, cut.columns] : [cut.columns, cut.rows];
  return Array.from({ length: along * across }, (_, i) => {
    const column = Math.floor(i / across);
    const line = i % across;
    return {
      x: at.x + (column - (along - 1) / 2) * cut.pitchMm,
      y: at.y + (line - (across - 1) / 2) * cut.pitchMm,
      turn: 0,
      along: (at.along - 1) * along + column + 1,
      across: (at.across - 1) * across + line + 1,
    };
  });
}

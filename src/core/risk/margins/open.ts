import { NO_END, type Margin } from './margin';

/**
 * A sheet stays open until its last piece is closed. One that would dry is filled a length at a time, the
 * rest under cover: no piece is lost by it.
 */
export const open = {
  id: 'open',
  station: 'sheet',
  needs: 'a face that still seals',
  workedRound: true,
  of: ({ sheet: { fill } }) =>
    fill.fillMin > 0 ? { capacity: fill.openMin, demand: fill.fillMin } : 'pending',
  // A thicker sheet dries more slowly, in proportion.
  over: ({ sheet: { fill }, piece: { input } }) => {
    const aMm = fill.openMin / input.thicknessMm / fill.fillMin;
    return fill.fillMin > 0 ? (piece) => aMm * piece.sheet.thicknessMm : () => NO_END;
  },
} as const satisfies Margin;

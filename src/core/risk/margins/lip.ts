import type { Margin } from './margin';

/** The settled mound leaves bare dough enough to seal. */
export const lip = {
  id: 'lip',
  station: 'shape',
  needs: 'bare dough to seal',
  // A mound past the edge has no lip at all, not a negative share of one.
  of: ({ piece: { made } }) => ({
    capacity: Math.max(0, made.lipMm),
    demand: made.neededLipMm,
  }),
  over: () => (piece) => piece.lip,
} as const satisfies Margin;

import type { Margin } from './margin';

/** The dough over the mound is thick enough not to tear. */
export const thinning = {
  id: 'thinning',
  station: 'shape',
  needs: 'dough over the top',
  of: ({ piece: { made }, basis: { rules } }) => ({
    capacity: made.overTopMm,
    demand: rules['shape.tears'].value,
  }),
  over: ({ basis: { rules } }) => {
    const tears = rules['shape.tears'].value;
    return (piece) => piece.overTopMm / tears;
  },
} as const satisfies Margin;

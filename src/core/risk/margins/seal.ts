import type { Margin } from './margin';

/** The faces join firmly enough for the pot. */
export const seal = {
  id: 'seal',
  station: 'seal',
  needs: 'faces that join',
  of: ({ hold, basis: { rules } }) => ({
    capacity: hold.sealFactor,
    demand: rules['seal.holds'].value,
  }),
  over: ({ basis: { rules } }) => {
    const holds = rules['seal.holds'].value;
    return (piece) => piece.sheet.sealFactor / holds;
  },
} as const satisfies Margin;

import { said } from '../../drills/drill';
import { withPart } from '../../plan/document/patch';
import type { Decision } from '../decision';

/** How a sheet is filled and closed while it dries. */
export const close: Decision = {
  name: 'The closing',
  asks: 'How do you fill and close the sheets?',
  careful: 'part',
  ways: {
    whole: {
      says: 'Fill a whole sheet, then press each from the middle',
      does: (standing) => ({ ...standing, wholeSheet: true }),
    },
    part: {
      says: 'As much as stays soft, the rest covered; press each from the middle',
      does: (standing) => ({ ...standing, wholeSheet: false }),
    },
    fast: {
      says: 'Fill a whole sheet, and only press the edges, to be quick',
      does: (standing) => ({
        ...standing,
        wholeSheet: true,
        plan: withPart(standing.plan, 'hold', { air: 'none' }),
      }),
    },
  },
  shows: (_, { sheet: { fill } }) => ({
    sees: `One piece takes you ${said(fill.secondsPerPiece)} s, a whole sheet ${said(fill.fillMin)} min. A strip left lying feels like paper after ${said(fill.openMin)} min.`,
  }),
};

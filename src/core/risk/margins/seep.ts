import { NO_END, type Margin } from './margin';

/** The under-face stays dry, and the filling safe, for as long as the hold is planned. */
export const seep = {
  id: 'seep',
  station: 'seal',
  needs: 'an under-face that stays dry',
  of: ({ hold }) => ({ capacity: hold.goodFor?.minute ?? Infinity, demand: hold.plannedMin }),
  over: ({ hold: { plannedMin } }) =>
    plannedMin > 0
      ? ({ sheet: { goodForMin } }) =>
          Number.isFinite(goodForMin) ? goodForMin / plannedMin : NO_END
      : () => NO_END,
} as const satisfies Margin;

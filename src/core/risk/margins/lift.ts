import { liftPull } from '../../hold/lift';
import type { Margin } from './margin';

/** A piece can be lifted from its tray. */
export const lift = {
  id: 'lift',
  station: 'seal',
  needs: 'dough that bears its piece',
  of: ({ hold }) => ({ capacity: hold.wetKPa, demand: hold.pullKPa }),
  over:
    () =>
    ({ dose, sheet, overTopMm }) =>
      sheet.wetKPa /
      liftPull({
        pieceG: dose.doseG + sheet.doughG,
        perimeterMm: dose.perimeterMm,
        thicknessMm: overTopMm,
      }),
} as const satisfies Margin;

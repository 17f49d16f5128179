import type { Laying } from '../layout/laying';
import { dustEffect } from '../sheet/dust';
import { fillTime } from '../sheet/fillTime';
import { openTime } from '../sheet/openTime';
import type { PieceInput } from '../shapes/piece';
import type { Plan } from './schema';

/** The sheet at work: how long it stays open, how long it takes to fill, what dust does to it. */
export function sheetWork(
  { sheet, dough }: Plan,
  { family, thicknessMm }: PieceInput,
  laying: Laying,
  now: { readonly massG: number; readonly flourG: number; readonly waterG: number },
) {
  const waterShare = now.massG > 0 ? now.waterG / now.massG : 0;
  const openMin = openTime({
    thicknessMm,
    waterShare: Math.min(0.6, Math.max(0.1, waterShare)),
    tempC: dough.roomC,
    rh: sheet.rh,
    air: sheet.air,
  });
  return {
    fill: fillTime({
      openMin,
      pieces: laying.pieces,
      secondsPerPiece: sheet.secondsPerPiece ?? family.secondsPerPiece,
      people: sheet.people,
    }),
    dust: dustEffect({ ...sheet.dust, doughG: now.massG, flourG: now.flourG, waterG: now.waterG }),
  };
}

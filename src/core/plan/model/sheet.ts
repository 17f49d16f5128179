import type { Basis } from '../../basis/basis';
import { dustEffect, type DustEffect } from '../../sheet/dust';
import { fillTime, type FillTime } from '../../sheet/fillTime';
import { openTime } from '../../sheet/openTime';
import { nearestSetting, stepsTo, type Setting } from '../../sheet/setting';
import type { Laying } from '../../layout/laying';
import type { PieceInput } from '../../shapes/piece';
import type { Plan } from '../document/schema';
import type { DoughStage } from './dough';

/** The sheet at work: its dial step, how long it stays open, how long it takes to fill, what dust does. */
export interface SheetStage {
  /** Water in the dough, wet basis, within what open time can be told for. */
  readonly moisture: number;
  readonly setting: Setting;
  readonly fill: FillTime;
  readonly dust: DustEffect;
}

/** Last stage: the sheet as it is rolled, filled and dusted. */
export function sheetStage(
  plan: Plan,
  { rules }: Basis,
  { family, thicknessMm }: PieceInput,
  laying: Laying,
  dough: DoughStage,
): SheetStage {
  const { sheet } = plan;
  const { now, springBack } = dough;
  const moisture = Math.min(0.6, Math.max(0.1, dough.moisture));
  const openMin = openTime(
    {
      thicknessMm,
      waterShare: moisture,
      tempC: plan.dough.roomC,
      rh: sheet.rh,
      air: sheet.air,
    },
    rules,
  );
  return {
    moisture,
    setting: nearestSetting(
      { steps: stepsTo(sheet.roller, thicknessMm, springBack, rules) },
      thicknessMm,
      springBack,
      rules,
    ),
    fill: fillTime({
      openMin,
      pieces: laying.pieces,
      secondsPerPiece: sheet.secondsPerPiece ?? rules[`shape.seconds.${family.id}`].value,
      people: sheet.people,
    }),
    dust: dustEffect(
      { ...sheet.dust, doughG: now.massG, flourG: now.flourG, waterG: now.waterG },
      rules,
    ),
  };
}

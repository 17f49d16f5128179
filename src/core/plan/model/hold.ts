import type { Basis } from '../../basis/basis';
import { liftPull, weakAfter, wetStrength } from '../../hold/lift';
import { airLeft, sealFactor } from '../../hold/seal';
import {
  holdMinutes,
  minuteWhen,
  paceIn,
  safeLimit,
  warmSeconds,
  type HoldClimate,
  type PhasePlace,
  type SafeLimit,
} from '../../hold/phases';
import type { Seep } from '../../hold/seep';
import { faceAfter, secondsToFace } from '../../hold/seepCourse';
import { seepOf } from '../../hold/seepMemo';
import { ellipsePerimeter } from '../../shapes/ellipse';
import type { Mound } from '../../shapes/mound';
import type { Plan } from '../document/schema';
import type { DoughStage } from './dough';
import type { FillingStage } from './filling';
import type { PieceStage } from './piece';
import type { SheetStage } from './sheet';

/** From closing to the pot: the seal, the air, what the hold does to the sheet. */
export interface HoldStage {
  /** How firmly the faces join, against wetted clean ones. */
  readonly sealFactor: number;
  /** Air left in the pocket, share. */
  readonly air: number;
  readonly plannedMin: number;
  readonly climate: HoldClimate;
  /** The sheet's course, in seconds at 20 °C; the plan's own hold comes to so many. */
  readonly course: Seep;
  readonly warmSeconds: number;
  /** Moisture at which the under-face is tacky, and at which the sheet no longer bears its piece. */
  readonly tackyAt: number;
  readonly weakAt: number;
  /** Of the under-face when the pot boils. */
  readonly faceMoisture: number;
  /** Minutes until then, its last place going on; null when never. */
  readonly minutesToTacky: number | null;
  readonly minutesWeak: number | null;
  /** Out of the cold for too long, or in the fridge. */
  readonly safe: SafeLimit | null;
  /** The first of being tacky and of being unsafe, and which. */
  readonly goodFor: { readonly minute: number; readonly by: 'tacky' | SafeLimit['by'] } | null;
  /** Strength of the wetted sheet, and the pull on it as a piece is lifted, kPa. */
  readonly wetKPa: number;
  readonly pullKPa: number;
}

const SECONDS = 60;

/** Perimeter of a mound where the dough leaves it, mm. Law. */
export const moundPerimeter = ({ form, radiusMm, halfLengthMm }: Mound): number => {
  if (form === 'log') return 4 * (radiusMm + halfLengthMm);
  return form === 'lump' ? ellipsePerimeter(radiusMm, halfLengthMm) : 2 * Math.PI * radiusMm;
};

/** Sixth stage: the sealed pieces until they go into the pot. */
export function holdStage(
  { hold, dough: { roomC } }: Plan,
  { rules, conditions: { fridgeC } }: Basis,
  {
    filling,
    piece: { input, made },
    dough,
    sheet,
  }: { filling: FillingStage; piece: PieceStage; dough: DoughStage; sheet: SheetStage },
): HoldStage {
  const climate = { roomC, fridgeC };
  const { phases, surface, medium, faces } = hold;
  const course = seepOf(
    {
      thicknessMm: input.thicknessMm,
      freeWaterShare: filling.composition.freeWaterShare,
      doughMoisture: sheet.moisture,
      surface,
    },
    rules,
  );
  const pace = (place: PhasePlace) => SECONDS * paceIn(place, climate, rules);
  const minuteAt = (moisture: number) => {
    const seconds = secondsToFace(course, moisture);
    return seconds === null ? null : minuteWhen(phases, seconds, pace);
  };
  const pullKPa = liftPull({
    pieceG: made.doughG + input.doseG,
    perimeterMm: moundPerimeter(made.mound),
    thicknessMm: made.overTopMm,
  });
  const tackyAt = sheet.moisture + rules['hold.tacky'].value;
  const weakAt = sheet.moisture + Math.max(0, weakAfter(dough.strengthKPa, pullKPa, rules));
  const heldS = warmSeconds(phases, climate, rules);
  const faceMoisture = faceAfter(course, heldS);
  const minutesToTacky = minuteAt(tackyAt);
  const safe = safeLimit(phases, rules);
  return {
    // A sheet that would dry is filled a length at a time, the rest covered: no face is used past its time.
    sealFactor: sealFactor({ medium, faces, usedOfOpen: 1 }, rules),
    air: airLeft(hold.air, rules),
    plannedMin: holdMinutes(phases),
    climate,
    course,
    warmSeconds: heldS,
    tackyAt,
    weakAt,
    faceMoisture,
    minutesToTacky,
    minutesWeak: minuteAt(weakAt),
    safe,
    goodFor: firstOf(minutesToTacky, safe),
    wetKPa: wetStrength(dough.strengthKPa, faceMoisture - sheet.moisture, rules),
    pullKPa,
  };
}

function firstOf(tacky: number | null, safe: SafeLimit | null): HoldStage['goodFor'] {
  if (tacky !== null && tacky <= (safe?.minute ?? Infinity)) return { minute: tacky, by: 'tacky' };
  return safe;
}

import { yieldStressFromFreeWater } from '../filling/yieldStress';
import { liftPull, wetStrength } from '../hold/lift';
import { minuteWhen, paceIn, untilMinute, warmSeconds, type PhasePlace } from '../hold/phases';
import { faceAfter, secondsToFace } from '../hold/seepCourse';
import { seepOf } from '../hold/seepMemo';
import { moundPerimeter } from '../plan/model/hold';
import type { PlanModel } from '../plan/model/model';
import { makePiece } from '../shapes/piece';
import { fillMap, stepsOf, type MarginMap } from './marginMap';
import { MARGIN_IDS, marginsOf, NO_END } from './margins';

const POINTS = 32;
/** A hold this short is straight into the pot, min. */
const LEAST_MIN = 5;

/**
 * The lowest margin over the length of the hold, along (min), and the filling's free water, up (share). A
 * longer hold goes on in its last place; a wetter filling settles wider too, where its stiffness is not
 * measured. Rules over laws.
 */
export function waterMap(model: PlanModel, points = POINTS): MarginMap {
  const { plan, basis, hold, filling, piece, dough, sheet } = model;
  const { rules } = basis;
  const own = filling.composition.freeWaterShare;
  const ys = stepsOf([0, Math.max(0.1, own * 1.5)], points);
  const xs = stepsOf(
    [LEAST_MIN, Math.max(180, 2 * hold.plannedMin, Math.min(hold.goodFor?.minute ?? 0, 1440))],
    points,
  );
  const pace = (place: PhasePlace) => 60 * paceIn(place, hold.climate, rules);
  const warm = xs.map((minute) =>
    warmSeconds(untilMinute(plan.hold.phases, minute), hold.climate, rules),
  );
  const fixed = marginsOf(model);
  const safeMin = hold.safe?.minute ?? Infinity;
  const rowOf = (freeWaterShare: number) => {
    const course = seepOf({ ...hold.course.input, freeWaterShare }, rules);
    const seconds = secondsToFace(course, hold.tackyAt);
    const tacky = seconds === null ? null : minuteWhen(plan.hold.phases, seconds, pace);
    const yieldStressPa =
      filling.stiffness.from === 'rule'
        ? yieldStressFromFreeWater(freeWaterShare, plan.filling.texture, rules)
        : filling.stiffness.pa;
    const made = makePiece({ ...piece.input, yieldStressPa }, rules);
    return {
      course,
      goodFor: Math.min(tacky ?? Infinity, safeMin),
      made,
      pullKPa: liftPull({
        pieceG: made.doughG + piece.input.doseG,
        perimeterMm: moundPerimeter(made.mound),
        thicknessMm: made.overTopMm,
      }),
    };
  };
  const at = (
    { course, goodFor, made, pullKPa }: ReturnType<typeof rowOf>,
    minute: number,
    warmS: number,
    out: Float64Array,
  ) => {
    MARGIN_IDS.forEach((id, i) => (out[i] = id === 'open' ? NO_END : (fixed[id] ?? NO_END)));
    const gained = faceAfter(course, warmS) - sheet.moisture;
    out[MARGIN_IDS.indexOf('lip')] = made.margins.lip;
    out[MARGIN_IDS.indexOf('thinning')] = made.margins.thinning;
    out[MARGIN_IDS.indexOf('seep')] = Number.isFinite(goodFor) ? goodFor / minute : NO_END;
    out[MARGIN_IDS.indexOf('lift')] = wetStrength(dough.strengthKPa, gained, rules) / pullKPa;
    return out.reduce((least, each) => Math.min(least, each), Infinity);
  };
  const rows = ys.map(rowOf);
  const filled = fillMap(xs, ys, (column, row, out) =>
    at(rows[row]!, xs[column]!, warm[column]!, out),
  );
  const each = new Float64Array(MARGIN_IDS.length);
  const planned = Math.max(LEAST_MIN, hold.plannedMin);
  const least = at(rowOf(own), planned, hold.warmSeconds, each);
  return {
    kind: 'water',
    ...filled,
    own: { x: planned, y: own, margin: least, weakest: MARGIN_IDS[each.indexOf(least)]! },
    best: null,
    lines: [],
  };
}

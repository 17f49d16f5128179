import type { Rules } from '../basis/rules';
import { wettedFace, type Seep } from '../hold/seep';
import { faceAfter, secondsToFace } from '../hold/seepCourse';
import { seepOf } from '../hold/seepMemo';
import { monotoneCubic } from '../physics/monotoneCubic';
import type { PlanModel } from '../plan/model/model';
import type { Range } from './interpolate';

/** What a hold does to a sheet of some thickness. */
export interface SeepAt {
  /** Seconds at 20 °C until its under-face is tacky; null when it never is. */
  readonly tackyS: number | null;
  /** Moisture of its under-face when the pot boils, wet basis. */
  readonly endMoisture: number;
}

/** So many thicknesses are followed where one does not tell of the others. */
const NODES = 12;

/** Longer than any hold. */
const FOREVER_S = 1e9;

/**
 * A plan’s hold over any thickness of a range. On a bare tray one course serves them all; where a surface takes
 * up water a few are followed, and read between evenly in the logarithm of the thickness.
 */
export function seepOver(
  { hold, sheet, basis: { rules } }: PlanModel,
  [from, to]: Range,
): (thicknessMm: number) => SeepAt {
  const { input } = hold.course;
  const follow = (mm: number): SeepAt =>
    read(seepOf({ ...input, thicknessMm: mm }, rules), hold.tackyAt, hold.warmSeconds);
  const wetted = wettedFace(input, rules);
  // A filling that wets nothing leaves the sheet as it is.
  if (wetted <= sheet.moisture + 1e-6) return () => ({ tackyS: null, endMoisture: sheet.moisture });
  if (isBare(input, rules)) {
    const model = seepOf({ ...input, thicknessMm: 1 }, rules);
    const tackyS = secondsToFace(model, hold.tackyAt);
    return (mm) => ({
      tackyS: tackyS === null ? null : tackyS * mm ** 2,
      endMoisture: faceAfter(model, hold.warmSeconds / mm ** 2),
    });
  }
  const xs = Array.from({ length: NODES }, (_, i) =>
    Math.log(from * (to / from) ** (i / (NODES - 1))),
  );
  const known = xs.map((x) => follow(Math.exp(x)));
  const ends = known.map(({ endMoisture }) => endMoisture);
  const everTacky = known.some(({ tackyS }) => tackyS !== null);
  const logs = known.map(({ tackyS }) => Math.log(tackyS ?? FOREVER_S));
  return (mm) =>
    // The plan's own course is known.
    mm === input.thicknessMm
      ? follow(mm)
      : {
          tackyS: everTacky ? Math.exp(monotoneCubic(xs, logs, Math.log(mm))) : null,
          endMoisture: monotoneCubic(xs, ends, Math.log(mm)),
        };
}

const read = (course: Seep, tackyAt: number, warmSeconds: number): SeepAt => ({
  tackyS: secondsToFace(course, tackyAt),
  endMoisture: faceAfter(course, warmSeconds),
});

/** A surface that takes up nothing: time goes with the square of the thickness alone. */
const isBare = ({ surface }: Seep['input'], rules: Rules): boolean =>
  rules[`hold.surface.${surface}`].value === 0;

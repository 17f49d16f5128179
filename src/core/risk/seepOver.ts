import type { Rules } from '../basis/rules';
import { wettedFace, type Seep } from '../hold/seep';
import { faceAfter, secondsToFace } from '../hold/seepCourse';
import { seepOf } from '../hold/seepMemo';
import { monotoneCubic } from '../physics/monotoneCubic';
import type { HeldModel } from '../plan/model/model';
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
 * @param nodes how many; fewer are enough for a narrow range
 */
export function seepOver(
  of: HeldModel,
  [from, to]: Range,
  nodes = NODES,
): (thicknessMm: number) => SeepAt {
  const { hold, sheet, basis } = of;
  const { rules } = basis;
  const { input } = hold.course;
  const follow = (mm: number): SeepAt =>
    read(seepOf({ ...input, thicknessMm: mm }, rules), hold.tackyAt, hold.warmSeconds);
  const wetted = wettedFace(input, rules);
  // A filling that wets nothing leaves the sheet as it is.
  if (wetted <= sheet.moisture + 1e-6) return () => ({ tackyS: null, endMoisture: sheet.moisture });
  if (isBare(input, rules)) return seepNear(of);
  const xs = Array.from({ length: nodes }, (_, i) =>
    Math.log(from * (to / from) ** (i / (nodes - 1))),
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

/**
 * A plan’s hold over thicknesses near its own, from its own course alone: time goes with the square of the
 * thickness. Exact on a bare tray; where a surface takes up water, too hard on the thinner ones.
 */
export function seepNear({
  hold: { course, tackyAt, warmSeconds },
}: HeldModel): (thicknessMm: number) => SeepAt {
  const tackyS = secondsToFace(course, tackyAt);
  return (mm) => {
    const times = (mm / course.input.thicknessMm) ** 2;
    return {
      tackyS: tackyS === null ? null : tackyS * times,
      endMoisture: faceAfter(course, warmSeconds / times),
    };
  };
}

const read = (course: Seep, tackyAt: number, warmSeconds: number): SeepAt => ({
  tackyS: secondsToFace(course, tackyAt),
  endMoisture: faceAfter(course, warmSeconds),
});

/** A surface that takes up nothing: time goes with the square of the thickness alone. */
const isBare = ({ surface }: Seep['input'], rules: Rules): boolean =>
  rules[`hold.surface.${surface}`].value === 0;

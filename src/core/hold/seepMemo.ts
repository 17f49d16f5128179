import type { Rules } from '../basis/rules';
import { seep, type Seep, type SeepInput } from './seep';

/** So many courses are kept for each set of rules. */
const KEPT = 64;

const kept = new WeakMap<Rules, Map<string, Seep>>();

/** Wetter than this beyond the dough's own moisture no sheet is followed: it has torn long before. */
const FAR_GONE = 0.13;

/** On a bare tray time goes with the square of the thickness: one course serves them all. */
const MODEL_MM = 1;

/**
 * A sheet's course through a hold, worked out once for the same sheet, filling and surface: most of what
 * a cook changes leaves them as they are.
 */
export function seepOf(input: SeepInput, rules: Rules): Seep {
  const bare = rules[`hold.surface.${input.surface}`].value === 0;
  if (bare && input.thicknessMm !== MODEL_MM) {
    const model = seepOf({ ...input, thicknessMm: MODEL_MM }, rules);
    const times = (input.thicknessMm / MODEL_MM) ** 2;
    const longer = input.thicknessMm / MODEL_MM;
    return {
      ...model,
      input,
      seconds: model.seconds.map((each) => each * times),
      inMm: model.inMm.map((each) => each * longer),
    };
  }
  const courses = kept.get(rules) ?? new Map<string, Seep>();
  kept.set(rules, courses);
  const { thicknessMm, freeWaterShare, doughMoisture, surface } = input;
  // A batch's dough and its recipe's differ in the last digit at times.
  const key = `${thicknessMm} ${freeWaterShare} ${doughMoisture.toFixed(12)} ${surface}`;
  const found = courses.get(key);
  if (found) return found;
  const course = seep(input, rules, { untilFace: doughMoisture + FAR_GONE });
  const oldest = courses.keys().next();
  if (courses.size >= KEPT && !oldest.done) courses.delete(oldest.value);
  courses.set(key, course);
  return course;
}

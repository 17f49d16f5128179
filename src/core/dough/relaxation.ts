/** Relaxation time of a rested dough at 22 °C, min. Rule. */
const TAU_AT_22C_MIN = 15;

/** With so much spring left or less, a dough is rested enough to roll. Rule. */
export const RESTED = 0.2;

/** Temperature of a refrigerator, where a dough rests cold, °C. */
export const CHILLED_C = 5;

/**
 * Time constant of rest, min: 15 at 22 °C, twice that for every 10 °C colder. Rule.
 * @example relaxationTau(5) // 48.7
 */
export const relaxationTau = (tempC: number): number => TAU_AT_22C_MIN * 2 ** ((22 - tempC) / 10);

/**
 * Spring left in a dough after a rest, 1 (just kneaded) to 0. Rule (estimate): e^(−minutes ÷ τ).
 * @example relaxationLeft({ minutes: 30, tempC: 22 }) // 0.135
 */
export const relaxationLeft = ({ minutes, tempC }: { minutes: number; tempC: number }): number =>
  Math.exp(-minutes / relaxationTau(tempC));

/** Minutes of rest until it is rested enough. `restWanted(22)` → `24.1` */
export const restWanted = (tempC: number): number => -relaxationTau(tempC) * Math.log(RESTED);

import type { Rules } from '../basis/rules';

/**
 * Time constant of rest, min: 15 at 22 °C, twice that for every 10 °C colder. Rule.
 * @example relaxationTau(5, startingRules) // 48.7
 */
export const relaxationTau = (tempC: number, rules: Rules): number =>
  rules['dough.rest.tau'].value * 2 ** ((22 - tempC) / rules['dough.rest.doubling'].value);

/**
 * Spring left in a dough after a rest, 1 (just kneaded) to 0. Rule (estimate): e^(−minutes ÷ τ).
 * @example relaxationLeft({ minutes: 30, tempC: 22 }, startingRules) // 0.135
 */
export const relaxationLeft = (
  { minutes, tempC }: { minutes: number; tempC: number },
  rules: Rules,
): number => Math.exp(-minutes / relaxationTau(tempC, rules));

/** Minutes of rest until it is rested enough. `restWanted(22, startingRules)` → `24.1` */
export const restWanted = (tempC: number, rules: Rules): number =>
  -relaxationTau(tempC, rules) * Math.log(rules['dough.rest.enough'].value);

import type { Rules } from '../basis/rules';

/** The limits food codes commonly set for cooling: to 21 °C within 2 hours, to 5 °C within 4 more. */
export const COOLING_LIMITS = [
  { toC: 21, withinMin: 120 },
  { toC: 5, withinMin: 240 },
] as const;

/** What a pan stands on while its filling cools. */
export const COOLED_ON = ['shelf', 'board', 'ice'] as const;

export type CooledOn = (typeof COOLED_ON)[number];

/** How well a filling conducts heat, W/(m·K), and what heat a cubic metre holds, J/(m³·K). Table: moist foods. */
const CONDUCTS_W_PER_MK = 0.5;
const HOLDS_J_PER_M3K = 3.6e6;

/** Deepest pan, mm: a deeper one is a pot. */
const MOST_DEPTH_MM = 300;

/** A hot filling spread in a pan, and the cold air round it. */
export interface CoolingPan {
  readonly fromC: number;
  /** How deep it is spread, 2 to 300 mm. */
  readonly depthMm: number;
  readonly on: CooledOn;
  readonly covered: boolean;
  readonly airC: number;
}

/** How a filling cools against the limits. */
export interface Cooled {
  /** Minutes to 21 °C, and from there to 5 °C, at its deepest plane. */
  readonly firstMin: number;
  readonly thenMin: number;
  readonly late: boolean;
}

/**
 * Time constant of a pan of filling, s. Law: conduction in depth d out of two faces. The plane that cools last
 * lies d1 below the top, where both ways out are equally slow; τ = ρc·d1·(1/h_top + d1/2k). The surface
 * coefficients are rules.
 * @example coolingConstant({ depthMm: 50, on: 'shelf', covered: false }, rules) // 9372
 */
export function coolingConstant(
  { depthMm, on, covered }: Pick<CoolingPan, 'depthMm' | 'on' | 'covered'>,
  rules: Rules,
): number {
  const d = depthMm / 1000;
  const top = 1 / rules[covered ? 'filling.cool.covered' : 'filling.cool.open'].value;
  const under = 1 / rules[`filling.cool.${on}`].value;
  const through = d / CONDUCTS_W_PER_MK;
  const d1 = (d * (under + through / 2)) / (top + under + through);
  return HOLDS_J_PER_M3K * d1 * (top + d1 / (2 * CONDUCTS_W_PER_MK));
}

/**
 * Minutes until the deepest plane has cooled to a temperature. Law. The slowest plane is what counts, not
 * the mean: this is a safety figure.
 * @returns 0 when it is that cold already; Infinity when the air is no colder than the target
 * @example coolingTime({ fromC: 90, depthMm: 20, on: 'shelf', covered: false, airC: 3 }, 21, rules) // 81
 */
export function coolingTime(pan: CoolingPan, toC: number, rules: Rules): number {
  const { fromC, airC } = pan;
  if (fromC <= toC) return 0;
  if (airC >= toC) return Infinity;
  return (coolingConstant(pan, rules) * Math.log((fromC - airC) / (toC - airC))) / 60;
}

/** How a pan cools against both limits. */
export function cooled(pan: CoolingPan, rules: Rules): Cooled {
  const [first, then] = COOLING_LIMITS;
  const firstMin = coolingTime(pan, first.toC, rules);
  const thenMin = coolingTime({ ...pan, fromC: Math.min(pan.fromC, first.toC) }, then.toC, rules);
  return { firstMin, thenMin, late: firstMin > first.withinMin || thenMin > then.withinMin };
}

/**
 * How deep a filling may be spread and still cool within both limits, mm; 300 at most, 0 when no depth does.
 * @example coolingDepth({ fromC: 90, on: 'shelf', covered: false, airC: 3 }, rules) // 28.0
 */
export function coolingDepth(pan: Omit<CoolingPan, 'depthMm'>, rules: Rules): number {
  const late = (depthMm: number) => cooled({ ...pan, depthMm }, rules).late;
  if (!late(MOST_DEPTH_MM)) return MOST_DEPTH_MM;
  // Deeper is always slower: halve the stretch that holds the limit.
  let [meets, misses] = [0, MOST_DEPTH_MM];
  for (let i = 0; i < 30; i += 1) {
    const middle = (meets + misses) / 2;
    if (late(middle)) misses = middle;
    else meets = middle;
  }
  return meets;
}

/** Trays of so much area that a filling fills when it is spread so deep. `traysNeeded(2000, 12, 170_000)` → `1` */
export const traysNeeded = (volumeMl: number, depthMm: number, trayMm2: number): number =>
  depthMm > 0 ? Math.max(1, Math.ceil((volumeMl * 1000) / (depthMm * trayMm2) - 1e-9)) : 1;

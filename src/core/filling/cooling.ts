import { startingRules, type Rules } from '../basis/rules';

/** Below this, and within this time, food codes commonly want hot food to be first. */
export const FIRST_COOL_C = 21;
export const FIRST_COOL_LIMIT_MIN = 120;

/** How well a filling conducts heat, W/(m·K). Table: moist foods. */
const CONDUCTS_W_PER_MK = 0.5;

/** Heat capacity of water and of dry solids, kJ/(kg·K). */
const HEAT_KJ_PER_KGK = { water: 4.19, solids: 1.6 };

/** A hot filling spread to cool, and the air it stands in. */
export interface Cooling {
  readonly fromC: number;
  readonly toC: number;
  /** How deep it is spread, 5 to 300 mm. */
  readonly depthMm: number;
  readonly densityGPerMl: number;
  /** Water in it, 0 to 1. */
  readonly waterShare: number;
  readonly airC?: number;
}

/** ρ c ln(…), s·W/(m³·K) over 1: what a time constant is multiplied by. */
function heatOf({
  fromC,
  toC,
  densityGPerMl,
  waterShare,
  airC = 3,
}: Omit<Cooling, 'depthMm'>): number {
  const kJPerKgK =
    HEAT_KJ_PER_KGK.water * waterShare + HEAT_KJ_PER_KGK.solids * Math.max(0, 1 - waterShare);
  return densityGPerMl * 1000 * kJPerKgK * 1000 * Math.log((fromC - airC) / (toC - airC));
}

/**
 * Minutes until the deepest part of a spread filling has cooled, cold air on one side. Law (conduction
 * in depth) with a surface coefficient that is a rule: t = ρ c d (1 ÷ h + d ÷ 2k) × ln((from − air) ÷
 * (to − air)), k 0.5 W/(m·K). The middle of the pan is what counts, not its mean: this is a safety figure.
 * @returns 0 when it is cool already
 * @example coolingTime({ fromC: 80, toC: 21, depthMm: 20, densityGPerMl: 1.04, waterShare: 0.75 }) // 213
 */
export function coolingTime(of: Cooling, rules: Rules = startingRules): number {
  if (of.fromC <= of.toC) return 0;
  const depthM = of.depthMm / 1000;
  const surface = 1 / rules['filling.cool.surface'].value;
  return (heatOf(of) * depthM * (surface + depthM / (2 * CONDUCTS_W_PER_MK))) / 60;
}

/**
 * How deep a filling may be spread for its middle to cool within so many minutes, mm: the inverse. Law.
 * @returns Infinity when it is cool already
 * @example coolingDepth({ fromC: 80, toC: 21, densityGPerMl: 1.04, waterShare: 0.75 }, 120) // 12.0
 */
export function coolingDepth(
  of: Omit<Cooling, 'depthMm'>,
  minutes: number,
  rules: Rules = startingRules,
): number {
  if (of.fromC <= of.toC) return Infinity;
  const surface = 1 / rules['filling.cool.surface'].value;
  // d² ÷ 2k + d ÷ h = t ÷ heat
  const k = CONDUCTS_W_PER_MK;
  return 1000 * k * (Math.sqrt(surface ** 2 + (2 * minutes * 60) / (heatOf(of) * k)) - surface);
}

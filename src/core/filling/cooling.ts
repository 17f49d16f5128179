import { startingRules, type Rules } from '../basis/rules';

/** Below this, and within this time, food codes commonly want hot food to be first. */
export const FIRST_COOL_C = 21;
export const FIRST_COOL_LIMIT_MIN = 120;

/** Heat capacity of water and of dry solids, kJ/(kg·K). */
const HEAT_KJ_PER_KGK = { water: 4.19, solids: 1.6 };

/**
 * Minutes for a spread filling to cool to a temperature in cold air. Law (lumped cooling) with a
 * surface coefficient that is a rule: t = (ρ c depth ÷ h) × ln((from − air) ÷ (to − air)).
 * @param depthMm how deep it is spread, 5 to 150 mm
 * @param waterShare water in it, 0 to 1
 * @returns 0 when it is cool already
 * @example coolingTime({ fromC: 80, toC: 21, depthMm: 20, densityGPerMl: 1.04, waterShare: 0.75 }) // 118
 */
export function coolingTime(
  {
    fromC,
    toC,
    depthMm,
    densityGPerMl,
    waterShare,
    airC = 3,
  }: {
    fromC: number;
    toC: number;
    depthMm: number;
    densityGPerMl: number;
    waterShare: number;
    airC?: number;
  },
  rules: Rules = startingRules,
): number {
  if (fromC <= toC) return 0;
  const heat =
    HEAT_KJ_PER_KGK.water * waterShare + HEAT_KJ_PER_KGK.solids * Math.max(0, 1 - waterShare);
  const tauS =
    (densityGPerMl * 1000 * heat * 1000 * (depthMm / 1000)) / rules['filling.cool.surface'].value;
  return (tauS / 60) * Math.log((fromC - airC) / (toC - airC));
}

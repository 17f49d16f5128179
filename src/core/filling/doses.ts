import type { Rules } from '../basis/rules';

/**
 * Weight of a spoonful, g. Law for a level one (volume × density); heaped is a rule.
 * @example spoonDose({ ml: 5, densityGPerMl: 1.04, heaped: false }, startingRules) // 5.2
 */
export const spoonDose = (
  { ml, densityGPerMl, heaped }: { ml: number; densityGPerMl: number; heaped: boolean },
  rules: Rules,
): number => ml * densityGPerMl * (heaped ? rules['filling.heaped'].value : 1);

/**
 * Length of a piped log that weighs a dose, mm. Law: dose ÷ (density × π tip² ÷ 4).
 * @example pipedLength({ doseG: 9, densityGPerMl: 1.04, tipMm: 14 }) // 56.2
 */
export const pipedLength = ({
  doseG,
  densityGPerMl,
  tipMm,
}: {
  doseG: number;
  densityGPerMl: number;
  tipMm: number;
}): number => ((doseG / densityGPerMl) * 1000) / (Math.PI * (tipMm / 2) ** 2);

/** Weight of a piped length, g; the inverse of `pipedLength`. */
export const pipedDose = ({
  lengthMm,
  densityGPerMl,
  tipMm,
}: {
  lengthMm: number;
  densityGPerMl: number;
  tipMm: number;
}): number => (densityGPerMl * lengthMm * Math.PI * (tipMm / 2) ** 2) / 1000;

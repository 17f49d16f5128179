import type { Rules } from '../basis/rules';

export interface SheetTraits {
  /** Tensile strength of the sheet, kPa. */
  readonly strengthKPa: number;
  /** How far it stretches before it tears, share of its length. */
  readonly stretch: number;
}

/**
 * Strength and stretch of a sheet. Rules (estimates), until a hanging strip replaces them:
 * σ = 25 × (G ÷ 0.095)^1.5 × d × e^(−max(0, h − h* − 0.02) ÷ 0.06) × (1 − 0.6 × fat),
 * ε = 0.8 × d × e^(−max(0, h* − 0.02 − h) ÷ 0.06).
 * @param glutenRatio G, 0 to about 0.15
 * @param development d, 0 to 1
 * @param over hydration less its target, h − h*
 * @param fatShare share of the dough
 * @example sheetTraits({ glutenRatio: 0.095, development: 1, over: 0, fatShare: 0 })
 * // { strengthKPa: 25, stretch: 0.8 }
 */
export const sheetTraits = (
  {
    glutenRatio,
    development,
    over,
    fatShare,
  }: {
    glutenRatio: number;
    development: number;
    over: number;
    fatShare: number;
  },
  rules: Rules,
): SheetTraits => ({
  strengthKPa:
    rules['dough.strength'].value *
    (glutenRatio / rules['dough.gluten.reference'].value) ** rules['dough.strength.gluten'].value *
    development *
    Math.exp(
      -Math.max(0, over - rules['dough.band.asItShouldBe'].value) /
        rules['dough.strength.wet'].value,
    ) *
    (1 - rules['dough.strength.fat'].value * fatShare),
  stretch:
    rules['dough.stretch'].value *
    development *
    Math.exp(
      -Math.max(0, -over - rules['dough.band.asItShouldBe'].value) /
        rules['dough.stretch.dry'].value,
    ),
});

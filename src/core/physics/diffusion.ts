import { CELSIUS_0_K, GAS_J_PER_MOL_K, WARM_C } from './constants';

/**
 * How much faster, or slower, something goes at a temperature than at 20 °C. Law (Arrhenius):
 * e^(−E ÷ R × (1 ÷ T − 1 ÷ 293.15)).
 * @param activationKJ kJ/mol
 * @example heatFactor(5, 28) // 0.538
 */
export const heatFactor = (tempC: number, activationKJ: number): number =>
  Math.exp(
    ((-activationKJ * 1000) / GAS_J_PER_MOL_K) *
      (1 / (tempC + CELSIUS_0_K) - 1 / (WARM_C + CELSIUS_0_K)),
  );

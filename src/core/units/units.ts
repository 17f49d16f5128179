import type { UnitPreferences } from './preferences';

export const METRIC: UnitPreferences = {
  system: 'metric',
  temperature: 'C',
  spoons: 'metric',
  clock: '24',
};
export const US_CUSTOMARY: UnitPreferences = {
  system: 'us',
  temperature: 'F',
  spoons: 'us',
  clock: '12',
};

/** Exact by definition. */
export const G_PER_OZ = 28.349523125;
export const MM_PER_INCH = 25.4;
export const ML_PER_US_TSP = 4.92892159375;
export const METRIC_CUP_ML = 250;
export const ML_PER_US_CUP = 48 * ML_PER_US_TSP;
export const L_PER_US_QUART = 0.946352946;
export const M_PER_FOOT = 0.3048;

/** `celsiusToFahrenheit(74)` → `165.2` */
export const celsiusToFahrenheit = (c: number): number => (c * 9) / 5 + 32;

/** `fahrenheitToCelsius(165.2)` → `74` */
export const fahrenheitToCelsius = (f: number): number => ((f - 32) * 5) / 9;

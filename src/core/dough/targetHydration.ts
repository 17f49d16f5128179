import type { Rules } from '../basis/rules';

/** How the dough is to be worked; shifts the water it wants. */
export type DoughStyle = 'plain' | 'benchFlourFree' | 'rolledByPin';

/** What of a dough its target hangs on. */
export interface DoughTraits {
  /** Egg (or plant egg) solids for a gram of flour, 0 or more. */
  readonly eggSolidsRatio: number;
  /** Fat of everything that is not flour, for a gram of flour. */
  readonly fatRatio: number;
  /** Σ share of each flour × its absorption. */
  readonly absorption: number;
  readonly style: DoughStyle;
}

/** The hydrations of one dough: where it can be worked, and where it is on target. */
export interface HydrationBand {
  /** Drier than this it is dry. */
  readonly low: number;
  readonly asItShouldBe: readonly [from: number, to: number];
  readonly target: number;
  /** Wetter than this it is wet. */
  readonly high: number;
}

const smoothstep = (x: number): number => {
  const c = Math.min(1, Math.max(0, x));
  return c * c * (3 - 2 * c);
};

/**
 * Hydration a sheet dough wants, and between what it can be worked. Rules (estimates):
 * b = 0.49 − 0.085 × smoothstep(s / 0.12) + absorption + style shift; h* = b − f ÷ 4;
 * workable from b − f ÷ 2 − 0.045 to b + 0.04, and in a dough richer than whole egg (f over 0.05) softer yet by
 * 0.6 × what is over. Fat makes a dough supple without making it sticky: it
 * moves the target and widens the dry side. Whole-egg dough lands near 0.393, water dough near 0.49.
 *
 * @example hydrationBand({ eggSolidsRatio: 0.119, fatRatio: 0.0475, absorption: 0, style: 'plain' })
 * // { low: 0.336, asItShouldBe: [0.373, 0.413], target: 0.393, high: 0.445 }
 */
export function hydrationBand(
  { eggSolidsRatio, fatRatio, absorption, style }: DoughTraits,
  rules: Rules,
): HydrationBand {
  const base =
    rules['dough.target.base'].value -
    rules['dough.target.eggDrop'].value *
      smoothstep(eggSolidsRatio / rules['dough.target.eggFull'].value) +
    absorption +
    rules[`dough.style.${style}`].value;
  const target = base - rules['dough.target.fat'].value * fatRatio;
  const half = rules['dough.band.asItShouldBe'].value;
  return {
    low: base - rules['dough.band.fat'].value * fatRatio - rules['dough.band.low'].value,
    asItShouldBe: [target - half, target + half],
    target,
    high:
      base +
      rules['dough.band.high'].value +
      rules['dough.band.rich'].value * Math.max(0, fatRatio - rules['dough.band.richFrom'].value),
  };
}

/** The target alone. `targetHydration({ …, eggSolidsRatio: 0.119, fatRatio: 0.0475 })` → `0.393` */
export const targetHydration = (traits: DoughTraits, rules: Rules): number =>
  hydrationBand(traits, rules).target;

/** How a dough stands in its bands. Stiff and soft are schools, not faults: only outside is it dry or wet. */
export type DoughFeel = 'dry' | 'stiff' | 'on target' | 'soft' | 'wet';

/** Rounding noise that must not call a dough wet. */
const EPSILON = 1e-9;

/**
 * Names how a hydration stands.
 * @example feelOf(0.35, band) // 'stiff'
 */
export function feelOf(
  hydration: number,
  { low, asItShouldBe: [from, to], high }: HydrationBand,
): DoughFeel {
  if (hydration < low - EPSILON) return 'dry';
  if (hydration < from - EPSILON) return 'stiff';
  if (hydration <= to + EPSILON) return 'on target';
  return hydration <= high + EPSILON ? 'soft' : 'wet';
}

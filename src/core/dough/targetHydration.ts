import { startingRules, type Rules } from '../basis/rules';

/** How the dough is to be worked; shifts the water it wants. */
export type DoughStyle = 'plain' | 'benchFlourFree' | 'rolledByPin';

const smoothstep = (x: number): number => {
  const c = Math.min(1, Math.max(0, x));
  return c * c * (3 - 2 * c);
};

/**
 * Hydration a sheet dough wants. Rule (estimate):
 * h* = 0.49 − 0.105 × smoothstep(s / 0.12) + absorption + style shift.
 * Whole-egg dough lands near 0.385, water dough near 0.49.
 *
 * @param eggSolidsRatio egg (or plant egg) solids per gram of flour, 0 or more
 * @param absorption Σ share of each flour × its absorption
 * @example targetHydration({ eggSolidsRatio: 0.13, absorption: 0, style: 'plain' }) // 0.385
 */
export const targetHydration = (
  {
    eggSolidsRatio,
    absorption,
    style,
  }: {
    eggSolidsRatio: number;
    absorption: number;
    style: DoughStyle;
  },
  rules: Rules = startingRules,
): number =>
  rules['dough.target.base'].value -
  rules['dough.target.eggDrop'].value *
    smoothstep(eggSolidsRatio / rules['dough.target.eggFull'].value) +
  absorption +
  rules[`dough.style.${style}`].value;

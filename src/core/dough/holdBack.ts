import type { Rules } from '../basis/rules';

/**
 * Flour to hold back until the hand has felt the dough, g. Rule: the water that eggs and weather may
 * bring short of what is counted on, √((6 % of the egg's water)² + (1 or 1.5 % of the flour)²),
 * and the flour that would have been too much for it.
 * @param eggWaterG water that comes in eggs, g
 * @param target hydration wanted, 0.2 to 0.8
 * @example holdBack({ flourG: 400, eggWaterG: 152, target: 0.385, flourKept: 'sealed' }, startingRules) // 25.9
 */
export const holdBack = (
  {
    flourG,
    eggWaterG,
    target,
    flourKept,
  }: {
    flourG: number;
    eggWaterG: number;
    target: number;
    flourKept: 'sealed' | 'open';
  },
  rules: Rules,
): number =>
  Math.hypot(
    rules['dough.holdBack.egg'].value * eggWaterG,
    rules[`dough.holdBack.${flourKept}`].value * flourG,
  ) / target;

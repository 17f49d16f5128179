/** How far eggs that are counted, not weighed, may be off, share of their water. Rule. */
const EGG_SPREAD = 0.06;

/** How far a flour's own moisture may be off, share of the flour. Rule. */
const FLOUR_SPREAD = { sealed: 0.01, open: 0.015 } as const;

/**
 * Flour to hold back until the hand has felt the dough, g. Rule: the water that eggs and weather may
 * bring short of what is counted on, √((6 % of the egg's water)² + (1 or 1.5 % of the flour)²),
 * and the flour that would have been too much for it.
 * @param eggWaterG water that comes in eggs, g
 * @param target hydration wanted, 0.2 to 0.8
 * @example holdBack({ flourG: 400, eggWaterG: 152, target: 0.385, flourKept: 'sealed' }) // 25.9
 */
export const holdBack = ({
  flourG,
  eggWaterG,
  target,
  flourKept,
}: {
  flourG: number;
  eggWaterG: number;
  target: number;
  flourKept: keyof typeof FLOUR_SPREAD;
}): number => Math.hypot(EGG_SPREAD * eggWaterG, FLOUR_SPREAD[flourKept] * flourG) / target;

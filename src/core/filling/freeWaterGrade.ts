import type { Rules } from '../basis/rules';

export type FreeWaterGrade = 'firm' | 'workable' | 'wet' | 'will seep';

/**
 * Names how free a filling's water is. Rule.
 * @example freeWaterGrade(0.04, startingRules) // 'workable'
 */
export function freeWaterGrade(share: number, rules: Rules): FreeWaterGrade {
  if (share < rules['filling.free.firm'].value) return 'firm';
  if (share < rules['filling.free.workable'].value) return 'workable';
  if (share < rules['filling.free.wet'].value) return 'wet';
  return 'will seep';
}

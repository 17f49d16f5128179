export type FreeWaterGrade = 'firm' | 'workable' | 'wet' | 'will seep';

/** Upper bounds of free water share for each grade; above the last it will seep. */
export const FREE_WATER_BOUNDS = { firm: 0.02, workable: 0.05, wet: 0.1 } as const;

/**
 * Names how free a filling's water is. Rule.
 * @example freeWaterGrade(0.04) // 'workable'
 */
export function freeWaterGrade(share: number): FreeWaterGrade {
  if (share < FREE_WATER_BOUNDS.firm) return 'firm';
  if (share < FREE_WATER_BOUNDS.workable) return 'workable';
  if (share < FREE_WATER_BOUNDS.wet) return 'wet';
  return 'will seep';
}

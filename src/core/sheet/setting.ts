import type { Roller } from './roller';

export interface Setting {
  readonly label: string;
  readonly mm: number;
  /** The sheet wanted is more than 6 % off what this step leaves. */
  readonly between: boolean;
}

/** A step counts as the thickness itself within this share, about what a strip test resolves. */
const SAME_SHARE = 0.06;

/**
 * The dial step that comes nearest to a thickness.
 * @example nearestSetting(tenStep, 0.8) // { label: '8', mm: 0.8, between: false }
 */
export function nearestSetting(roller: Roller, thicknessMm: number): Setting {
  const nearest = roller.steps.reduce((best, step) =>
    Math.abs(step.mm - thicknessMm) < Math.abs(best.mm - thicknessMm) ? step : best,
  );
  return { ...nearest, between: Math.abs(nearest.mm / thicknessMm - 1) > SAME_SHARE };
}

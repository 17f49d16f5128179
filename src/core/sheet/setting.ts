import type { Roller } from './roller';

export interface Setting {
  readonly label: string;
  /** The sheet it leaves. */
  readonly mm: number;
  /** The sheet wanted is more than 6 % off what this step leaves. */
  readonly between: boolean;
}

/** A step counts as the thickness itself within this share, about what a strip test resolves. */
const SAME_SHARE = 0.06;

/**
 * The dial step whose sheet comes nearest to a thickness, spring-back counted.
 * @param springBack how much thicker than the gap a sheet comes out, share
 * @example nearestSetting(tenStep, 0.8, 0.035) // { label: '8', mm: 0.828, between: false }
 */
export function nearestSetting(
  roller: Pick<Roller, 'steps'>,
  thicknessMm: number,
  springBack = 0,
): Setting {
  const nearest = roller.steps
    .map(({ label, mm }) => ({ label, mm: mm * (1 + springBack) }))
    .reduce((best, step) =>
      Math.abs(step.mm - thicknessMm) < Math.abs(best.mm - thicknessMm) ? step : best,
    );
  return { ...nearest, between: Math.abs(nearest.mm / thicknessMm - 1) > SAME_SHARE };
}

import type { Rules } from '../basis/rules';
import type { Roller } from './roller';

/** A step of a dial, and the sheet that comes out of it. */
export interface SettingSheet {
  readonly label: string;
  /** Spring-back counted, to a hundredth. */
  readonly mm: number;
}

export interface Setting extends SettingSheet {
  /** The sheet wanted is more than 6 % off what this step leaves. */
  readonly between: boolean;
}

/**
 * What each step of a dial leaves, widest first: its gap, thicker by the spring-back.
 * @param springBack how much thicker than the gap a sheet comes out, share
 * @example sheetsOf(tenStep, 0.035).at(-2) // { label: '8', mm: 0.83 }
 */
export const sheetsOf = ({ steps }: Pick<Roller, 'steps'>, springBack: number): SettingSheet[] =>
  steps.map(({ label, mm }) => ({ label, mm: Math.round(mm * (1 + springBack) * 100) / 100 }));

/**
 * The dial step whose sheet comes nearest to a thickness, spring-back counted.
 * @param springBack how much thicker than the gap a sheet comes out, share
 * @example nearestSetting(tenStep, 0.8, 0.035, startingRules) // { label: '8', mm: 0.83, between: false }
 */
export function nearestSetting(
  roller: Pick<Roller, 'steps'>,
  thicknessMm: number,
  springBack: number,
  rules: Rules,
): Setting {
  const nearest = sheetsOf(roller, springBack).reduce((best, step) =>
    Math.abs(step.mm - thicknessMm) < Math.abs(best.mm - thicknessMm) ? step : best,
  );
  return {
    ...nearest,
    between: Math.abs(nearest.mm / thicknessMm - 1) > rules['sheet.setting.same'].value,
  };
}

/** What a pin is rolled to below its guide sticks, or between two of them. */
export const BY_EYE = 'by eye';

/**
 * A roller's steps, down to a thickness: of a pin, the last of the way is rolled without sticks, by eye and
 * thumb, to just that thickness. Rollers and sheeters leave what their steps leave.
 * @param springBack how much thicker than the gap a sheet comes out, share
 * @example stepsTo(pin, 0.8, 0.035).at(-1) // { label: 'by eye', mm: 0.773 }
 */
export function stepsTo(
  { steps, drive }: Pick<Roller, 'steps' | 'drive'>,
  thicknessMm: number,
  springBack: number,
  rules: Rules,
): Roller['steps'] {
  if (drive !== 'pin') return steps;
  if (!nearestSetting({ steps }, thicknessMm, springBack, rules).between) return steps;
  const mm = thicknessMm / (1 + springBack);
  return [...steps.filter((step) => step.mm > mm), { label: BY_EYE, mm }];
}

/**
 * A step as it is said: a number is one of a dial, a pin's is not.
 * @example onDial(crank, '8') // 'dial 8'
 */
export const onDial = ({ drive }: Pick<Roller, 'drive'>, label: string): string =>
  drive === 'pin' ? label : `dial ${label}`;

/**
 * A thickness moved to what the nearest step leaves, when that is close enough to be meant.
 * @param withinMm how far off still counts as meant
 * @example toSetting(tenStep, 0.8, { springBack: 0.035, withinMm: 0.1 }, startingRules) // 0.83
 */
export function toSetting(
  roller: Pick<Roller, 'steps'>,
  thicknessMm: number,
  { springBack, withinMm }: { springBack: number; withinMm: number },
  rules: Rules,
): number {
  const { mm } = nearestSetting(roller, thicknessMm, springBack, rules);
  return Math.abs(mm - thicknessMm) <= withinMm + 1e-9 ? mm : thicknessMm;
}

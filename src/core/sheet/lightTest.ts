import type { Rules } from '../basis/rules';
import type { Roller } from './roller';

/** What is held behind a sheet. */
export type LightMark = 'hand' | 'print';

export interface LightCheck {
  readonly what: LightMark;
  readonly label: string;
  /** What the dial says that step leaves. */
  readonly mm: number;
  /** Between this and the step before, the true gap should pass the mark. */
  readonly beforeMm: number | null;
  readonly agrees: boolean;
  readonly says: 'agrees' | 'thinner' | 'thicker';
}

/**
 * The light test: the first step at which a hand, or print, shows through, against what the dial says
 * it leaves. A coarse check of a dial, not a measure.
 * @param label the first step at which it showed
 * @example lightTest(tenStep, 'hand', '8', 0.035, startingRules).says // 'agrees'
 */
export function lightTest(
  { steps }: Pick<Roller, 'steps'>,
  what: LightMark,
  label: string,
  springBack: number,
  rules: Rules,
): LightCheck | null {
  const index = steps.findIndex((step) => step.label === label);
  const step = steps[index];
  if (!step) return null;
  const mark = rules[`sheet.light.${what}`].value;
  const coarse = rules['sheet.light.coarse'].value;
  const mm = step.mm * (1 + springBack);
  const before = steps[index - 1];
  const beforeMm = before ? before.mm * (1 + springBack) : null;
  // It showed here and not at the step before: the mark lies between the two.
  const tooThick = mm > mark * (1 + coarse);
  const tooThin = beforeMm !== null && beforeMm < mark * (1 - coarse);
  const says = tooThick ? 'thinner' : tooThin ? 'thicker' : 'agrees';
  return { what, label, mm, beforeMm, agrees: says === 'agrees', says };
}

/**
 * The light test: what shows through a sheet of this thickness. Rule.
 * @example seenThrough(0.8, startingRules) // 'a hand shows through'
 */
export function seenThrough(thicknessMm: number, rules: Rules): string {
  if (thicknessMm <= rules['sheet.light.print'].value) return 'print reads through';
  if (thicknessMm <= rules['sheet.light.hand'].value) return 'a hand shows through';
  return 'no hand shows through yet';
}

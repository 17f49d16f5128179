import type { Roller } from './roller';

/** The thickest sheet through which each shows, mm. Rule. */
export const SHOWS_AT_MM = { hand: 0.9, print: 0.6 } as const;

export interface LightCheck {
  readonly what: keyof typeof SHOWS_AT_MM;
  readonly label: string;
  /** What the dial says that step leaves. */
  readonly mm: number;
  /** Between this and the step before, the true gap should pass the mark. */
  readonly beforeMm: number | null;
  readonly agrees: boolean;
  readonly says: 'agrees' | 'thinner' | 'thicker';
}

/** How coarse the check is: a hand or print shows within about this share. Rule. */
const COARSE = 0.2;

/**
 * The light test: the first step at which a hand, or print, shows through, against what the dial says
 * it leaves. A coarse check of a dial, not a measure.
 * @param label the first step at which it showed
 * @example lightTest(tenStep, 'hand', '8', 0.035).says // 'agrees'
 */
export function lightTest(
  { steps }: Pick<Roller, 'steps'>,
  what: keyof typeof SHOWS_AT_MM,
  label: string,
  springBack = 0,
): LightCheck | null {
  const index = steps.findIndex((step) => step.label === label);
  const step = steps[index];
  if (!step) return null;
  const mark = SHOWS_AT_MM[what];
  const mm = step.mm * (1 + springBack);
  const before = steps[index - 1];
  const beforeMm = before ? before.mm * (1 + springBack) : null;
  // It showed here and not at the step before: the mark lies between the two.
  const tooThick = mm > mark * (1 + COARSE);
  const tooThin = beforeMm !== null && beforeMm < mark * (1 - COARSE);
  const says = tooThick ? 'thinner' : tooThin ? 'thicker' : 'agrees';
  return { what, label, mm, beforeMm, agrees: says === 'agrees', says };
}

import type { Rules } from '../basis/rules';
import type { RollingSpeed } from './springBack';

/** Who or what turns a roller. */
export const DRIVES = ['crank', 'powered', 'sheeter', 'pin'] as const;

export type Drive = (typeof DRIVES)[number];

export const DRIVE_NAMES: Readonly<Record<Drive, string>> = {
  crank: 'Hand crank',
  powered: 'Powered',
  sheeter: 'Sheeter, set in mm',
  pin: 'Pin with guide sticks',
};

/**
 * One pass of a strip, s: while it runs through, and with the hands' part before it. Rule (estimate).
 * @param lengthMm as it leaves the roller
 * @example passTime({ drive: 'crank', speed: 'even', lengthMm: 880 }, startingRules) // { runS: 8, wholeS: 12 }
 */
export function passTime(
  { drive, speed, lengthMm }: { drive: Drive; speed: RollingSpeed; lengthMm: number },
  rules: Rules,
): { runS: number; wholeS: number } {
  const runS = lengthMm / (rules[`sheet.pace.${drive}`].value * rules[`sheet.pace.${speed}`].value);
  return { runS, wholeS: runS + rules[`sheet.hands.${drive}`].value };
}

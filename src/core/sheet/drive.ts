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

/** Length of sheet that comes out in a second at an even speed, mm; a pin goes to and fro. Rule. */
const EVEN_MM_PER_S: Readonly<Record<Drive, number>> = {
  crank: 110,
  powered: 150,
  sheeter: 250,
  pin: 25,
};

const SPEED: Readonly<Record<RollingSpeed, number>> = { slow: 0.65, even: 1, fast: 1.5 };

/** Lifting, turning and feeding a strip once, s; one hand is at the crank. Rule. */
const HANDLING_S: Readonly<Record<Drive, number>> = { crank: 4, powered: 3, sheeter: 3, pin: 4 };

/**
 * One pass of a strip, s: while it runs through, and with the hands' part before it. Rule (estimate).
 * @param lengthMm as it leaves the roller
 * @example passTime({ drive: 'crank', speed: 'even', lengthMm: 880 }) // { runS: 8, wholeS: 12 }
 */
export function passTime({
  drive,
  speed,
  lengthMm,
}: {
  drive: Drive;
  speed: RollingSpeed;
  lengthMm: number;
}): { runS: number; wholeS: number } {
  const runS = lengthMm / (EVEN_MM_PER_S[drive] * SPEED[speed]);
  return { runS, wholeS: runS + HANDLING_S[drive] };
}

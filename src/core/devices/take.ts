import type { Reading } from './watch';

/** Whether a wanted weight waits to be taken, or was taken and waits for the pan to be changed. */
export type Taking = { readonly at: 'waiting' } | { readonly at: 'taken'; readonly value: number };

export const WAITING: Taking = { at: 'waiting' };

/** A weight is the wanted one within this share, and never nearer than so many grams. Rule. */
const BAND = { share: 0.02, leastG: 1.5 } as const;

/** Whether a weight is the wanted one. `inBand(402, 400)` → `true` */
export const inBand = (valueG: number, wantedG: number): boolean =>
  Math.abs(valueG - wantedG) <= Math.max(BAND.leastG, BAND.share * wantedG);

/**
 * Takes a weight by itself once the pan is steady inside the wanted band, and never twice: after it was
 * taken the pan must be seen outside the band before another can be.
 * @returns how it stands now, and the weight when it is taken just now
 */
export function takeStep(
  taking: Taking,
  reading: Reading | null,
  wantedG: number,
): { readonly taking: Taking; readonly take: number | null } {
  if (!reading) return { taking, take: null };
  const inside = inBand(reading.value, wantedG);
  if (taking.at === 'taken') return { taking: inside ? taking : WAITING, take: null };
  if (!inside || !reading.steady) return { taking, take: null };
  return { taking: { at: 'taken', value: reading.value }, take: reading.value };
}

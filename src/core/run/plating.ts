import type { Plan } from '../plan/document/schema';
import type { RunState } from './fold';

/** A round of the pot on its way to the plates. */
export interface PlateRound {
  /** Its number, from 1. */
  readonly n: number;
  readonly pieces: number;
  /** Plates that are full once this round is plated, beyond those of the rounds before. */
  readonly plates: number;
  /** Lifted out of the pot. */
  readonly out: boolean;
  readonly plated: boolean;
}

/** The line that is ticked when a round is plated. `plateLine(2)` → `'round-2'` */
export const plateLine = (n: number): string => `round-${n}`;

/**
 * A batch's rounds from pot to plate: those that were lifted out as they were, those to come as the pot
 * takes them. A portion that a round leaves unfinished is filled by the next one; the last fills what is left.
 * @param made pieces there are to boil
 * @param perRound pieces that the pot takes at once
 * @example plateRounds(plan, state, 48, 24) // [{ n: 1, pieces: 24, plates: 4, out: true, … }, …]
 */
export function plateRounds(
  { batch }: Pick<Plan, 'batch'>,
  { rounds, ticked, done }: Pick<RunState, 'rounds' | 'ticked' | 'done'>,
  made: number,
  perRound: number,
): PlateRound[] {
  const out = rounds.map(({ pieces }) => pieces).filter((pieces) => pieces > 0);
  const each = Math.max(1, perRound);
  let left = Math.max(0, made - out.reduce((sum, pieces) => sum + pieces, 0));
  const ahead: number[] = [];
  // What the cook keeps back after the last round is not on its way to a plate.
  for (; left > 0 && !done.has('boil'); left -= each) ahead.push(Math.min(each, left));
  const all = [...out, ...ahead];
  let pieces = 0;
  return all.map((of, i) => {
    const before = Math.floor(pieces / batch.piecesPerPortion);
    pieces += of;
    const last = i === all.length - 1;
    const after = (last ? Math.ceil : Math.floor)(pieces / batch.piecesPerPortion);
    return {
      n: i + 1,
      pieces: of,
      plates: after - before,
      out: i < out.length,
      plated: ticked.has(`plate/${plateLine(i + 1)}`),
    };
  });
}

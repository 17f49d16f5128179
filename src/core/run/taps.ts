import type { Rules } from '../basis/rules';
import { QUANTITIES } from '../calibrate/quantities';
import type { PlanResult } from '../plan/evaluatePlan';
import type { FamilyId } from '../shapes/families';
import type { RunState, SheetDone } from './fold';

/** A sheet of more pieces than this times its pattern was several, tapped at once. */
const MOST_OF_SHEET = 2;

/** Under a third of the prior's lowest, a ratio of times is none that hands can do. */
const possible = (id: 'pace' | 'edge'): number => Math.exp(-1.6449 * QUANTITIES[id].spread) / 3;

/**
 * Sheets whose taps tell how long they took: of no more pieces than a sheet holds, and no faster than hands can.
 * Rule.
 * @param secondsEach what a piece takes by the rule, s
 */
export const timedSheets = (
  { sheets }: Pick<RunState, 'sheets'>,
  { layout }: Pick<PlanResult, 'layout'>,
  secondsEach: number,
): readonly SheetDone[] =>
  sheets.filter(
    (sheet) =>
      sheet.pieces > 0 &&
      sheet.pieces <= MOST_OF_SHEET * Math.max(1, layout.pieces) &&
      (sheet.seconds ?? 0) * sheet.people >= possible('pace') * secondsEach * sheet.pieces,
  );

/** Minutes of the rounds that were truly timed: none so short that no pot could have cooked them. Rule. */
export const timedRounds = (
  { rounds }: Pick<RunState, 'rounds'>,
  { boil }: Pick<PlanResult, 'boil'>,
): readonly number[] =>
  rounds.flatMap(({ minutes }) =>
    minutes !== null && minutes >= possible('edge') * boil.potMin ? minutes : [],
  );

/**
 * Whether a batch was tapped through after it was made: it has sheets or rounds with times, and none that hands
 * or a pot can have done. Its times teach nothing, and it may count for another day.
 * @example tappedThrough(state, result, 'ravioliSquare', rules) // true: 60 pieces in four seconds
 */
export function tappedThrough(
  state: Pick<RunState, 'sheets' | 'rounds'>,
  result: Pick<PlanResult, 'layout' | 'boil'>,
  family: FamilyId,
  rules: Rules,
): boolean {
  const sheets = state.sheets.filter(({ pieces, seconds }) => pieces > 0 && seconds !== null);
  const rounds = state.rounds.filter(({ minutes }) => minutes !== null);
  if (sheets.length + rounds.length === 0) return false;
  const seconds = rules[`shape.seconds.${family}`].value;
  return (
    timedSheets({ sheets }, result, seconds).length === 0 &&
    timedRounds({ rounds }, result).length === 0
  );
}

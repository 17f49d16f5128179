import type { PlanResult } from '../plan/evaluatePlan';
import { doughIn, fillingIn, fillingInPieces, type Known } from './bowls';
import type { RunState } from './fold';

/** Where one bowl went, planned beside actual, g. */
export interface RunAccount {
  readonly inG: number;
  readonly inPiecesG: number;
  readonly eachG: number;
  readonly eachKnown: Known;
  readonly leftG: number;
  readonly trimG: number;
  /** What nobody weighed: on hands, board and roller, in the bowl; below 0, more came out than went in. */
  readonly unexplainedG: number;
  /** What the plan had for that. */
  readonly plannedG: number;
}

/** The mass ledger of a run, closed. */
export interface RunLedger {
  readonly dough: RunAccount;
  readonly filling: RunAccount;
}

/**
 * Closes both ledgers of a run: what went in, what is in the pieces, what was left, and what does not add
 * up. Pieces are weighed where they were, else by their measured thickness and dose, else as planned. Law.
 */
export function runLedger(result: PlanResult, state: RunState): RunLedger {
  const { pieces, left, doses, thickness, weighedPieces } = state;
  const { ledger } = result;
  const inPiecesG = fillingInPieces(result, state);
  const doseG = pieces > 0 ? inPiecesG / pieces : result.comesOut.doseG;
  const doseKnown: Known = doses ? 'weighed' : 'planned';
  // Sheets come out as they were measured, else as the plan counts on.
  const thicker =
    (thickness.length > 0
      ? thickness.reduce((sum, mm) => sum + mm, 0) / thickness.length
      : result.comesOut.thicknessMm) / result.sheet.thicknessMm;
  const doughEach = weighedPieces
    ? Math.max(0, weighedPieces.g - doseG)
    : result.dough.perPieceG * thicker;
  const doughKnown: Known = weighedPieces ? 'weighed' : thickness.length ? 'measured' : 'planned';
  const account = (
    inG: number,
    eachG: number,
    eachKnown: Known,
    leftG: number,
    trimG: number,
    plannedG: number,
  ): RunAccount => ({
    inG,
    inPiecesG: pieces * eachG,
    eachG,
    eachKnown,
    leftG,
    trimG,
    unexplainedG: inG - pieces * eachG - leftG - trimG,
    plannedG,
  });
  const { stuckG, spoiltG, endTrimG, trimG } = ledger.dough;
  return {
    dough: account(
      doughIn(result, state),
      doughEach,
      doughKnown,
      left.doughG ?? 0,
      left.trimG ?? 0,
      stuckG + spoiltG + endTrimG + (left.trimG === null ? trimG : 0),
    ),
    filling: account(
      fillingIn(result, state),
      doseG,
      doseKnown,
      left.fillingG ?? 0,
      0,
      ledger.filling.inBowlG,
    ),
  };
}

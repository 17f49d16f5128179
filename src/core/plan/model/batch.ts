import { rolledDough } from '../../batch/batch';
import { doughForSheets, sheetRun, type SheetRun } from '../../batch/sheetRun';
import { solveBatch, type Batch } from '../../batch/solveBatch';
import type { Basis } from '../../basis/basis';
import type { BatchTerms } from '../../batch/batch';
import type { WayIn } from '../../batch/solveBatch';
import type { Laying } from '../../layout/laying';
import type { PieceInput } from '../../shapes/piece';
import type { Plan } from '../document/schema';
import { addedDough, roundedUpToEggs } from './doughOfBatch';
import { batchTerms, wayInOf } from './terms';

/** How many, from how much, in how many sheets. */
export interface BatchStage {
  readonly terms: BatchTerms;
  readonly wayIn: WayIn;
  /** Flour and water that corrections put in, g. */
  readonly addedDoughG: number;
  readonly batch: Batch;
  /** The sheets rolled, whole ones and the short last. */
  readonly run: SheetRun;
  /** Dough made beyond what the pieces need by share, so that whole sheets and eggs give enough, g. */
  readonly madeUpG: number;
}

/**
 * The plan's batch: by share first, then in whole sheets. A dough made to measure is made up until its
 * sheets give every piece, and to whole eggs where that is asked for; a dough in hand gives what its
 * sheets give. With a share of the cook's own, sheets are only counted.
 */
export function batchStage(
  plan: Plan,
  basis: Basis,
  piece: PieceInput,
  laying: Laying,
): BatchStage {
  const wayIn = wayInOf(plan);
  const terms = batchTerms(plan, piece, laying);
  const addedDoughG = addedDough(plan);
  const common = { terms, wayIn, addedDoughG };
  const byLayout = plan.batch.usedShare === undefined && laying.pieces > 0;
  const given = { ...terms, laying };
  const runOf = (doughG: number) => sheetRun({ ...given, doughG: rolledDough(doughG, terms) });
  if ('doughG' in wayIn) {
    const run = runOf(wayIn.doughG);
    const mostPieces = byLayout ? run.pieces : Number.MAX_SAFE_INTEGER;
    const batch = solveBatch(wayIn, terms, { addedDoughG, mostPieces });
    return { ...common, batch, run, madeUpG: 0 };
  }
  const exact = solveBatch(wayIn, terms);
  const needed = exact.dough.inG;
  const inSheets =
    byLayout && needed > 0
      ? doughForSheets(exact.counts.made, rolledDough(needed, terms), given)
      : null;
  const sheetsG = inSheets === null ? needed : inSheets / (1 - terms.stuckShare) + terms.endTrimG;
  const eggsG = plan.dough.roundUp ? (roundedUpToEggs(plan, sheetsG, basis)?.doughG ?? 0) : 0;
  const madeUpG = Math.max(0, sheetsG - needed, eggsG - needed);
  return {
    ...common,
    batch: solveBatch(wayIn, terms, { addedDoughG: addedDoughG + madeUpG }),
    run: runOf(needed + madeUpG),
    madeUpG,
  };
}

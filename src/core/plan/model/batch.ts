import type { Basis } from '../../basis/basis';
import type { BatchTerms, Breakage } from '../../batch/batch';
import { byShare, type DoughWay, type Rolled } from '../../batch/rolled';
import { inSheets, sheetRun } from '../../batch/sheetRun';
import { solveBatch, type Batch, type WayIn } from '../../batch/solveBatch';
import type { Rules } from '../../basis/rules';
import { atThickness, type Laying } from '../../layout/laying';
import type { PieceInput } from '../../shapes/piece';
import type { PlanAtBench } from './atBench';
import { addedDough, wholeEggDough } from './doughOfBatch';
import { batchTerms, wayInOf } from './terms';

/** How many, from how much, in how many sheets. */
export interface BatchStage {
  readonly terms: BatchTerms;
  readonly wayIn: WayIn;
  /** Flour and water that corrections put in, g. */
  readonly addedDoughG: number;
  readonly batch: Batch;
  /** The pattern of the sheets rolled. */
  readonly laying: Laying;
  /** The sheets rolled, whole ones and the short last. */
  readonly run: Rolled;
  /** Dough made beyond what the pieces need, so that whole eggs give enough, g. */
  readonly madeUpG: number;
}

/**
 * Fourth stage: the plan's batch, in whole sheets of the pattern that serves the whole run best: for
 * a dough made to measure the one that needs least, for a dough in hand the one that gives most. With
 * a share of the cook's own, sheets are only counted.
 */
export function batchStage(
  plan: PlanAtBench,
  basis: Basis,
  piece: PieceInput,
  { layings: meant, breakage }: { layings: readonly [Laying, ...Laying[]]; breakage: Breakage },
): BatchStage {
  const wayIn = wayInOf(plan);
  const addedDoughG = addedDough(plan);
  const made = (neededG: number) => addedDoughG + wholeEggDough(plan, neededG, basis);
  const stage = (laying: Laying, way: DoughWay | null): BatchStage => {
    const terms = batchTerms(plan, piece, { laying, breakage }, basis.rules);
    const batch = solveBatch(wayIn, terms, { way: way ?? byShare(terms), made });
    const { rolled, dough } = batch;
    const lotG = dough.inG - dough.leftoverG - dough.endTrimG - dough.stuckG;
    const run = way ? rolled : { ...rolled, ...countedSheets(laying, terms, lotG) };
    const madeUpG = Math.max(0, batch.madeUpG - addedDoughG);
    return { terms, wayIn, addedDoughG, batch, laying, run, madeUpG };
  };
  // Sheets come out as this kitchen's do.
  const layings = meant.map((laying) => asRolled(laying, basis.rules));
  const [first = meant[0]] = layings;
  if (plan.batch.usedShare !== undefined || first.pieces <= 0) return stage(first, null);
  return layings
    .map((laying) =>
      stage(
        laying,
        inSheets({ ...batchTerms(plan, piece, { laying, breakage }, basis.rules), laying }),
      ),
    )
    .reduce((best, each) => (better(each, best) ? each : best));
}

/** A pattern on a sheet as thick as this kitchen's come out. */
export const asRolled = (laying: Laying, rules: Rules): Laying =>
  rules['batch.thicker'].value === 1
    ? laying
    : atThickness(laying, laying.thicknessMm * rules['batch.thicker'].value);

/** More pieces, then less dough, then less of it wasted. */
function better({ batch: a }: BatchStage, { batch: b }: BatchStage): boolean {
  if (a.counts.made !== b.counts.made) return a.counts.made > b.counts.made;
  if (Math.abs(a.dough.inG - b.dough.inG) > 0.1) return a.dough.inG < b.dough.inG;
  return a.dough.leftoverG > b.dough.leftoverG + 0.1;
}

/** With a share of the cook's own, the sheets that the dough rolls out to. */
const countedSheets = (laying: Laying, terms: BatchTerms, doughG: number) => {
  const { rollings, sheets } = sheetRun({ ...terms, laying, doughG });
  return { rollings, sheets };
};

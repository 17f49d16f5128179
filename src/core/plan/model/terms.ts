import type { Rules } from '../../basis/rules';
import type { BatchTerms, Breakage, DoughTerms } from '../../batch/batch';
import type { WayIn } from '../../batch/solveBatch';
import type { Laying } from '../../layout/laying';
import { pieceDough, type PieceInput } from '../../shapes/piece';
import type { Plan } from '../document/schema';
import type { PlanAtBench } from './atBench';
import { addedDough } from './doughOfBatch';
import { SHARE_WHEN_NOTHING_FITS } from './laying';

/** What turns pieces into dough: the share of a sheet used is the layout's own, or as the cook counted. */
export function doughTerms(
  { batch }: Plan,
  { family, size, thicknessMm }: Omit<PieceInput, 'doseG'>,
  laying: Laying,
  rules: Rules,
): DoughTerms {
  return {
    doughPerPieceG: pieceDough(family, size, thicknessMm * rules['batch.thicker'].value),
    usedShare: batch.usedShare ?? layoutShare(laying),
    rerolls: batch.rerolls,
    trimUsable: batch.trimUsable,
    stuckShare: batch.stuckShare,
    endTrimG: batch.endTrimG,
    fillingLoss: batch.fillingLoss,
    piecesPerPortion: batch.piecesPerPortion,
    tasted: batch.tasted,
  };
}

/** What turns pieces into dough and filling, and back. */
export const batchTerms = (
  plan: Plan,
  piece: PieceInput,
  { laying, breakage }: { laying: Laying; breakage: Breakage },
  rules: Rules,
): BatchTerms => ({
  ...doughTerms(plan, piece, laying, rules),
  breakage,
  doseG: piece.doseG * rules['batch.dosed'].value,
});

const layoutShare = ({ pieces, share }: Laying): number =>
  pieces > 0 ? Math.min(1, Math.max(0.05, share)) : SHARE_WHEN_NOTHING_FITS;

/** The plan's way in, with what is in hand. */
export function wayInOf(plan: PlanAtBench): WayIn {
  const { batch } = plan;
  // What was kneaded into the dough in hand is in hand too.
  const doughG = batch.doughInHandG + addedDough(plan);
  const fillingG = batch.fillingInHandG;
  switch (batch.wayIn) {
    case 'portions':
      return { kind: 'portions', portions: batch.portions };
    case 'dough':
      return { kind: 'dough', doughG };
    case 'filling':
      return { kind: 'filling', fillingG };
    case 'both':
      return { kind: 'both', doughG, fillingG };
  }
}

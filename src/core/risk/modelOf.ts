import type { Basis } from '../basis/basis';
import { QUANTITIES } from '../calibrate/quantities';
import type { PlanAtBench } from '../plan/model/atBench';
import {
  batchModel,
  heldModel,
  pieceModel,
  type PieceModel,
  type PlanModel,
} from '../plan/model/model';
import { withLearnt } from '../plan/model/withLearnt';
import { expectedLoss } from './expectedLoss';

/** No kitchen that goes on cooking loses more, as a rule. */
const MOST = 0.5;

/**
 * Works a plan out whole, on what this kitchen's runs taught: filling → piece → laying → batch → dough →
 * sheet → hold → boil. Spares are for what the cook counts on losing; where nothing was set, for what hands
 * as they are lose of this plan.
 * @throws FieldError when an id is unknown or an amount impossible; a parsed plan never is
 */
export function modelOf(asked: PlanAtBench, given: Basis): PlanModel {
  const { plan, basis, learnt } = withLearnt(asked, given);
  return withSpares(pieceModel(plan, basis, learnt));
}

/** Works a changed plan out again on what its model stands on; what was learnt counts no second time. */
export const modelAgain = ({ basis, learnt }: PlanModel, changed: PlanAtBench): PlanModel =>
  withSpares(pieceModel(changed, basis, learnt));

function withSpares(pieces: PieceModel): PlanModel {
  const { breakage, batch } = pieces.plan;
  if (breakage) return batchModel(pieces, breakage);
  const set = batch.breakageShare;
  if (set !== undefined) return batchModel(pieces, { share: set, reckoned: false });
  const held = heldModel(pieces);
  const share = lostHere(expectedLoss(held), pieces);
  return batchModel(pieces, { share, reckoned: true }, held.boil);
}

/**
 * The share a kitchen is to count on losing of a plan: what its runs taught, and what this plan loses beyond
 * the typical; what the model says where they taught nothing. A plan that loses too many is mended, not made
 * larger.
 */
function lostHere(lost: number, { learnt, basis: { rules } }: PieceModel): number {
  const counted = Math.min(lost, rules['batch.sparesMost'].value);
  const own = learnt.find(({ quantity }) => quantity === 'burst');
  if (!own) return counted;
  return Math.min(MOST, own.value + Math.max(0, counted - QUANTITIES.burst.typical));
}

import type { Basis } from '../basis/basis';
import type { Learnt } from '../basis/learnt';
import { LEAST_EXPECTED } from '../calibrate/lossMultiplier';
import { QUANTITIES } from '../calibrate/quantities';
import type { PlanAtBench } from '../plan/model/atBench';
import {
  batchModel,
  heldModel,
  pieceModel,
  type HeldModel,
  type PieceModel,
  type PlanModel,
} from '../plan/model/model';
import { withLearnt } from '../plan/model/withLearnt';
import { expectedLoss } from './expectedLoss';
import { MARGINS, marginsOf, NO_END } from './margins';

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
  const share = lostHere(held, pieces);
  return batchModel(pieces, { share, reckoned: true }, held.boil);
}

/**
 * The share a kitchen is to count on losing of a plan: what the sums expect of its own margins, cause by
 * cause as this kitchen loses to them. A plan that loses too many is mended, not made larger.
 */
function lostHere(held: HeldModel, { learnt, basis: { rules } }: PieceModel): number {
  const lost = expectedLoss(held);
  const most = rules['batch.sparesMost'].value;
  const own = learnt.find(({ quantity }) => quantity === 'burst');
  if (own) {
    const beyond = Math.min(lost, most) - QUANTITIES.burst.typical;
    return Math.min(MOST, own.value + Math.max(0, beyond));
  }
  const byCause = learnt.filter(({ quantity }) => quantity === 'lost');
  return Math.min(byCause.length > 0 ? lostByCause(held, lost, byCause) : lost, most);
}

/** A margin lower by so much gives way e times as often: about what hands scatter. Rule. */
const GIVES_WAY = 0.12;

/**
 * What the sums expect lost to each cause of this very plan, each times what the kitchen loses of it. How it
 * falls to the causes is told by their margins: counting pieces would cost more than the whole plan.
 */
function lostByCause(held: HeldModel, lost: number, learned: readonly Learnt[]): number {
  const margins = marginsOf(held);
  const often = new Map(
    MARGINS.flatMap(({ id, workedRound }) =>
      workedRound ? [] : [[id as string, Math.exp(-(margins[id] ?? NO_END) / GIVES_WAY)] as const],
    ),
  );
  const all = [...often.values()].reduce((sum, each) => sum + each, 0);
  const more = learned.reduce((sum, { key, value }) => {
    const share = all > 0 ? (lost * (often.get(key) ?? 0)) / all : 0;
    return sum + (value - 1) * Math.max(share, value > 1 ? LEAST_EXPECTED : 0);
  }, 0);
  return Math.max(0, lost + more);
}

import type { Learnt } from '../../basis/learnt';
import type { Basis } from '../../basis/basis';
import type { PlanAtBench } from './atBench';
import { asRolled, batchStage, type BatchStage } from './batch';
import { boilStage, potStage, type BoilStage, type PotStage } from './boil';
import { doughStage, type DoughStage } from './dough';
import { fillingStage, type FillingStage } from './filling';
import { holdStage, type HoldStage } from './hold';
import { layingFor, layingStage, type LayingStage } from './laying';
import { pieceStage, type PieceStage } from './piece';
import { rollingStage, type RollingStage } from './rolling';
import { sheetStage, type SheetStage } from './sheet';
import type { Breakage } from '../../batch/batch';
import type { Laying } from '../../layout/laying';
import { lazily } from '../../working/lazy';

/** A plan worked out on a basis, stage by stage, each computed once from those before it. */
export interface PlanModel {
  readonly plan: PlanAtBench;
  readonly basis: Basis;
  /** What was learnt here that it stands on; plan and basis hold it. */
  readonly learnt: readonly Learnt[];
  /** Pieces counted on as lost. */
  readonly breakage: Breakage;
  readonly rolling: RollingStage;
  readonly filling: FillingStage;
  readonly piece: PieceStage;
  readonly laying: LayingStage;
  readonly batch: BatchStage;
  /** The sheet that is shown: a dough that gives less than one full sheet shows the one it gives. */
  readonly shown: Laying;
  readonly dough: DoughStage;
  readonly sheet: SheetStage;
  /** What becomes of the sealed pieces; worked out when it is asked for. */
  readonly hold: HoldStage;
  readonly boil: BoilStage;
}

/** A plan as far as no piece is counted yet. */
export type PieceModel = Pick<
  PlanModel,
  'plan' | 'basis' | 'learnt' | 'rolling' | 'filling' | 'piece' | 'laying'
>;

/**
 * Works a plan out up to its pieces: filling → piece → laying.
 * @param learnt what plan and basis already hold
 * @throws FieldError when an id is unknown or an amount impossible; a parsed plan never is
 */
export function pieceModel(
  plan: PlanAtBench,
  basis: Basis,
  learnt: readonly Learnt[] = [],
): PieceModel {
  const rolling = rollingStage(plan, basis);
  const filling = fillingStage(plan, basis);
  const piece = pieceStage(plan, basis, filling, rolling.springBack);
  const laying = layingStage(plan, piece.input, basis);
  return { plan, basis, learnt, rolling, filling, piece, laying };
}

/** One piece of a plan, from its sheet to the pot: all that says whether it holds. */
export interface HeldModel extends Pick<
  PlanModel,
  'plan' | 'basis' | 'piece' | 'dough' | 'sheet' | 'hold'
> {
  readonly boil: PotStage;
}

/** One piece of a plan, in a dough as its recipe stands: what does not hang on how many there are. */
export function heldModel({ plan, basis, rolling, filling, piece, laying }: PieceModel): HeldModel {
  const dough = doughStage(plan, basis, rolling, 0);
  const sheet = sheetStage(plan, basis, piece.input, laying.layings[0], dough);
  const hold = holdStage(plan, basis, { filling, piece, dough, sheet });
  const boil = potStage(plan, basis, { piece, hold });
  return { plan, basis, piece, dough, sheet, hold, boil };
}

/**
 * Works the batch out from its pieces, some counted on as lost: batch → dough → sheet → hold → boil.
 * @param known the pot, where it was worked out before the pieces were counted
 */
export function batchModel(pieces: PieceModel, breakage: Breakage, known?: PotStage): PlanModel {
  const { plan, basis, rolling, piece, laying } = pieces;
  const batch = batchStage(plan, basis, piece.input, { layings: laying.layings, breakage });
  const [first] = batch.run.rollings;
  const shown =
    first && first.full === 0 && first.short
      ? asRolled(layingFor(plan, piece.input, first.short.lengthMm), basis.rules)
      : batch.laying;
  const dough = doughStage(plan, basis, rolling, batch.batch.dough.inG - batch.addedDoughG);
  const sheet = sheetStage(plan, basis, piece.input, shown, dough);
  const made = { ...pieces, breakage, batch, shown, dough, sheet };
  const count = () => Math.max(1, batch.batch.counts.made);
  const model: PlanModel = lazily(made, {
    hold: () => holdStage(plan, basis, made),
    boil: () => {
      const pot = known ?? potStage(plan, basis, { piece, hold: model.hold });
      return boilStage(plan, basis, { piece, pot }, count);
    },
  });
  return model;
}

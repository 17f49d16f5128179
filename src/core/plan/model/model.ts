import type { Learnt } from '../../basis/learnt';
import type { Basis } from '../../basis/basis';
import type { PlanAtBench } from './atBench';
import { asRolled, batchStage, type BatchStage } from './batch';
import { boilStage, type BoilStage } from './boil';
import { doughStage, type DoughStage } from './dough';
import { fillingStage, type FillingStage } from './filling';
import { holdStage, type HoldStage } from './hold';
import { layingFor, layingStage, type LayingStage } from './laying';
import { pieceStage, type PieceStage } from './piece';
import { rollingStage, type RollingStage } from './rolling';
import { sheetStage, type SheetStage } from './sheet';
import type { Laying } from '../../layout/laying';
import { withLearnt } from './withLearnt';
import { lazily } from '../../working/lazy';

/** A plan worked out on a basis, stage by stage, each computed once from those before it. */
export interface PlanModel {
  readonly plan: PlanAtBench;
  readonly basis: Basis;
  /** What was learnt here that it stands on; plan and basis hold it. */
  readonly learnt: readonly Learnt[];
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

/**
 * Works a plan out: filling → piece → laying → batch → dough → sheet → hold → boil.
 * @throws FieldError when an id is unknown or an amount impossible; a parsed plan never is
 */
export function modelOf(asked: PlanAtBench, given: Basis): PlanModel {
  const { plan, basis, learnt } = withLearnt(asked, given);
  const rolling = rollingStage(plan, basis);
  const filling = fillingStage(plan, basis);
  const piece = pieceStage(plan, basis, filling, rolling.springBack);
  const laying = layingStage(plan, piece.input, basis);
  const batch = batchStage(plan, basis, piece.input, laying.layings);
  const [first] = batch.run.rollings;
  const shown =
    first && first.full === 0 && first.short
      ? asRolled(layingFor(plan, piece.input, first.short.lengthMm), basis.rules)
      : batch.laying;
  const dough = doughStage(plan, basis, rolling, batch.batch.dough.inG - batch.addedDoughG);
  const sheet = sheetStage(plan, basis, piece.input, shown, dough);
  const made = { plan, basis, learnt, rolling, filling, piece, laying, batch, shown, dough, sheet };
  const model: PlanModel = lazily(made, {
    hold: () => holdStage(plan, basis, made),
    boil: () => boilStage(plan, basis, model),
  });
  return model;
}

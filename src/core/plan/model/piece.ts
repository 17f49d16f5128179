import type { Basis } from '../../basis/basis';
import { deadHeat, type DeadHeat } from '../../batch/deadHeat';
import { familyOf } from '../../shapes/families';
import { makePiece, type Piece, type PieceInput } from '../../shapes/piece';
import type { Plan } from '../document/schema';
import { deadHeatInput } from './heat';
import { fillingStage, type FillingStage } from './filling';

/** The piece as it will be made, and the dead heat that made it so. */
export interface PieceStage {
  /** After the dead heat, when that is the way in. */
  readonly input: PieceInput;
  readonly made: Piece;
  readonly heat: DeadHeat | null;
}

/** A plan's piece as its document says, of a filling. */
export const pieceOf = (
  { shape, sheet }: Plan,
  { composition, stiffness }: FillingStage,
): PieceInput => ({
  family: familyOf(shape.family),
  size: shape,
  thicknessMm: sheet.thicknessMm,
  finish: shape.finish,
  doseG: shape.doseG,
  densityGPerMl: composition.densityGPerMl,
  yieldStressPa: stiffness.pa,
  laid: shape.laid,
});

/** A plan's piece as typed, before any dead heat. */
export const typedPiece = (plan: Plan, basis: Basis): PieceInput =>
  pieceOf(plan, fillingStage(plan, basis));

/** Second stage: the piece, turned by the dead heat where both are in hand. */
export function pieceStage(
  plan: Plan,
  { rules }: Basis,
  filling: FillingStage,
  springBack: number,
): PieceStage {
  const typed = pieceOf(plan, filling);
  if (plan.batch.wayIn !== 'both') {
    return { input: typed, made: makePiece(typed, rules), heat: null };
  }
  const heat = deadHeat(deadHeatInput(plan, typed, springBack, rules));
  const { doseG, thicknessMm, sizeMm } = heat;
  const input = { ...typed, doseG, thicknessMm, size: { ...typed.size, sizeMm } };
  return { input, made: makePiece(input, rules), heat };
}

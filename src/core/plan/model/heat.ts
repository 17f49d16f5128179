import type { Rules } from '../../basis/rules';
import { rolledDough } from '../../batch/batch';
import type { DeadHeatInput } from '../../batch/deadHeat';
import { sheetRun } from '../../batch/sheetRun';
import { atThickness, type Laying } from '../../layout/laying';
import { doseBand, makePiece, type PieceInput } from '../../shapes/piece';
import type { Plan } from '../document/schema';
import { addedDough } from './doughOfBatch';
import { sizesOf, thicknessesOf } from './heatBands';
import { layingFor } from './laying';
import { doughTerms } from './terms';

/** The dough and filling in hand, and the bands a dead heat may move in. */
export function deadHeatInput(
  plan: Plan,
  piece: PieceInput,
  springBack: number,
  rules: Rules,
): DeadHeatInput {
  const { batch } = plan;
  const doughG = batch.doughInHandG + addedDough(plan);
  const at = (thicknessMm: number, sizeMm: number) => ({
    ...piece,
    thicknessMm,
    size: { ...piece.size, sizeMm },
  });
  // The pattern is the blank's alone: worked out once for each size.
  const layings = new Map<number, Laying>();
  const layingAt = (sizeMm: number) => {
    const known = layings.get(sizeMm) ?? layingFor(plan, at(piece.thicknessMm, sizeMm));
    layings.set(sizeMm, known);
    return known;
  };
  const terms = (thicknessMm: number, sizeMm: number) =>
    doughTerms(plan, at(thicknessMm, sizeMm), layingAt(sizeMm));
  const input: DeadHeatInput = {
    doughG,
    fillingG: batch.fillingInHandG,
    doseG: piece.doseG,
    thicknessMm: piece.thicknessMm,
    sizeMm: piece.size.sizeMm,
    thicknessesMm: batch.mayChange.thickness ? thicknessesOf(plan, springBack, rules) : [],
    sizesMm: batch.mayChange.size ? sizesOf(plan) : [],
    doseBandG: (thicknessMm, sizeMm) => {
      const held = at(thicknessMm, sizeMm);
      if (batch.mayChange.dose) return doseBand(held, rules);
      // A held dose is the cook's own choice in the piece as it is; elsewhere its lip must hold.
      const asItIs = thicknessMm === piece.thicknessMm && sizeMm === piece.size.sizeMm;
      return asItIs || makePiece(held, rules).margins.lip >= 1 ? [piece.doseG, piece.doseG] : null;
    },
    terms,
  };
  if (batch.usedShare !== undefined) return input;
  return {
    ...input,
    piecesInSheets: (thicknessMm, sizeMm, own) =>
      sheetRun({
        ...own,
        doughG: rolledDough(doughG, own),
        laying: atThickness(layingAt(sizeMm), thicknessMm),
      }).pieces,
  };
}

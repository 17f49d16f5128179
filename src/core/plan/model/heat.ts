import type { Rules } from '../../basis/rules';
import { fillingFor } from '../../batch/batch';
import type { DeadHeatInput } from '../../batch/deadHeat';
import { byShare, type DoughWay } from '../../batch/rolled';
import { inSheets } from '../../batch/sheetRun';
import { atThickness, type Laying } from '../../layout/laying';
import { doseBand, makePiece, pieceDough, type PieceInput } from '../../shapes/piece';
import type { Plan } from '../document/schema';
import { addedDough } from './doughOfBatch';
import { sizesOf, thicknessesOf } from './heatBands';
import { layingsFor } from './laying';
import { doughTerms } from './terms';

/** A dose is not raised over the usual, nor over the plan's own. */
const mostDoseOf = ({ family, doseG }: PieceInput): number => Math.max(family.usualDoseG[1], doseG);

/** Usual doses, and the plan's own, that leave a margin; null where none does. */
function heatBand(
  piece: PieceInput,
  margin: number,
  rules: Rules,
): readonly [number, number] | null {
  const [least] = piece.family.usualDoseG;
  const band = doseBand(piece, rules, { margin, mostG: mostDoseOf(piece) });
  if (!band || margin <= 1) return band;
  const thin = (doseG: number) => makePiece({ ...piece, doseG }, rules).margins.thinning < margin;
  return thin(least) ? null : band;
}

/** The dough and filling in hand, and the bands a dead heat may move in. */
export function deadHeatInput(
  plan: Plan,
  piece: PieceInput,
  springBack: number,
  rules: Rules,
): DeadHeatInput {
  const { batch } = plan;
  const doughG = batch.doughInHandG + addedDough(plan);
  const mostDoseG = batch.mayChange.dose ? mostDoseOf(piece) : piece.doseG;
  const at = (thicknessMm: number, sizeMm: number) => ({
    ...piece,
    thicknessMm,
    size: { ...piece.size, sizeMm },
  });
  // The pattern is the blank's alone: worked out once for each size.
  const layings = new Map<number, readonly [Laying, ...Laying[]]>();
  const layingsAt = (sizeMm: number) => {
    const known = layings.get(sizeMm) ?? layingsFor(plan, at(piece.thicknessMm, sizeMm), rules);
    layings.set(sizeMm, known);
    return known;
  };
  const dosed = rules['batch.dosed'].value;
  const terms = (thicknessMm: number, sizeMm: number) =>
    doughTerms(plan, at(thicknessMm, sizeMm), layingsAt(sizeMm)[0], rules);
  return {
    doughG,
    fillingG: batch.fillingInHandG,
    doseG: piece.doseG,
    thicknessMm: piece.thicknessMm,
    sizeMm: piece.size.sizeMm,
    thicknessesMm: batch.mayChange.thickness ? thicknessesOf(plan, springBack, rules) : [],
    sizesMm: batch.mayChange.size ? sizesOf(plan) : [],
    doseBandG: (thicknessMm, sizeMm, margin) => {
      const held = at(thicknessMm, sizeMm);
      if (batch.mayChange.dose) return heatBand(held, margin, rules);
      const { lip, thinning } = makePiece(held, rules).margins;
      // A held dose is the cook's own choice in the piece as it is; elsewhere its lip must hold.
      const asItIs = thicknessMm === piece.thicknessMm && sizeMm === piece.size.sizeMm;
      const holds = margin > 1 ? Math.min(lip, thinning) >= margin : asItIs || lip >= 1;
      return holds ? [piece.doseG, piece.doseG] : null;
    },
    leastLeftG(thicknessMm, sizeMm) {
      const { family, size } = at(thicknessMm, sizeMm);
      const mostPieces =
        doughG / pieceDough(family, size, thicknessMm * rules['batch.thicker'].value);
      const { fillingLoss } = batch;
      // Less than one dose left may still be called used up.
      return (
        batch.fillingInHandG - fillingFor(mostPieces + 1, { doseG: mostDoseG * dosed, fillingLoss })
      );
    },
    dosed,
    comfort: rules['risk.aim'].value,
    terms,
    ways: (thicknessMm, sizeMm, own): readonly DoughWay[] =>
      batch.usedShare !== undefined || layingsAt(sizeMm)[0].pieces <= 0
        ? [byShare(own)]
        : layingsAt(sizeMm).map((laying) =>
            inSheets({
              ...own,
              laying: atThickness(laying, thicknessMm * rules['batch.thicker'].value),
            }),
          ),
  };
}

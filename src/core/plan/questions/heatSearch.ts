import { heatAt, type DeadHeat } from '../../batch/deadHeat';
import { pieceDough, makePiece, type PieceInput } from '../../shapes/piece';
import type { Basis } from '../../basis/basis';
import type { Rules } from '../../basis/rules';
import { deadHeatInput } from '../model/heat';
import { typedPiece } from '../model/piece';
import { sizesOf, thicknessesOf } from '../model/heatBands';
import { springBackOf } from '../model/rolling';
import { modelOf } from '../../risk/modelOf';
import type { Plan } from '../document/schema';

/** A way of using both up, with what it does to the piece. */
interface Found extends DeadHeat {
  /** Dough to filling in one piece. */
  readonly ratio: number;
  readonly lipMargin: number;
  readonly thinningMargin: number;
  /** What is left of dough and filling, as shares, added. */
  readonly leftShare: number;
  /** How far dose, thickness and size lie from the plan's, as shares, added. */
  readonly change: number;
}

/** One worth showing. */
export interface HeatOption extends Found {
  readonly portions: number;
}

export interface HeatSearch {
  /** Every step of the dial inside the shape's band, and the plan's own, when left out. */
  readonly thicknessesMm?: readonly number[];
  /** Every whole millimetre a third either way, and the plan's own, when left out. */
  readonly sizesMm?: readonly number[];
  /** So many at most, the best first. */
  readonly most?: number;
  readonly onProgress?: (done: number, of: number) => void;
}

/**
 * Searches every thickness and size for ways to use up the dough and the filling in hand, and ranks them:
 * a piece that holds with ease, least left over, least changed. Near doubles are left out.
 */
export function searchHeats(plan: Plan, basis: Basis, search: HeatSearch = {}): HeatOption[] {
  const { rules } = basis;
  const typed = typedPiece(plan, basis);
  const free: Plan = {
    ...plan,
    batch: { ...plan.batch, mayChange: { dose: true, thickness: true, size: true } },
  };
  const springBack = springBackOf(plan, basis);
  const input = deadHeatInput(free, typed, springBack, rules);
  const found: Found[] = [];
  const own = (mm: number, others: readonly number[]) => [...new Set([mm, ...others])];
  const sizesMm = search.sizesMm ?? own(plan.shape.sizeMm, sizesOf(plan));
  const thicknessesMm =
    search.thicknessesMm ?? own(plan.sheet.thicknessMm, thicknessesOf(plan, springBack, rules));
  const all = sizesMm.length * thicknessesMm.length;
  let done = 0;
  for (const sizeMm of sizesMm) {
    for (const thicknessMm of thicknessesMm) {
      for (const margin of [rules['risk.aim'].value, 1]) {
        const heat = heatAt(input, thicknessMm, sizeMm, margin);
        if (heat) found.push(option(typed, heat, heat.cost, rules));
      }
      done += 1;
      search.onProgress?.(done, all);
    }
  }
  return distinct(found.sort(better(rules['risk.aim'].value)))
    .slice(0, search.most ?? 8)
    .map((each) => ({
      ...each,
      // What is lost hangs on the piece, and spares on what is lost.
      portions: modelOf(withHeatOption(plan, each), basis).batch.batch.portions,
    }));
}

function option(typed: PieceInput, heat: DeadHeat, leftShare: number, rules: Rules): Found {
  const { doseG, thicknessMm, sizeMm, pieces } = heat;
  const piece = { ...typed, doseG, thicknessMm, size: { ...typed.size, sizeMm } };
  const { lip, thinning } = makePiece(piece, rules).margins;
  const off = (now: number, then: number) => Math.abs(now / then - 1);
  return {
    doseG,
    thicknessMm,
    sizeMm,
    pieces,
    leftoverDoughG: heat.leftoverDoughG,
    leftoverFillingG: heat.leftoverFillingG,
    usedUp: heat.usedUp,
    ratio: pieceDough(piece.family, piece.size, thicknessMm) / doseG,
    lipMargin: lip,
    thinningMargin: thinning,
    leftShare,
    change:
      off(doseG, typed.doseG) +
      off(thicknessMm, typed.thicknessMm) +
      off(sizeMm, typed.size.sizeMm),
  };
}

const better =
  (comfort: number) =>
  (a: Found, b: Found): number => {
    // Rounding of the last dose must not call an easy lip a tight one.
    const ease = (each: Found) =>
      Math.min(each.lipMargin, each.thinningMargin) >= comfort - 1e-4 ? 0 : 1;
    const left = (each: Found) => (each.usedUp ? 0 : Math.round(each.leftShare * 100) + 1);
    return (
      ease(a) - ease(b) || left(a) - left(b) || a.change - b.change || a.leftShare - b.leftShare
    );
  };

/** Options that differ in more than a hair: another thickness, a size 2 mm off, or other pieces. */
function distinct(options: readonly Found[]): Found[] {
  const kept: Found[] = [];
  for (const each of options) {
    const double = kept.some(
      (other) =>
        other.thicknessMm === each.thicknessMm &&
        Math.abs(other.sizeMm - each.sizeMm) < 2.5 &&
        Math.abs(other.doseG - each.doseG) < 0.6,
    );
    if (!double) kept.push(each);
  }
  return kept;
}

/** The plan with one option taken: dose, thickness and size as it has them, and held there. */
export const withHeatOption = (
  plan: Plan,
  { doseG, thicknessMm, sizeMm }: Pick<HeatOption, 'doseG' | 'thicknessMm' | 'sizeMm'>,
): Plan => ({
  ...plan,
  shape: { ...plan.shape, doseG: Math.round(doseG * 100) / 100, sizeMm },
  sheet: { ...plan.sheet, thicknessMm },
  batch: { ...plan.batch, mayChange: { dose: true, thickness: false, size: false } },
});

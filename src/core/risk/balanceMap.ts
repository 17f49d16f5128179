import { kernelOf } from './kernel';
import type { PlanModel } from '../plan/model/model';
import { sheetsOf } from '../sheet/setting';
import { MARGIN_IDS, type MarginId } from './margins';
import type { Range } from './interpolate';

/** Where a piece holds: the lowest margin over thickness and dose. */
export interface BalanceMap {
  /** Thicknesses, thin to thick, and doses, small to large. */
  readonly thicknessMm: readonly number[];
  readonly doseG: readonly number[];
  /** Lowest margin of each, row by row of thickness. */
  readonly margin: Float64Array;
  /** Whose it is, as a place in {@link MARGIN_IDS}. */
  readonly weakest: Uint8Array;
  /** The plan's own point. */
  readonly own: MapPoint;
  /** The fullest piece that holds with room, inside what is usual for the shape; null when none does. */
  readonly best: MapPoint | null;
  /** The plan's dial, as lines of thickness. */
  readonly dial: readonly { readonly label: string; readonly mm: number }[];
}

export interface MapPoint {
  readonly thicknessMm: number;
  readonly doseG: number;
  readonly margin: number;
  readonly weakest: MarginId;
}

const POINTS = 48;

/** With so much to spare a piece holds with room. */
const WITH_ROOM = 1.4;

/** What the map shows: the shape's band and usual doses with what lies round them, and the plan's own point. */
export function mapRanges({ piece: { input } }: PlanModel): { thicknessMm: Range; doseG: Range } {
  const [thin, thick] = input.family.thicknessBandMm;
  const [least, most] = input.family.usualDoseG;
  return {
    thicknessMm: [
      Math.max(0.2, Math.min(thin * 0.65, input.thicknessMm * 0.8)),
      Math.max(thick * 1.5, input.thicknessMm * 1.2),
    ],
    doseG: [
      Math.max(0.1, Math.min(least * 0.6, input.doseG * 0.6)),
      Math.min(Math.max(Math.min(most * 1.3, input.doseG * 3), input.doseG * 1.6), 300),
    ],
  };
}

/**
 * The lowest margin over thickness × dose. Rules over laws, as the margins are.
 * @example balanceMap(model).own // { thicknessMm: 0.84, doseG: 9, margin: 1.45, weakest: 'seep' }
 */
export function balanceMap(model: PlanModel, points = POINTS): BalanceMap {
  const ranges = mapRanges(model);
  const kernel = kernelOf(model, ranges);
  const steps = ([from, to]: Range) =>
    Array.from({ length: points }, (_, i) => from + ((to - from) * i) / (points - 1));
  const thicknessMm = steps(ranges.thicknessMm);
  const doseG = steps(ranges.doseG);
  const doses = doseG.map((each) => kernel.doseSide(each));
  const sheets = thicknessMm.map((each) => kernel.sheetSide(each));
  const margin = new Float64Array(points * points);
  const weakest = new Uint8Array(points * points);
  const each = new Float64Array(MARGIN_IDS.length);
  const cores = kernel.coreGrid(thicknessMm, doseG);
  for (let i = 0; i < points; i += 1) {
    for (let k = 0; k < points; k += 1) {
      const at = i * points + k;
      const least = kernel.margins(doses[k]!, sheets[i]!, cores[at]!, each);
      margin[at] = least;
      weakest[at] = each.indexOf(least);
    }
  }
  const { input } = model.piece;
  const pointAt = (mm: number, dose: number): MapPoint => {
    const least = kernel.margins(
      kernel.doseSide(dose),
      kernel.sheetSide(mm),
      kernel.coreMin(mm, dose),
      each,
    );
    return {
      thicknessMm: mm,
      doseG: dose,
      margin: least,
      weakest: MARGIN_IDS[each.indexOf(least)]!,
    };
  };
  return {
    thicknessMm,
    doseG,
    margin,
    weakest,
    own: pointAt(input.thicknessMm, input.doseG),
    best: bestOf(model, { thicknessMm, doseG, margin }, pointAt),
    dial: sheetsOf(model.plan.sheet.roller, model.rolling.springBack)
      .filter(({ mm }) => mm >= ranges.thicknessMm[0] && mm <= ranges.thicknessMm[1])
      .map(({ label, mm }) => ({ label, mm })),
  };
}

/** The fullest piece that holds with room; else the one that has most to spare. */
function bestOf(
  { piece: { input } }: PlanModel,
  { thicknessMm, doseG, margin }: Pick<BalanceMap, 'thicknessMm' | 'doseG' | 'margin'>,
  pointAt: (mm: number, dose: number) => MapPoint,
): MapPoint | null {
  const [thin, thick] = input.family.thicknessBandMm;
  const [least, most] = input.family.usualDoseG;
  let [best, score] = [-1, -Infinity];
  margin.forEach((each, at) => {
    const mm = thicknessMm[Math.floor(at / doseG.length)]!;
    const dose = doseG[at % doseG.length]!;
    if (mm < thin || mm > thick || dose < least || dose > most || each < 1) return;
    const room = Math.min(each, WITH_ROOM);
    const worth = room * 100 + (room === WITH_ROOM ? dose / most : 0) + Math.min(each, 9) * 1e-3;
    if (worth > score) [best, score] = [at, worth];
  });
  return best < 0
    ? null
    : pointAt(thicknessMm[Math.floor(best / doseG.length)]!, doseG[best % doseG.length]!);
}

import type { PlanModel } from '../plan/model/model';
import { sheetsOf } from '../sheet/setting';
import type { Range } from './interpolate';
import { kernelOf } from './kernel';
import { fillMap, fullest, stepsOf, type MapPoint, type MarginMap } from './marginMap';
import { MARGIN_IDS } from './margins';

const POINTS = 48;

/** Doses that a map shows: what is usual for the shape, and the plan's own with what lies round it. */
export function doseRange({ piece: { input } }: PlanModel): Range {
  const [least, most] = input.family.usualDoseG;
  return [
    Math.max(0.1, Math.min(least * 0.6, input.doseG * 0.6)),
    Math.min(Math.max(Math.min(most * 1.3, input.doseG * 3), input.doseG * 1.6), 300),
  ];
}

function thicknessRange({ piece: { input } }: PlanModel): Range {
  const [thin, thick] = input.family.thicknessBandMm;
  return [
    Math.max(0.2, Math.min(thin * 0.65, input.thicknessMm * 0.8)),
    Math.max(thick * 1.5, input.thicknessMm * 1.2),
  ];
}

/**
 * The lowest margin over dose, along, and thickness, up. Rules over laws, as the margins are.
 * @example balanceMap(model).own // { x: 10, y: 0.8, margin: 1.82, weakest: 'burst' }
 */
export function balanceMap(model: PlanModel, points = POINTS): MarginMap {
  const ranges = { thicknessMm: thicknessRange(model), doseG: doseRange(model) };
  const kernel = kernelOf(model, ranges);
  const ys = stepsOf(ranges.thicknessMm, points);
  const xs = stepsOf(ranges.doseG, points);
  const doses = xs.map((each) => kernel.doseSide(each));
  const sheets = ys.map((each) => kernel.sheetSide(each));
  const cores = kernel.coreGrid(ys, xs);
  const filled = fillMap(xs, ys, (column, row, out) =>
    kernel.margins(doses[column]!, sheets[row]!, cores[row * points + column]!, out),
  );
  const each = new Float64Array(MARGIN_IDS.length);
  const pointAt = (x: number, y: number): MapPoint => {
    const least = kernel.margins(
      kernel.doseSide(x),
      kernel.sheetSide(y),
      kernel.coreMin(y, x),
      each,
    );
    return { x, y, margin: least, weakest: MARGIN_IDS[each.indexOf(least)]! };
  };
  const { input } = model.piece;
  const best = fullest(
    filled,
    { x: input.family.usualDoseG, y: input.family.thicknessBandMm },
    model.basis.rules['risk.edge'].value,
  );
  return {
    kind: 'thickness',
    ...filled,
    own: pointAt(input.doseG, input.thicknessMm),
    best: best && pointAt(xs[best.column]!, ys[best.row]!),
    lines: sheetsOf(model.plan.sheet.roller, model.rolling.springBack)
      .filter(({ mm }) => mm >= ys[0]! && mm <= ys.at(-1)!)
      .map(({ label, mm }) => ({ label: `dial ${label}`, y: mm })),
  };
}

import type { PlanModel } from '../plan/model/model';
import { pieceDough } from '../shapes/piece';
import { doseRange } from './balanceMap';
import { kernelOf } from './kernel';
import { fillMap, fullest, stepsOf, type MarginMap } from './marginMap';
import { MARGIN_IDS } from './margins';

const POINTS = 48;

/**
 * The lowest margin over dose, along, and the blank's size, up; null where the size is a mould's, not the
 * cook's to choose.
 * @param cuttersMm sizes the kitchen has, drawn as lines
 */
export function sizeMap(
  model: PlanModel,
  cuttersMm: readonly number[] = [],
  points = POINTS,
): MarginMap | null {
  const { input } = model.piece;
  const { family, size, thicknessMm } = input;
  const [field] = family.dimensions;
  if (!field || family.id === 'mouldedRavioli') return null;
  const doseG = doseRange(model);
  const near = [thicknessMm * 0.999, thicknessMm * 1.001] as const;
  const kernel = kernelOf(model, { thicknessMm: near, doseG });
  const xs = stepsOf(doseG, points);
  const ys = stepsOf(
    [Math.max(field.minMm, size.sizeMm * 0.6), Math.min(field.maxMm, size.sizeMm * 1.5)],
    points,
  );
  const doses = xs.map((each) => kernel.doseSide(each));
  const sheet = kernel.sheetSide(thicknessMm);
  const cores = kernel.coreGrid([thicknessMm], xs);
  const sheets = ys.map((sizeMm) => ({
    ...sheet,
    doughG: pieceDough(family, { ...size, sizeMm }, thicknessMm),
  }));
  const marginsAt = (sizeMm: number, x: number, core: number, row: number, out: Float64Array) => {
    const side = doses[x]!;
    const lipMm = family.lipMm({ ...size, sizeMm }, side.mound);
    return kernel.margins({ ...side, lipMm }, sheets[row]!, core, out);
  };
  const filled = fillMap(xs, ys, (column, row, out) =>
    marginsAt(ys[row]!, column, cores[column]!, row, out),
  );
  const each = new Float64Array(MARGIN_IDS.length);
  const least = kernel.margins(
    kernel.doseSide(input.doseG),
    sheet,
    kernel.coreMin(thicknessMm, input.doseG),
    each,
  );
  const best = fullest(
    filled,
    { x: family.usualDoseG, y: [ys[0]!, size.sizeMm] },
    model.basis.rules['risk.edge'].value,
  );
  const at = best && best.row * points + best.column;
  return {
    kind: 'size',
    ...filled,
    own: {
      x: input.doseG,
      y: size.sizeMm,
      margin: least,
      weakest: MARGIN_IDS[each.indexOf(least)]!,
    },
    best:
      best === null || at === null
        ? null
        : {
            x: xs[best.column]!,
            y: ys[best.row]!,
            margin: filled.margin[at]!,
            weakest: MARGIN_IDS[filled.weakest[at]!]!,
          },
    lines: [...new Set(cuttersMm)]
      .filter((mm) => mm >= ys[0]! && mm <= ys.at(-1)!)
      .map((mm) => ({ label: `${mm}`, y: mm })),
  };
}

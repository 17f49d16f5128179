import { startingBasis } from '../basis/basis';
import type { Plan } from '../plan/document/schema';
import { FAMILY_IDS } from '../shapes/families';
import { planWith } from '../testing/plans';
import { kernelOf } from './kernel';
import { MARGIN_IDS, marginsOf, NO_END } from './margins';
import { modelOf } from './modelOf';

const PLANS: readonly (readonly [string, Plan])[] = [
  ...FAMILY_IDS.map((id) => [id, planWith({}, id)] as const),
  ['frozen', planWith({ hold: { phases: [{ place: 'freezer', minutes: 900 }] } })],
  ['on a bare tray', planWith({ hold: { surface: 'bare' } })],
];

/** A margin may be as far off as the tables that the seep and the middle are read from. */
const CLOSE = 0.005;

describe.each(PLANS)('the kernel of %s', (_name, plan) => {
  const { thicknessMm } = plan.sheet;
  const { doseG } = plan.shape;
  const kernel = kernelOf(modelOf(plan, startingBasis), {
    thicknessMm: [thicknessMm * 0.7, thicknessMm * 1.4],
    doseG: [doseG * 0.6, doseG * 1.3],
  });

  it.each([
    ['its own', 1, 1],
    ['a thinner sheet and less filling', 0.8, 0.7],
    ['a thicker sheet and more filling', 1.3, 1.2],
  ])('gives every margin that the whole plan has, at %s', (_at, thicker, fuller) => {
    const sheet = { ...plan.sheet, thicknessMm: thicknessMm * thicker };
    const shape = { ...plan.shape, doseG: doseG * fuller };
    const model = modelOf({ ...plan, sheet, shape }, startingBasis);
    const whole = marginsOf(model);
    const out = new Float64Array(MARGIN_IDS.length);
    const core = kernel.coreMin(sheet.thicknessMm, shape.doseG);
    kernel.margins(kernel.doseSide(shape.doseG), kernel.sheetSide(sheet.thicknessMm), core, out);
    for (const [i, id] of MARGIN_IDS.entries()) {
      const wanted = whole[id] ?? NO_END;
      // A map takes the pieces of a sheet as its plan has them; a whole plan may lay one more or less.
      const close = id === 'open' ? 0.2 : CLOSE;
      expect([id, Math.abs(out[i]! / wanted - 1) < close]).toEqual([id, true]);
    }
  });
});

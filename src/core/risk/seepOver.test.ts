import fc from 'fast-check';
import { startingBasis } from '../basis/basis';
import { SURFACES, type Surface } from '../hold/surfaces';
import { planWith } from '../testing/plans';
import { modelOf } from './modelOf';
import { seepNear, seepOver } from './seepOver';

const seeping = {
  ...planWith().filling,
  parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'raw' }],
};
const on = (surface: Surface, minutes = 120, filling = seeping) =>
  modelOf(
    planWith({ filling, hold: { surface, phases: [{ place: 'bench', minutes }] } }),
    startingBasis,
  );
const BAND = [0.6, 1.05] as const;
const STEPS = Array.from({ length: 10 }, (_, i) => BAND[0] + 0.05 * i);

describe('a hold over thicknesses', () => {
  it.each(SURFACES)('is the plan’s own at its own thickness: %s', (surface) => {
    const model = on(surface);
    const { input } = model.hold.course;
    const own = seepOver(model, BAND)(input.thicknessMm);
    expect(own.endMoisture).toBeCloseTo(model.hold.faceMoisture, 6);
    expect(seepNear(model)(input.thicknessMm).endMoisture).toBeCloseTo(model.hold.faceMoisture, 6);
  });

  it.each(SURFACES)('a thicker sheet is never wetter, and never tacky sooner: %s', (surface) => {
    const at = seepOver(on(surface), BAND);
    const all = STEPS.map(at);
    all.slice(1).forEach(({ endMoisture, tackyS }, i) => {
      expect(endMoisture).toBeLessThanOrEqual(all[i]!.endMoisture + 1e-6);
      if (tackyS !== null && all[i]!.tackyS !== null) {
        expect(tackyS).toBeGreaterThanOrEqual(all[i]!.tackyS! - 1e-6);
      }
    });
  });

  it.each(SURFACES)(
    'a few thicknesses are as good as many over what one batch spans: %s',
    (surface) => {
      const model = on(surface);
      const [few, many] = [seepOver(model, BAND, 5), seepOver(model, BAND, 20)];
      for (const mm of STEPS) {
        expect(Math.abs(few(mm).endMoisture - many(mm).endMoisture)).toBeLessThan(0.003);
      }
    },
  );

  it('goes by the square of the thickness alone on a bare tray, exactly', () => {
    const model = on('bare');
    const [near, over] = [seepNear(model), seepOver(model, BAND)];
    fc.assert(
      fc.property(fc.double({ min: BAND[0], max: BAND[1], noNaN: true }), (mm) => {
        expect(near(mm).endMoisture).toBeCloseTo(over(mm).endMoisture, 9);
        expect(near(mm).tackyS).toBeCloseTo(over(mm).tackyS!, 3);
      }),
    );
    const own = model.hold.course.input.thicknessMm;
    expect(near(2 * own).tackyS! / near(own).tackyS!).toBeCloseTo(4, 9);
  });

  it('is told too hard on the thinner sheets where a surface takes water up', () => {
    const model = on('cloth', 200);
    const { thicknessMm } = model.hold.course.input;
    const [near, over] = [seepNear(model), seepOver(model, BAND, 20)];
    const thin = 0.8 * thicknessMm;
    expect(near(thin).endMoisture).toBeGreaterThan(over(thin).endMoisture - 1e-4);
    expect(Math.abs(near(thicknessMm).endMoisture - over(thicknessMm).endMoisture)).toBeLessThan(
      1e-4,
    );
  });

  it('is nothing where the filling wets nothing', () => {
    const model = on('bare', 600, planWith().filling);
    expect(seepOver(model, BAND)(0.5)).toEqual({
      tackyS: null,
      endMoisture: model.sheet.moisture,
    });
  });
});

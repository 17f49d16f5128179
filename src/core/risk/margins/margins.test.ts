import { startingBasis } from '../../basis/basis';
import { evaluatePlan } from '../../plan/evaluatePlan';
import { planWith } from '../../testing/plans';
import { expectedLoss } from '../expectedLoss';
import { kernelOf } from '../kernel';
import { modelOf } from '../modelOf';
import { scatter } from '../scatter';
import { MARGIN_IDS, marginsOf, NO_END, weakestLink, type Margin } from '.';

/** What the ninth margin comes to. */
let ninth = 9;

jest.mock('./all', () => {
  const { ALL } = jest.requireActual<{ ALL: readonly Margin[] }>('./all');
  const further: Margin = {
    id: 'ninth',
    station: 'shape',
    needs: 'something more',
    of: () => ({ capacity: ninth, demand: 1 }),
    over: () => () => ninth,
  };
  return { ALL: [...ALL, further] };
});

const plan = planWith();
const model = () => modelOf(plan, startingBasis);

describe('a ninth margin', () => {
  it('that has room changes nothing of a plan', () => {
    ninth = NO_END;
    const { pieces, dough, weakestLink: weakest } = evaluatePlan(plan, startingBasis);
    expect([pieces, dough.totalG]).toEqual([41, 300]);
    expect(weakest.name).not.toBe('ninth');
  });

  it('that is the weakest is the weakest everywhere', () => {
    ninth = 1.01;
    expect(marginsOf(model())).toMatchObject({ ninth: 1.01 });
    expect(weakestLink(marginsOf(model()), startingBasis.rules)).toMatchObject({ name: 'ninth' });
    expect(evaluatePlan(plan, startingBasis).weakestLink).toMatchObject({
      name: 'ninth',
      margin: 1.01,
    });
    const { thicknessMm } = plan.sheet;
    const { doseG } = plan.shape;
    const kernel = kernelOf(model(), { thicknessMm: [0.5, 1.2], doseG: [5, 15] });
    const out = new Float64Array(MARGIN_IDS.length);
    const least = kernel.margins(
      kernel.doseSide(doseG),
      kernel.sheetSide(thicknessMm),
      kernel.coreMin(thicknessMm, doseG),
      out,
    );
    expect([least, out[8]]).toEqual([1.01, 1.01]);
  });

  it('that gives way is what pieces are lost to', () => {
    ninth = 0.5;
    const lost = scatter(model(), { pieces: 500 });
    expect(lost.byCause).toEqual({ ninth: expect.closeTo(lost.lost, 9) });
    expect(lost.lost).toBeGreaterThan(0.9);
    expect(expectedLoss(model())).toBeGreaterThan(0.9);
  });
});

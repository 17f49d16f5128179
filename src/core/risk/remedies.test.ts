import { planWith } from '../testing/plans';
import { evaluatePlan } from '../plan/evaluatePlan';
import { parsePlan } from '../plan/document/parsePlan';
import { applyChange } from './remedies';

describe('remedies', () => {
  const short = planWith({ shape: { doseG: 13 } });

  it('are each worth, once made, the margin they quote', () => {
    const { remedies, margin } = evaluatePlan(short).weakestLink;
    expect(remedies.length).toBeGreaterThan(2);
    for (const remedy of remedies) {
      const mended = evaluatePlan(parsePlan(applyChange(short, remedy)));
      expect(mended.weakestLink.margin).toBeCloseTo(remedy.margin, 9);
      expect(remedy.margin).toBeGreaterThan(margin);
    }
  });

  it('hold in a dead heat what they changed', () => {
    const both = planWith({ batch: { wayIn: 'both', doughInHandG: 300, fillingInHandG: 700 } });
    const after = applyChange(both, { kind: 'dose', fromG: 12, toG: 8 });
    expect(after.batch.mayChange).toEqual({ dose: false, thickness: true, size: true });
    expect(evaluatePlan(after).shape.doseG).toBe(8);
  });
});

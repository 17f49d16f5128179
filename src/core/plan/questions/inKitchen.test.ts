import { startingKitchen } from '../../kitchen/kitchen';
import { genericRollers } from '../../sheet/genericRollers';
import { inKitchen } from './inKitchen';
import { parsePlan } from '../document/parsePlan';
import { startingPlans } from '../starting/startingPlans';

describe('inKitchen', () => {
  const kitchen = {
    ...startingKitchen,
    eggG: 58,
    yolkG: 19,
    roomC: 26,
    rollers: [genericRollers[3]!],
  };

  it('gives a plan the kitchen’s first roller, eggs and air, and keeps the rest', () => {
    for (const plan of Object.values(startingPlans)) {
      const made = parsePlan(inKitchen(plan, kitchen));
      expect(made.sheet.roller.id).toBe('six-step-1-widest');
      expect(made.dough).toMatchObject({ eggG: 58, yolkG: 19, roomC: 26 });
      expect(made.filling).toEqual(plan.filling);
      expect(made.shape).toEqual(plan.shape);
    }
  });

  it('keeps the plan’s own roller where a kitchen has none', () => {
    const plan = startingPlans.tortelloni;
    expect(inKitchen(plan, { ...kitchen, rollers: [] }).sheet.roller).toEqual(plan.sheet.roller);
  });
});

import { PlanError } from '../../core/plan/document/planError';
import { seeded } from '../../core/testing/kitchens';
import { badCommand } from './badCommand';

it('every bad command is refused in one line, and none breaks', async () => {
  const random = seeded(11);
  let refused = 0;
  for (let n = 0; n < 400; n++) {
    await badCommand(random).catch((error: unknown) => {
      if (!(error instanceof PlanError)) throw error;
      refused += 1;
    });
  }
  expect(refused).toBeGreaterThan(200);
});

import { startingBasis } from '../basis/basis';
import { pantryWith, startingPantry } from '../composition/pantry';
import { evaluatePlan } from '../plan/evaluatePlan';
import { foldRun } from '../run/fold';
import { eventsFrom } from '../testing/kitchens';
import { planWith } from '../testing/plans';
import { withEggs } from './enacting';
import { eggsOver } from './reading';

describe('what a run says of its eggs', () => {
  it('knows an egg row of the kitchen’s own', () => {
    const hall = {
      ...startingPantry.ingredients.get('egg-whole')!,
      id: 'hall-egg',
      name: 'Hall egg',
    };
    const pantry = pantryWith({ ingredients: [hall], preparations: [] });
    const plan = planWith({
      dough: {
        parts: [
          { id: 'flour-00', g: 300 },
          { id: 'egg-whole', g: 115 },
        ],
      },
    });
    const own = {
      ...plan,
      dough: {
        ...plan.dough,
        parts: plan.dough.parts.map((part) =>
          part.id === 'egg-whole' ? { ...part, id: 'hall-egg' } : part,
        ),
      },
    };
    const result = evaluatePlan(own, { ...startingBasis, pantry });
    const line = result.dough.parts.find(({ id }) => id === 'hall-egg')!;
    const run = foldRun(
      eventsFrom([{ kind: 'weighed', what: 'ingredient', item: '1:hall-egg', g: 1.2 * line.g }]),
    );
    expect(eggsOver({ run, result, pantry })).toBeCloseTo(1.2, 6);
    expect(eggsOver({ run, result, pantry: startingPantry })).toBe(1);
    expect(withEggs(own, 1.2, pantry).dough.parts[1]!.g).toBeCloseTo(1.2 * 115, 6);
  });
});

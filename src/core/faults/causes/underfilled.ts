import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';
import { dosed } from '../reading';

/** Less filling than planned. */
export const underfilled = defineCause({
  stage: 'shape',
  name: 'Too little filling in each',
  does: 'Pieces are flat and airy, and the bowl is still full when the dough is gone.',
  known: 'Five mounds weigh less than five doses.',
  now: 'Measure the dose for what is left; the rest of the filling freezes or becomes a sauce.',
  next: 'A measured dose: a levelled spoon, a marked bag, or a scale.',
  usual: 'sometimes',
  signs: { fillingLeft: 'surely' },
  answers: { dose: { lighter: 2, asSaid: -2, heavier: -2 }, light: { asSaid: 1 } },
  margins: [],
  remedies: [],
  inRun: (made) => ({
    says: 'doses were weighed below the plan',
    steps: dosed(made) < 0.92 ? 2 : 0,
  }),
  enact: (plan, much) => ({
    plan: withPart(plan, 'shape', { doseG: plan.shape.doseG * Math.max(0.5, 1 - 0.28 * much) }),
  }),
});

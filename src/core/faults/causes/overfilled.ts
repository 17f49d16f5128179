import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';
import { dosed } from '../reading';

/** More filling than the blank carries. */
export const overfilled = defineCause({
  stage: 'shape',
  name: 'Too much filling in each',
  does: 'The lip is eaten up, the dome thins, the middle stays cold, and the filling runs out early.',
  known: 'Five mounds weigh more than five doses; lips are narrow.',
  now: 'Take a little off each mound before it is closed, by a measure.',
  next: 'A measured dose: a levelled spoon, a marked bag, or a scale.',
  usual: 'often',
  signs: {
    runsIntoLip: 'often',
    opensAtLip: 'often',
    coldMiddle: 'seldom',
    pokesThrough: 'seldom',
    doughLeft: 'surely',
    tearsInPot: 'seldom',
    pops: 'seldom',
  },
  answers: {
    dose: { heavier: 2, asSaid: -2, lighter: -2 },
    light: { asSaid: 1 },
    mound: { stands: 1 },
    lip: { filling: 1 },
  },
  margins: ['lip', 'thinning', 'lift'],
  remedies: ['dose', 'size', 'laid'],
  inRun: (made) => ({
    says: 'doses were weighed above the plan',
    steps: dosed(made) > 1.08 ? 2 : 0,
  }),
  enact: (plan, much) => ({
    plan: withPart(plan, 'shape', { doseG: plan.shape.doseG * (1 + 0.35 * much) }),
  }),
});

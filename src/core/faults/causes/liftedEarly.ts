import { defineCause } from '../cause';
import { boiled } from '../reading';

/** Lifted out as they floated. */
export const liftedEarly = defineCause({
  stage: 'pot',
  name: 'Lifted out too soon',
  does: 'A piece floats before its middle is hot and before its edge is soft.',
  known: 'They came out as soon as they came up.',
  now: 'Back into simmering water, or two minutes more in the sauce, until one is hot in its middle.',
  next: 'A minute or two after they float; from frozen, longer by the plan’s time.',
  caution: 'A filling of meat, fish or egg must be hot in its middle: test one with a thermometer.',
  usual: 'often',
  signs: { coldMiddle: 'surely', hardEdge: 'often' },
  answers: {
    lifted: { floating: 2, planned: -2, late: -2 },
    edge: { pressed: 1 },
    pot: { trembling: 1 },
  },
  margins: [],
  remedies: [],
  inRun: (made) => ({
    says: 'rounds were boiled shorter than planned',
    steps: boiled(made) < 0.8 ? 2 : 0,
  }),
  enact: (_plan, much) => ({ slips: { potShare: Math.max(0.25, 0.65 - 0.15 * much) } }),
});

import { defineCause } from '../cause';
import { boiled } from '../reading';

/** Too long in the pot. */
export const overcooked = defineCause({
  stage: 'pot',
  name: 'Boiled too long',
  does: 'The face drinks until it has no strength: it slumps, and tears over the filling.',
  known: 'Soft all over, the filling fine.',
  now: 'Lift them at once and straight into the sauce, off the heat.',
  next: 'A minute or two after they float; bite one edge and go by that.',
  caution: 'Steam and boiling water scald.',
  usual: 'sometimes',
  signs: { mushyFace: 'surely', tearsInPot: 'often' },
  answers: { lifted: { late: 2, planned: -2, floating: -2 }, light: { asSaid: 1 } },
  margins: ['face'],
  remedies: ['thickness'],
  inRun: (made) => ({
    says: 'rounds were boiled longer than planned',
    steps: boiled(made) > 1.3 ? 2 : 0,
  }),
  enact: (_plan, much) => ({ slips: { potShare: 1.9 + 0.9 * much } }),
});

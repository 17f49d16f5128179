import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';

/** Frozen pieces, boiled for the time of fresh ones. */
export const boiledAsFresh = defineCause({
  stage: 'pot',
  name: 'Frozen, and boiled as if fresh',
  does: 'Ice in the filling holds the middle and the dough behind it cold for a minute or more.',
  known: 'They went in hard, and came out by the clock of fresh ones.',
  now: 'Back into simmering water until one is hot in its middle.',
  next: 'From frozen by the plan’s own time, in smaller rounds.',
  caution: 'A filling of meat, fish or egg must be hot in its middle: test one with a thermometer.',
  usual: 'sometimes',
  signs: { coldMiddle: 'surely', hardEdge: 'often' },
  answers: {
    frozen: { hard: 2, thawed: -2, fresh: -2 },
    lifted: { floating: 1, late: -2 },
    pot: { trembling: 1 },
  },
  margins: [],
  remedies: [],
  enact: (plan, much) => ({
    plan: withPart(plan, 'hold', { phases: [{ place: 'freezer', minutes: 2880 }] }),
    slips: { potShare: Math.max(0.3, 0.75 - 0.15 * much) },
  }),
});

import { defineCause } from '../cause';
import { withFlour } from '../enacting';
import { did } from '../reading';

/** Less liquid than the flour needs. */
export const dryDough = defineCause({
  stage: 'dough',
  name: 'Too little liquid in the dough',
  does: 'A dry dough crumbles, tears in the roller and cracks where it is folded.',
  known: 'A pinched bit cracks white when it is folded, rested or not.',
  now: 'Wet your hands and knead that in, twice or three times; wrap it ten minutes and feel again.',
  next: 'Weigh flour and eggs, and stop adding flour while it still sticks a little.',
  usual: 'often',
  signs: { crumbly: 'surely', cracksAtFold: 'often', tearsInRoller: 'often' },
  answers: {
    dryFrom: { flour: 2, eggs: -2, dry: -2, bran: -2, none: -1 },
    pinch: { cracks: 2, bends: -1, tacks: -2 },
    stoodOpen: { short: 1 },
  },
  margins: [],
  remedies: [],
  inRun: (made) => ({
    says: 'water was worked in at the bench',
    steps: did(made, 'waterG') ? 1 : 0,
  }),
  enact: (plan, much, pantry) => ({ plan: withFlour(plan, 0.22 * much, pantry) }),
});

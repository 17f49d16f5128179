import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';
import { shortOf } from '../reading';

/** Rolled before it let go. */
export const unrested = defineCause({
  stage: 'dough',
  name: 'Not rested enough',
  does: 'A tight dough draws back behind the roller, comes out thicker, and tears when it is forced.',
  known: 'A dent jumps back at once.',
  now: 'Wrap it airtight and wait; twenty minutes in the warm do what an hour does in the cold.',
  next: 'Knead first of all: the rest passes while the filling is made.',
  usual: 'often',
  signs: { springsBack: 'surely', tearsInRoller: 'often', crumbly: 'seldom' },
  answers: {
    rested: { jumps: 2, creeps: -2, stays: -2 },
    speed: { even: 1 },
    pass: { any: 1 },
    kneaded: { long: -1 },
  },
  margins: [],
  remedies: [],
  inRun: (made) => ({
    says: 'the rest was cut short',
    steps: shortOf(made, 'rest', made.result.dough.work.restMin),
  }),
  enact: (plan, much) => ({
    plan: withPart(plan, 'dough', {
      work: { ...plan.dough.work, restMin: Math.max(0, 4 - 3 * much), restAt: 'room' },
    }),
  }),
});

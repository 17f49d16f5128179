import { defineCause } from '../cause';
import { withEggs } from '../enacting';
import { eggsOver } from '../reading';

/** Eggs heavier than the recipe counts on. */
export const bigEggs = defineCause({
  stage: 'dough',
  name: 'Eggs bigger than counted',
  does: 'Four large eggs carry half an egg more than four medium ones: the dough is wet by as much.',
  known: 'A weighed egg says so; nothing else was changed.',
  now: 'Work flour in by pinches until it no longer sticks.',
  next: 'Weigh the eggs without shells, and tell the plan their grade.',
  caution: 'Wash hands after raw egg; taste no raw dough.',
  usual: 'sometimes',
  signs: { sticky: 'surely', sticksInRoller: 'often' },
  answers: {
    eggs: { heavier: 2, asSaid: -2, lighter: -2 },
    wetFrom: { eggs: 2, none: -2 },
    pinch: { tacks: 1, cracks: -2 },
  },
  margins: [],
  remedies: [],
  inRun: (made) => ({
    says: 'the eggs weighed more than planned',
    steps: eggsOver(made) > 1.06 ? 2 : 0,
  }),
  enact: (plan, much, pantry) => ({
    plan: withEggs(plan, 1 + 0.2 * much, pantry),
    slips: { eggs: 'heavier' },
  }),
});

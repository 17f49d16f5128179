import { defineCause } from '../cause';
import { withEggs } from '../enacting';
import { eggsOver } from '../reading';

/** Eggs lighter than the recipe counts on. */
export const smallEggs = defineCause({
  stage: 'dough',
  name: 'Eggs smaller than counted',
  does: 'Four small eggs are most of an egg short of four medium ones: the dough is dry by as much.',
  known: 'A weighed egg says so; nothing else was changed.',
  now: 'Knead water in with wet hands, or one yolk; wrap it ten minutes and feel again.',
  next: 'Weigh the eggs without shells, and tell the plan their grade.',
  caution: 'Wash hands after raw egg; taste no raw dough.',
  usual: 'sometimes',
  signs: { crumbly: 'surely', cracksAtFold: 'often', tearsInRoller: 'seldom' },
  answers: {
    eggs: { lighter: 2, asSaid: -2, heavier: -2 },
    dryFrom: { eggs: 2, none: -2 },
    pinch: { cracks: 2, tacks: -2 },
  },
  margins: [],
  remedies: [],
  inRun: (made) => ({
    says: 'the eggs weighed less than planned',
    steps: eggsOver(made) < 0.94 ? 2 : 0,
  }),
  enact: (plan, much, pantry) => ({
    plan: withEggs(plan, 1 - 0.2 * much, pantry),
    slips: { eggs: 'lighter' },
  }),
});

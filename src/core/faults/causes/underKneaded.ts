import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';
import { shortOf } from '../reading';

/** Not kneaded out. */
export const underKneaded = defineCause({
  stage: 'dough',
  name: 'Not kneaded enough',
  does: 'Flour and egg are not yet one: it sticks, shows streaks and has no strength.',
  known: 'Another minute of kneading tightens it and it lets go of the hand.',
  now: 'Knead on, or give it letter folds at the widest setting until it is one colour.',
  next: 'Eight to ten minutes by hand, or four letter folds at the roller.',
  usual: 'often',
  signs: { sticky: 'often', streaks: 'surely', tearsInRoller: 'seldom' },
  answers: {
    knead: { tightens: 2, same: -2 },
    kneaded: { short: 2, asSaid: -2 },
    wetFrom: { none: 1 },
  },
  margins: ['lift'],
  remedies: [],
  inRun: (made) => ({
    says: 'kneading was cut short',
    steps: shortOf(made, 'knead', made.result.dough.work.kneadMin),
  }),
  enact: (plan, much) => ({
    plan: withPart(plan, 'dough', {
      work: { ...plan.dough.work, kneadMin: Math.max(0.5, 2.5 - much), folds: 0, by: 'hand' },
    }),
  }),
});

import { defineCause } from '../cause';
import { bowlOver } from '../reading';

/** More filling made than the dough takes. */
export const tooMuchFilling = defineCause({
  stage: 'end',
  name: 'More filling made than planned',
  does: 'Sheets and doses were right; the bowl was simply too full for the dough.',
  known: 'Doses and thickness were as planned, and it was made by eye.',
  now: 'Freeze it flat, or loosen it into a sauce or a gratin; or make a small dough beside it.',
  next: 'Let the plan say how much of either, from whichever there is.',
  caution: 'Keep filling cold, and freeze it the same day.',
  usual: 'often',
  signs: { fillingLeft: 'surely' },
  answers: {
    reckoned: { byEye: 2, byPlan: -2 },
    light: { asSaid: 1 },
    dose: { asSaid: 1 },
    trim: { rolled: 1 },
  },
  margins: [],
  remedies: [],
  inRun: (made) => ({
    says: 'the bowl of filling weighed more than planned',
    steps: bowlOver(made) > 1.1 ? 2 : 0,
  }),
  enact: (_plan, much) => ({ slips: { fillingShare: 1 + 0.3 * much } }),
});

import { defineCause } from '../cause';
import { bowlOver } from '../reading';

/** Less filling made than the dough takes. */
export const tooLittleFilling = defineCause({
  stage: 'end',
  name: 'Less filling made than planned',
  does: 'Sheets and doses were right; the bowl was empty first.',
  known:
    'Doses and thickness were as planned, and it was made by eye, or a parcel lost more than thought.',
  now: 'Cut the rest of the dough to ribbons, or freeze it as sheets for soup.',
  next: 'Let the plan say how much of either; weigh what roasting and squeezing leave.',
  usual: 'sometimes',
  signs: { doughLeft: 'surely' },
  answers: { reckoned: { byEye: 2, byPlan: -2 }, light: { asSaid: 1 }, dose: { asSaid: 1 } },
  margins: [],
  remedies: [],
  inRun: (made) => ({
    says: 'the bowl of filling weighed less than planned',
    steps: bowlOver(made) < 0.9 ? 2 : 0,
  }),
  enact: (_plan, much) => ({ slips: { fillingShare: Math.max(0.5, 1 - 0.25 * much) } }),
});

import { defineCause } from '../cause';

/** Dough kept too long. */
export const oldDough = defineCause({
  stage: 'dough',
  name: 'Egg dough kept too long',
  does: 'Egg dough darkens within a day in the fridge, slackens, and is no longer safe for long.',
  known: 'It was mixed yesterday or before; grey outside, yellow within.',
  now: 'If it smells clean and stood cold for less than a day, use it for well-boiled noodles; else throw it away.',
  next: 'Mix it the day it is rolled, and freeze pieces, not dough.',
  caution: 'When in doubt, throw raw-egg dough away. Local food codes come first.',
  usual: 'seldom',
  signs: { grey: 'surely', sticky: 'seldom' },
  answers: { aged: { earlier: 2, today: -2 } },
  margins: [],
  remedies: [],
  enact: (_plan, much) => ({ slips: { doughH: 24 + 18 * much } }),
});

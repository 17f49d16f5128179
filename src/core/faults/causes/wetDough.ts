import { defineCause } from '../cause';
import { withWater } from '../enacting';
import { did } from '../reading';

/** More liquid than the flour takes. */
export const wetDough = defineCause({
  stage: 'dough',
  name: 'Too much liquid in the dough',
  does: 'A wet dough sticks, stretches out of shape and seals to everything it touches.',
  known: 'It tacks when folded and a poke stays; kneading does not change it.',
  now: 'Dust flour over it by pinches, knead each in, and stop as soon as it no longer sticks.',
  next: 'Hold back a spoonful of the liquid and work it in only if the dough asks for it.',
  usual: 'often',
  signs: { sticky: 'surely', sticksInRoller: 'often', sticksToTray: 'seldom' },
  answers: {
    wetFrom: { splash: 2, eggs: -2, damp: -2, warm: -2, none: -1 },
    pinch: { tacks: 2, cracks: -2 },
    rested: { stays: 1 },
    knead: { same: 1, tightens: -1 },
  },
  margins: [],
  remedies: [],
  inRun: (made) => ({
    says: 'flour was worked in at the bench',
    steps: did(made, 'flourG') ? 1 : 0,
  }),
  enact: (plan, much, pantry) => ({ plan: withWater(plan, 0.09 * much, pantry) }),
});

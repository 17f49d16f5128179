import { defineCause } from '../cause';
import { rolledTo } from '../enacting';
import { thickness } from '../reading';

/** A sheet thinner than the piece needs. */
export const thinSheet = defineCause({
  stage: 'sheet',
  name: 'The sheet is too thin',
  does: 'A thin sheet lets water through sooner, tears over the mound, and goes soft before the middle is hot.',
  known: 'The hand shows clearly through; a strip weighs too little for its length.',
  now: 'Roll the rest one step thicker; freeze what is made at once, or boil it soon and gently.',
  next: 'One step thicker on the dial, or measure the dial by a weighed strip.',
  usual: 'sometimes',
  signs: {
    pokesThrough: 'often',
    tearsInPot: 'often',
    wetPatches: 'often',
    mushyFace: 'seldom',
    sticksToTray: 'seldom',
    doughLeft: 'often',
  },
  answers: { light: { thinner: 2, asSaid: -2, thicker: -2 }, lumps: { small: 1 } },
  margins: ['thinning', 'lift', 'seep'],
  remedies: ['thickness'],
  inRun: (made) => ({
    says: 'strips were measured thinner than planned',
    steps: thickness(made) < 0.9 ? 2 : 0,
  }),
  enact: (plan, much) => ({ plan: rolledTo(plan, 1 - 0.32 * much) }),
});

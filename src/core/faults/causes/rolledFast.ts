import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';

/** Cranked too fast. */
export const rolledFast = defineCause({
  stage: 'sheet',
  name: 'Rolled too fast',
  does: 'A sheet that is hurried through has no time to give: it springs back and comes out thick.',
  known: 'The dough is rested, and the same setting leaves it thinner when turned slowly.',
  now: 'Run the sheet through the same setting once more, slowly.',
  next: 'An even, slow turn, two passes at each of the last settings.',
  caution: 'Fingers, hair and sleeves away from a powered roller.',
  usual: 'sometimes',
  signs: { springsBack: 'often', hardEdge: 'seldom' },
  answers: { speed: { fast: 2, even: -2 }, rested: { creeps: 1, jumps: -1 } },
  margins: [],
  remedies: [],
  enact: (plan) => ({ plan: withPart(plan, 'sheet', { speed: 'fast' }) }),
});

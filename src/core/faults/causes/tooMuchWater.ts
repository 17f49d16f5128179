import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';

/** Lips drowned. */
export const tooMuchWater = defineCause({
  stage: 'shape',
  name: 'Too much water on the lip',
  does: 'The faces swim, tack to the fingers, and slide instead of joining.',
  known: 'A peeled edge is slippery, fingers stick to it.',
  now: 'Blot the lips with a cloth, wait a minute, and press.',
  next: 'A damp brush, not a wet one; or a mist from a hand’s length.',
  usual: 'sometimes',
  signs: { slides: 'surely', wontSeal: 'seldom', opensAtLip: 'seldom', sticksTogether: 'seldom' },
  answers: {
    lip: { slick: 2, clean: -2, flour: -2, dry: -2, filling: -1 },
    wetted: { dripping: 2, nothing: -2 },
  },
  margins: ['seal'],
  remedies: ['medium'],
  enact: (plan) => ({ plan: withPart(plan, 'hold', { medium: 'tooWet' }) }),
});

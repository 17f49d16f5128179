import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';

/** Closed with nothing on a face that needed it. */
export const drySeal = defineCause({
  stage: 'shape',
  name: 'Closed dry',
  does: 'A face that is not moist of itself wants water; without it the seal is half a seal.',
  known: 'The lip is clean, dry, and peels.',
  now: 'A fingertip of water round the edge, and press again.',
  next: 'A brush or a mist of water as a rule; none only on a moist sheet just rolled.',
  usual: 'sometimes',
  signs: { wontSeal: 'often', opensAtLip: 'often', pops: 'seldom' },
  answers: {
    wetted: { nothing: 2, brush: -2, dripping: -2 },
    lip: { dry: 1, flour: -2, filling: -2, slick: -2 },
  },
  margins: ['seal'],
  remedies: ['medium'],
  enact: (plan) => ({ plan: withPart(plan, 'hold', { medium: 'dry' }) }),
});

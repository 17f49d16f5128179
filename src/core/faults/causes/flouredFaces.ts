import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';

/** Flour between the faces. */
export const flouredFaces = defineCause({
  stage: 'shape',
  name: 'Flour between the faces',
  does: 'Flour keeps them apart: they close, and open again in the pot.',
  known: 'A peeled edge is white and dry inside.',
  now: 'Brush the lips clean, then water; press again.',
  next: 'Brush every face before it is filled, and dust with coarse semolina only.',
  usual: 'often',
  signs: { wontSeal: 'surely', opensAtLip: 'often', cracksAtFold: 'seldom' },
  answers: {
    lip: { flour: 2, clean: -2, slick: -2, filling: -2, dry: -1 },
    stoodOpen: { short: 1 },
  },
  margins: ['seal'],
  remedies: ['faces'],
  enact: (plan) => ({ plan: withPart(plan, 'hold', { faces: 'floured' }) }),
});

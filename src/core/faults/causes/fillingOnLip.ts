import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';

/** Filling or fat on the lip. */
export const fillingOnLip = defineCause({
  stage: 'shape',
  name: 'Filling or fat on the lip',
  does: 'Grease and crumbs hold the faces apart, and water finds the way out.',
  known: 'A peeled edge shines, or has a smear in it.',
  now: 'Wipe each lip with a damp finger before closing; the smeared ones go to the freezer, then in last.',
  next: 'A narrower tip or a smaller spoon, and the bag lifted away before it drags.',
  usual: 'often',
  signs: { wontSeal: 'often', opensAtLip: 'surely', pops: 'seldom' },
  answers: {
    lip: { filling: 2, clean: -2, flour: -2, slick: -1, dry: -2 },
    centred: { middle: 1 },
    dose: { heavier: -2 },
    mound: { runs: -2 },
  },
  // Filling gets onto a lip by a heavy hand or a loose filling as well as by a smear.
  asksOn: ['dose', 'mound'],
  margins: ['seal', 'lip'],
  remedies: ['faces', 'dose'],
  enact: (plan) => ({ plan: withPart(plan, 'hold', { faces: 'filling' }) }),
});

import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';

/** Bran that has not yet drunk. */
export const thirstyFlour = defineCause({
  stage: 'dough',
  name: 'Wholegrain not yet wetted',
  does: 'Bran drinks slowly: the dough crumbles first and is right half an hour later.',
  known: 'Wholegrain or coarse flour, and it was not wrapped for long.',
  now: 'Press it together, wrap it airtight, and wait twenty minutes before adding anything.',
  next: 'Rest wholegrain doughs half an hour longer than white ones.',
  usual: 'seldom',
  signs: { crumbly: 'often', grains: 'seldom' },
  answers: {
    dryFrom: { bran: 2, none: -2, flour: -2 },
    pinch: { cracks: 2, tacks: -2 },
    eggs: { asSaid: 1 },
  },
  margins: [],
  remedies: [],
  enact: (plan) => ({
    plan: withPart(plan, 'dough', {
      parts: plan.dough.parts.map((part) =>
        part.id.startsWith('flour-') ? { ...part, id: 'flour-wholemeal' } : part,
      ),
      work: { ...plan.dough.work, restMin: 14 },
    }),
  }),
});

import { defineCause } from '../cause';
import { withPart } from '../../plan/document/patch';

/** A rolling boil under tender pieces. */
export const boiledHard = defineCause({
  stage: 'pot',
  name: 'Boiled too hard',
  does: 'A rolling boil throws pieces about: thin ones tear, and what is full of air bursts.',
  known: 'The water leapt; those at the edge of the pot fared better.',
  now: 'Turn it down until it only trembles, before the next round.',
  next: 'Bring it back to the boil, then down to a simmer for thin or large pieces.',
  caution: 'Steam and boiling water scald.',
  usual: 'often',
  signs: { tearsInPot: 'often', pops: 'often', opensAtLip: 'seldom' },
  answers: {
    pot: { hard: 2, trembling: -2, crowded: -2 },
    bubble: { none: 1 },
    lumps: { small: 1 },
  },
  margins: ['burst', 'thinning'],
  remedies: ['simmer'],
  enact: (plan) => ({ plan: withPart(plan, 'boil', { style: 'rolling' }) }),
});

import { defineCause } from '../cause';
import { crowded } from '../reading';

/** Too many at once. */
export const crowdedPot = defineCause({
  stage: 'pot',
  name: 'A crowded pot',
  does: 'The water goes off the boil, pieces lie on each other, stick, and stay cold in the middle.',
  known: 'It took minutes to come back; several lay on the bottom.',
  now: 'Take half out with a skimmer, bring it back to the boil, stir once.',
  next: 'Smaller rounds, with room to move, stirred once as they go in.',
  caution: 'Steam and boiling water scald.',
  usual: 'sometimes',
  signs: { coldMiddle: 'often', sticksTogether: 'often' },
  answers: { pot: { crowded: 2, trembling: -2, hard: -2 }, lifted: { planned: 1 } },
  margins: [],
  remedies: [],
  inRun: (made) => ({ says: 'a round held more than the pot takes', steps: crowded(made) }),
  enact: () => ({ slips: { crowded: true } }),
});

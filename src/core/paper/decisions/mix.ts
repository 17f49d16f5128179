import { startingRules } from '../../basis/rules';
import { startingPantry } from '../../composition/pantry';
import { feelingOf, feelingWords } from '../../drills/feeling';
import { withFlour, withWater } from '../../faults/enacting';
import type { Decision } from '../decision';
import { trulyMade, type Standing } from '../standing';

const mended = (standing: Standing, by: 'flour' | 'water'): Standing => {
  const { mend, now } = trulyMade(standing).dough;
  // What is worked in where nothing was wanted, a hand stops at no sign.
  const share =
    by === 'flour'
      ? mend.flourG / now.flourG || startingRules['paper.pinch'].value
      : mend.waterG / now.flourG || startingRules['paper.splash'].value;
  return {
    ...standing,
    plan: (by === 'flour' ? withFlour : withWater)(standing.plan, share, startingPantry),
  };
};

/** What the dough is given as it comes together. */
export const mix: Decision = {
  name: 'The dough',
  asks: 'What do you give it?',
  careful: 'asIs',
  ways: {
    asIs: { says: 'Nothing: knead on', does: (standing) => standing },
    flour: {
      says: 'Flour by pinches, until it no longer sticks',
      does: (standing) => mended(standing, 'flour'),
    },
    water: {
      says: 'Water by wet hands, until it no longer cracks',
      does: (standing) => mended(standing, 'water'),
    },
  },
  shows(_, made) {
    const feeling = feelingOf(made);
    return {
      sees: `Flour and eggs are in as the recipe says, and it was kneaded ${made.dough.work.kneadMin} min. ${feelingWords(feeling)}`,
      picture: { kind: 'dough', ...feeling },
    };
  },
};

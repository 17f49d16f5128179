import { withPart } from '../../plan/document/patch';
import { feelingOf, feelingWords } from '../../drills/feeling';
import type { Decision } from '../decision';
import type { Standing } from '../standing';

const rested = (standing: Standing, restMin: number): Standing => ({
  ...standing,
  plan: withPart(standing.plan, 'dough', { work: { ...standing.plan.dough.work, restMin } }),
});

const SHORT_MIN = 5;
const LONG_MIN = 45;

/** How long the dough rests before it is rolled. */
export const rest: Decision = {
  name: 'The rest',
  asks: 'How long does it rest, wrapped airtight?',
  careful: 'long',
  ways: {
    none: {
      says: `${SHORT_MIN} min, while the roller is set up`,
      does: (s) => rested(s, SHORT_MIN),
    },
    long: { says: `${LONG_MIN} min, while the filling is made`, does: (s) => rested(s, LONG_MIN) },
  },
  shows(_, made) {
    const feeling = feelingOf(made);
    return {
      sees: `The ball is made. ${feelingWords(feeling)}`,
      picture: { kind: 'dough', ...feeling },
    };
  },
};

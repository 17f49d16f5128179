import { clock } from '../../drills/drill';
import { withPart } from '../../plan/document/patch';
import type { Decision } from '../decision';
import { trulyMade, type Standing } from '../standing';

const LONGER_S = 300;

/** Boiled like this, lifted out after so many seconds of what it takes. */
const lifted = (
  standing: Standing,
  style: Standing['plan']['boil']['style'],
  after: (doneS: number, floatS: number) => number,
): Standing => {
  const plan = withPart(standing.plan, 'boil', { style });
  const { boil } = trulyMade({ ...standing, plan });
  const doneS = 60 * boil.potMin;
  const floatS = Math.min(doneS, boil.floatS ?? doneS);
  return {
    ...standing,
    plan,
    slips: { ...standing.slips, potShare: after(doneS, floatS) / doneS },
  };
};

/** How they are boiled, and when they are lifted out. */
export const boil: Decision = {
  name: 'The pot',
  asks: 'How do you boil them, and when do they come out?',
  careful: 'bite',
  ways: {
    hard: {
      says: 'Boiling hard; out as they float',
      does: (standing) => lifted(standing, 'rolling', (_, floatS) => floatS),
    },
    float: {
      says: 'Trembling; out as they float',
      does: (standing) => lifted(standing, 'simmer', (_, floatS) => floatS),
    },
    bite: {
      says: 'Trembling; past the floating, until one’s edge bites soft and its middle is hot',
      does: (standing) => lifted(standing, 'simmer', (doneS) => doneS),
    },
    long: {
      says: 'Trembling; five minutes past the floating, to be sure',
      does: (standing) =>
        lifted(standing, 'simmer', (doneS, floatS) => Math.max(doneS, floatS + LONGER_S)),
    },
  },
  shows: (_, { boil: pot }) => ({
    sees: `The pot is full and boils. ${pot.frozen ? 'They go in frozen.' : 'They go in from where they waited.'} The first comes up after ${clock(pot.floatS ?? 60 * pot.potMin)}.`,
    picture: { kind: 'pot', floatS: pot.floatS ?? 60 * pot.potMin },
  }),
};

import { withPart } from '../../plan/document/patch';
import type { PhasePlace } from '../../hold/phases';
import type { Surface } from '../../hold/surfaces';
import type { Decision } from '../decision';
import type { Standing } from '../standing';
import { inSentence } from '../../units/sentence';

const held = (standing: Standing, surface: Surface, place: PhasePlace): Standing => ({
  ...standing,
  plan: withPart(standing.plan, 'hold', {
    surface,
    phases: [{ place, minutes: standing.waitMin }],
  }),
});

/** “45 min”, “2 ½ h”. */
const waits = (minutes: number): string =>
  minutes < 90
    ? `${minutes} min`
    : `${Math.floor(minutes / 60)}${minutes % 60 >= 30 ? ' ½' : ''} h`;

/** Where the pieces wait for the pot. */
export const hold: Decision = {
  name: 'The wait',
  asks: 'Where do they wait?',
  careful: 'fridge',
  ways: {
    bench: {
      says: 'On trays as they are, on the bench',
      does: (standing) => held(standing, 'bare', 'bench'),
    },
    fridge: {
      says: 'On semolina, in the fridge',
      does: (standing) => held(standing, 'semolina', 'fridge'),
    },
    freezer: {
      says: 'On semolina, frozen at once',
      does: (standing) => held(standing, 'semolina', 'freezer'),
    },
  },
  shows: ({ waitMin }, { plan: { dough } }) => ({
    sees: `The last tray is full. The plates go out in ${waits(waitMin)}. The kitchen is at ${inSentence(dough.roomC, 'C')}.`,
  }),
};

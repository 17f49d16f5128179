import { familyOf } from '../../shapes/families';
import type { Decision } from '../decision';
import { inSentence } from '../../units/sentence';

const TENTH = 0.1;
const THIRD = 1 / 3;

/** How much dough and filling to make. */
export const buy: Decision = {
  name: 'How much',
  asks: 'How much dough and filling do you make?',
  careful: 'tenth',
  ways: {
    just: { says: 'Just that', does: (standing) => standing },
    tenth: { says: 'A tenth over', does: (standing) => ({ ...standing, share: 1 + TENTH }) },
    third: { says: 'A third over', does: (standing) => ({ ...standing, share: 1 + THIRD }) },
  },
  shows({ meant: { plan, batch } }) {
    const { portions, piecesPerPortion } = plan.batch;
    const { dough, filling } = batch.batch;
    const [doughG, fillingG] = [Math.round(dough.inG), Math.round(filling.inG)];
    return {
      sees: `${portions} plates of ${piecesPerPortion}, ${portions * piecesPerPortion} in all: ${familyOf(plan.shape.family).name.toLowerCase()}. By the sums, with nothing lost and nobody tasting, that is ${inSentence(doughG, 'g')} of dough and ${inSentence(fillingG, 'g')} of filling.`,
      picture: { kind: 'bowls', doughG, fillingG },
    };
  },
};

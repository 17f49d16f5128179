import type { Decision } from '../decision';
import type { Standing } from '../standing';
import { inSentence } from '../../units/sentence';

const TEN = 10;
const A_FIFTH = 1.2;

const dosed = (standing: Standing, ratio: number): Standing => ({
  ...standing,
  plan: {
    ...standing.plan,
    shape: { ...standing.plan.shape, doseG: standing.plan.shape.doseG * ratio },
  },
});

/** What ten pieces on the scale lead to. */
export const dose: Decision = {
  name: 'The dose',
  asks: 'What do you change for the rest?',
  careful: 'same',
  ways: {
    less: {
      says: 'A fifth less filling in each',
      does: (standing) => dosed(standing, 1 / A_FIFTH),
    },
    same: { says: 'Nothing', does: (standing) => standing },
    more: { says: 'A fifth more filling in each', does: (standing) => dosed(standing, A_FIFTH) },
  },
  shows({ meant }, { piece: { input, made } }) {
    const planned = meant.piece;
    const ofPieces = Math.max(6, meant.shown.pieces);
    const pieces = Math.max(1, Math.round((ofPieces * planned.made.doughG) / made.doughG));
    return {
      sees: `${TEN} pieces of the first sheet weigh ${inSentence(TEN * (made.doughG + input.doseG), 'g')}, ${inSentence(TEN * made.doughG, 'g')} of it dough. Planned were ${inSentence(TEN * (planned.made.doughG + planned.input.doseG), 'g')}, ${inSentence(TEN * planned.made.doughG, 'g')} of it dough. The mound comes to ${inSentence(Math.max(0, made.lipMm), 'mm')} from the cut edge; the edge wants ${inSentence(made.neededLipMm, 'mm')}.`,
      picture: { kind: 'sheet', pieces, ofPieces },
    };
  },
};

import { startingRules } from '../basis/rules';
import { neededLip } from '../shapes/finish';
import { capRadius } from '../shapes/cap';
import { seeded } from '../seeded';
import type { DrawnPiece, DrillKind } from './drill';
import { inSentence } from '../units/sentence';

const NAMES = ['A', 'B', 'C', 'D'] as const;
const FINISHES = ['fork', 'wheel', 'cutter', 'pinch'] as const;
const FINISHED = {
  fork: 'a fork',
  wheel: 'a wheel',
  cutter: 'a cutter',
  pinch: 'fingers',
} as const;

/** Height to radius of a spooned mound. */
const SPOONED = 0.6;

/** Four pieces in section: which opens? */
export const opens: DrillKind = {
  id: 'opens',
  name: 'Which one opens?',
  trains: 'Seeing a lip that is too narrow for the way it is pressed.',
  words: ['lip', 'mound'],
  make(seed) {
    const chance = seeded(seed);
    const weak = chance.of(NAMES);
    const pieces = NAMES.map((name) => {
      const thicknessMm = Math.round(chance.between(14, 24)) / 20;
      const finish = chance.of(FINISHES);
      const needed = neededLip(finish, thicknessMm, startingRules);
      const lip = needed * (name === weak ? chance.between(0.3, 0.75) : chance.between(1.2, 2));
      const doseG = Math.round(chance.between(5, 14));
      const moundMm = capRadius(1000 * doseG, SPOONED);
      return { name, thicknessMm, finish, needed, lip, doseG, moundMm };
    });
    const drawn = pieces.map(({ name, thicknessMm, lip, moundMm }): DrawnPiece => ({
      name,
      halfMm: moundMm + lip,
      moundMm,
      heightMm: SPOONED * moundMm,
      thicknessMm,
    }));
    return {
      asks: 'One of these opens in the pot. Which?',
      sees: pieces
        .map(
          ({ name, lip, moundMm, finish, thicknessMm }) =>
            `${name}: a mound ${inSentence(2 * moundMm, 'mm')} across, ${inSentence(lip, 'mm')} of bare dough beside it, ${inSentence(thicknessMm, 'mm')} thick, pressed by ${FINISHED[finish]}.`,
        )
        .join(' '),
      picture: { kind: 'pieces', pieces: drawn },
      asked: { kind: 'choice', choices: NAMES.map((id) => ({ id, says: id })) },
      right: weak,
      working: pieces.map(
        ({ name, lip, needed, finish }) =>
          `${name} has ${inSentence(lip, 'mm')} and, pressed by ${FINISHED[finish]}, needs ${inSentence(needed, 'mm')}: ${lip < needed ? 'it opens' : 'it holds'}.`,
      ),
    };
  },
};

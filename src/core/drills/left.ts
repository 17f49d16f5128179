import { startingBasis } from '../basis/basis';
import { planFigures } from '../plan/evaluatePlan';
import { startingPlans } from '../plan/starting/startingPlans';
import { FAMILY_IDS, familyOf } from '../shapes/families';
import { seeded } from '../seeded';
import type { DrillKind } from './drill';
import { inSentence } from '../units/sentence';

/** Bowls that end within this share of each other end together. */
const TOGETHER = 0.06;

/** Two bowls and a shape: what will be left? */
export const left: DrillKind = {
  id: 'left',
  name: 'What will be left?',
  trains: 'Seeing which bowl is emptied first, before it is.',
  words: ['trim'],
  make(seed) {
    const chance = seeded(seed);
    const family = chance.of(FAMILY_IDS);
    const plan = startingPlans[family];
    const doughG = 50 * Math.round(chance.between(5, 20));
    const wanted = chance.of(['dough', 'filling', 'together'] as const);
    const byDough = planFigures(
      { ...plan, batch: { ...plan.batch, wayIn: 'dough', doughInHandG: doughG } },
      startingBasis,
    );
    const share =
      wanted === 'dough'
        ? chance.between(0.5, 0.75)
        : wanted === 'filling'
          ? chance.between(1.35, 1.9)
          : 1;
    const fillingG = Math.max(20, Math.round((byDough.filling.totalG * share) / 5) * 5);
    const took = byDough.filling.totalG;
    const off = fillingG / took - 1;
    const right = Math.abs(off) <= TOGETHER ? 'together' : off > 0 ? 'filling' : 'dough';
    const overG =
      right === 'filling'
        ? fillingG - took
        : right === 'dough'
          ? doughG * (1 - fillingG / took)
          : 0;
    const { shape, sheet } = byDough;
    return {
      asks: 'What will be left over?',
      sees: `${inSentence(doughG, 'g')} of dough and ${inSentence(fillingG, 'g')} of filling, for ${familyOf(family).name.toLowerCase()} of ${inSentence(shape.sizeMm, 'mm')}, ${inSentence(sheet.thicknessMm, 'mm')} thick, with ${inSentence(shape.doseG, 'g')} in each. Trim is rolled again.`,
      picture: { kind: 'bowls', doughG, fillingG },
      asked: {
        kind: 'choice',
        choices: [
          { id: 'dough', says: 'Dough is left' },
          { id: 'together', says: 'They end together' },
          { id: 'filling', says: 'Filling is left' },
        ],
      },
      right,
      working: [
        right === 'together'
          ? 'They end together.'
          : `About ${inSentence(Math.round(overG / 5) * 5, 'g')} of ${right} is left.`,
        `The dough gives ${byDough.pieces} pieces, and they take ${inSentence(took, 'g')} of filling.`,
        `One piece is ${inSentence(byDough.dough.perPieceG, 'g')} of dough to ${inSentence(shape.doseG, 'g')} of filling.`,
      ],
    };
  },
};

import { startingBasis } from '../basis/basis';
import { planFigures } from '../plan/evaluatePlan';
import { startingPlans } from '../plan/starting/startingPlans';
import { FAMILY_IDS, familyOf } from '../shapes/families';
import { seeded } from '../seeded';
import { said, type DrillKind } from './drill';
import { inSentence } from '../units/sentence';

const CHANGES = {
  thinner: 'Roll a step thinner',
  thicker: 'Roll a step thicker',
  less: 'Put less filling in each',
  more: 'Put more filling in each',
  nothing: 'Change nothing',
} as const;

type Change = keyof typeof CHANGES;

/** What goes otherwise for each: thickness and dose against what was meant. */
const OFF: Readonly<Record<Change, readonly [thicker: number, dosed: number]>> = {
  thinner: [1.25, 1],
  thicker: [0.78, 1],
  less: [1, 1.3],
  more: [1, 0.72],
  nothing: [1, 1],
};

/** The first sheet’s count and weight: what do you change? */
export const firstSheet: DrillKind = {
  id: 'firstSheet',
  name: 'The first sheet',
  trains: 'Reading a count and a weight, and changing the one thing that is off.',
  words: ['dose'],
  make(seed) {
    const chance = seeded(seed);
    const family = chance.of(FAMILY_IDS);
    const { dough, shape, sheet, layout, pieces } = planFigures(
      startingPlans[family],
      startingBasis,
    );
    const change = chance.of(Object.keys(CHANGES) as Change[]);
    // Hands are never quite even.
    const [meant, dosed] = OFF[change].map((each) => each * chance.between(0.97, 1.03)) as [
      number,
      number,
    ];
    const ofPieces = Math.max(6, Math.min(layout.pieces, pieces));
    const count = Math.max(1, Math.round(ofPieces / meant));
    // What the count says, not what was drawn before it was rounded: the working uses the figures shown.
    const thicker = ofPieces / count;
    const eachDoughG = dough.perPieceG * thicker;
    const eachFillingG = shape.doseG * dosed;
    const tenG = Math.round(10 * (eachDoughG + eachFillingG));
    return {
      asks: 'What do you change for the next sheet?',
      sees: `${familyOf(family).name}, planned at ${inSentence(dough.perPieceG, 'g')} of dough and ${inSentence(shape.doseG, 'g')} of filling in each, ${ofPieces} from this much dough at ${inSentence(sheet.thicknessMm, 'mm')}. The first sheet gave ${count}; ten of them weigh ${inSentence(tenG, 'g')}.`,
      picture: { kind: 'sheet', pieces: count, ofPieces },
      asked: {
        kind: 'choice',
        choices: Object.entries(CHANGES).map(([id, says]) => ({ id, says })),
      },
      right: change,
      working: [
        `${CHANGES[change]}.`,
        `${count} of ${ofPieces}: each took ${inSentence(eachDoughG, 'g')} of dough, ${said(100 * (thicker - 1))} in 100 ${thicker >= 1 ? 'more' : 'less'} than meant.`.replace(
          '-',
          '−',
        ),
        `Ten at ${inSentence(tenG, 'g')} are ${inSentence(tenG / 10, 'g')} each; less the dough, ${inSentence(tenG / 10 - eachDoughG, 'g')} of filling, against ${inSentence(shape.doseG, 'g')} meant.`,
      ],
    };
  },
};

import { startingBasis } from '../basis/basis';
import { causeOf, type CauseId } from '../faults/causes';
import type { DoughStage } from '../plan/model/dough';
import { modelOf } from '../risk/modelOf';
import { startingPlans } from '../plan/starting/startingPlans';
import { FAMILY_IDS } from '../shapes/families';
import { seeded } from '../seeded';
import { said, type DrillKind } from './drill';
import { feelingOf, feelingWords } from './feeling';

/** What a dough may want, and the cause that makes it want it. */
const WANTS = {
  flour: ['Flour, worked in by pinches', 'wetDough'],
  water: ['Water, by wet hands', 'dryDough'],
  knead: ['More kneading', 'underKneaded'],
  rest: ['Rest, wrapped airtight', 'unrested'],
  roll: ['Nothing: roll it', null],
} as const satisfies Readonly<Record<string, readonly [string, CauseId | null]>>;

type Want = keyof typeof WANTS;

/** What a dough wants by the model: its water first, then its kneading, then its rest. */
function wantOf({ feel, ready }: DoughStage): Want {
  if (feel === 'wet') return 'flour';
  if (feel === 'dry') return 'water';
  if (ready.kneaded < 0.75) return 'knead';
  return ready.relaxationLeft > 0.35 ? 'rest' : 'roll';
}

/** A dough under the hand: what does it want? */
export const hand: DrillKind = {
  id: 'hand',
  name: 'How the dough feels',
  trains: 'Feeling what a dough wants, and giving it that alone.',
  words: ['hydration', 'underHand'],
  make(seed) {
    const chance = seeded(seed);
    const start = startingPlans[chance.of(FAMILY_IDS)];
    const work = {
      ...start.dough.work,
      kneadMin: Math.round(chance.between(9, 14)),
      restMin: 5 * Math.round(chance.between(7, 16)),
    };
    const plan = { ...start, dough: { ...start.dough, work } };
    const [, cause] = WANTS[chance.of(Object.keys(WANTS) as Want[])];
    const much = chance.between(0.8, 1.3);
    const changed = cause ? causeOf(cause).enact(plan, much, startingBasis.pantry).plan : plan;
    const made = modelOf(changed ?? plan, startingBasis);
    const feeling = feelingOf(made);
    const { dough } = made;
    const want = wantOf(dough);
    return {
      asks: 'What does this dough want?',
      sees: [
        feelingWords(feeling),
        `It was kneaded ${said(dough.work.kneadMin)} min and has rested ${said(dough.work.restMin)} min.`,
      ].join(' '),
      picture: { kind: 'dough', ...feeling },
      asked: {
        kind: 'choice',
        choices: Object.entries(WANTS).map(([id, [says]]) => ({ id, says })),
      },
      right: want,
      working: [
        `${WANTS[want][0]}.`,
        `Its hydration is ${said(dough.hydration, 3)}; ${said(dough.low, 3)} to ${said(dough.high, 3)} can be worked, ${said(dough.target, 3)} is on target.`,
        `Kneaded and folded to ${said(100 * dough.ready.development)} in 100; of its tightness ${said(100 * dough.ready.relaxationLeft)} in 100 is left.`,
      ],
    };
  },
};

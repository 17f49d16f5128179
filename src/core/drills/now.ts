import { startingBasis } from '../basis/basis';
import { modelOf } from '../risk/modelOf';
import { startingPlans } from '../plan/starting/startingPlans';
import { FAMILY_IDS, familyOf } from '../shapes/families';
import { softAt } from '../plan/model/boil';
import { seeded } from '../seeded';
import { clock, type DrillKind } from './drill';
import { inSentence } from '../units/sentence';

/** A hand at the skimmer is so quick, s. */
const HAND_S = 8;

/** A piece in the pot and a clock that runs: lift it out when it is done. */
export const now: DrillKind = {
  id: 'now',
  name: 'Now?',
  trains: 'Waiting past the floating, and no longer than the skin stands.',
  words: [],
  make(seed) {
    const chance = seeded(seed);
    const frozen = chance() < 0.4;
    const family = chance.of(FAMILY_IDS.filter((id) => id !== 'agnolottiFlat'));
    const plan = startingPlans[family];
    const { boil, piece } = modelOf(
      {
        ...plan,
        hold: {
          ...plan.hold,
          phases: [frozen ? { place: 'freezer', minutes: 1440 } : { place: 'fridge', minutes: 60 }],
        },
      },
      startingBasis,
    );
    const doneS = 60 * boil.potMin;
    const tooLongS = Math.max(doneS + 45, 60 * boil.skinStandsMin);
    const floatS = boil.floatS ?? 0.6 * doneS;
    return {
      asks: 'Lift it out when it is done.',
      sees: `${familyOf(family).name}, ${inSentence(piece.input.thicknessMm, 'mm')} thick with ${inSentence(piece.input.doseG, 'g')} in it, ${frozen ? 'frozen hard' : 'from the fridge'}, in trembling water; the sauce finishes it. It comes up after ${clock(floatS)}.`,
      picture: { kind: 'pot', floatS },
      asked: { kind: 'moment', untilS: Math.ceil(tooLongS + 60) },
      right: { from: doneS - HAND_S, to: tooLongS, best: doneS },
      working: [
        `It is done at ${clock(doneS)}, and stands the pot until ${clock(tooLongS)}.`,
        `It floats at ${clock(floatS)}, at about 60 in 100 of the way to a hot middle: a sign, not the end.`,
        `Its middle wants ${boil.coreS === null ? 'longer than the pot gives' : clock(boil.coreS)} to ${inSentence(boil.targetC, 'C')}, its edge ${clock(60 * softAt(boil).edgeMin)}, its face ${clock(60 * softAt(boil).faceMin)}, all told; the sauce does the last of it.`,
      ],
    };
  },
};

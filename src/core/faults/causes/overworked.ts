import { defineCause } from '../cause';

/** Worked past smooth. */
export const overworked = defineCause({
  stage: 'dough',
  name: 'Over-worked',
  does: 'Kneaded long in a machine, or handled again after its rest, a dough is tight and springs back.',
  known: 'It was smooth long before it was left alone, and stays tight though it rested.',
  now: 'Wrap it for another half hour, then roll slowly; do not knead it again.',
  next: 'Stop when it is satiny and a poke comes back slowly. In a machine that is minutes, not ten.',
  usual: 'seldom',
  signs: { springsBack: 'often', tearsInRoller: 'seldom' },
  answers: {
    kneaded: { long: 2, asSaid: -2, short: -2 },
    rested: { jumps: 2, stays: -1 },
    speed: { even: 1 },
  },
  margins: [],
  remedies: [],
  enact: () => ({ slips: { overworked: true } }),
});

import { COOLING_LIMITS } from '../../filling/cooling';
import { coolingAdvice, coolingTimes } from '../../filling/coolingText';
import type { BenchStep } from './step';

const always = () => true;

/** Weighing out and mixing the dough. */
export const weigh: BenchStep = {
  id: 'weigh',
  title: () => 'Mix',
  needs: [],
  applies: always,
  meanwhile: false,
  tests: ['ingredient', 'dough', 'roomC'],
  show: ({ result: { dough }, write, split }) => ({
    figure: split(dough.totalG, 'g'),
    does: 'of dough: weigh and mix',
    says: [
      dough.holdBackG >= 1
        ? `Hold back ${write(dough.holdBackG, 'g')} of the flour; work it in only while it sticks.`
        : 'Bring it together until no dry flour is left.',
    ],
    lines: dough.parts
      .filter(({ g }) => g >= 0.05)
      .map(({ id, name, g, count }, i) => ({
        item: `${i}:${id}`,
        name: count ? `${name}, ${count.n} ${count.word}${count.n === 1 ? '' : 's'}` : name,
        amount: write(g, 'g'),
        g,
      })),
    timer: null,
    asks: 'It is mixed',
  }),
};

/** Kneading, and what the hand says. */
export const knead: BenchStep = {
  id: 'knead',
  title: () => 'Knead',
  needs: ['weigh'],
  applies: always,
  meanwhile: false,
  tests: ['dough'],
  show: ({ result: { dough }, split }) => ({
    figure: split(dough.work.kneadMin, 'min'),
    does:
      dough.work.by === 'hand'
        ? 'by hand, until it is satiny'
        : `in the ${dough.work.by}, until it is satiny`,
    says: ['It springs back from a poke when it is done. Not right? Say how it feels.'],
    lines: [],
    timer: { timer: 'knead', minutes: dough.work.kneadMin, name: 'Start the clock' },
    asks: 'It is kneaded',
  }),
};

/** The dough's rest. */
export const rest: BenchStep = {
  id: 'rest',
  title: () => 'Rest',
  needs: ['knead'],
  applies: ({ plan }) => plan.dough.work.restMin > 0,
  meanwhile: false,
  tests: [],
  show: ({ plan, result: { dough }, split, write }) => ({
    figure: split(dough.work.restMin, 'min'),
    does: `wrapped airtight, ${plan.dough.work.restAt === 'chilled' ? 'in the fridge' : 'at room warmth'}`,
    says: [
      dough.ready.restedEnough
        ? 'A crust never dissolves again: no gap in the wrap.'
        : `It would roll easier after ${write(dough.ready.restWantedMin, 'min')}.`,
    ],
    lines: [],
    timer: { timer: 'rest', minutes: dough.work.restMin, name: 'It rests now' },
    asks: 'It has rested',
  }),
};

/** Making the filling. */
export const filling: BenchStep = {
  id: 'filling',
  title: () => 'Filling',
  needs: [],
  applies: always,
  meanwhile: true,
  tests: ['filling', 'spoonMm', 'towelG'],
  show: ({ result: { filling: f }, write, split }) => ({
    figure: split(f.totalG, 'g'),
    does: 'of filling: make and bind',
    says: [
      ...(f.cookedOffG > 0 ? [`Mixed, cook off ${write(f.cookedOffG, 'g')} of water.`] : []),
      f.cooling.hot
        ? 'Cool it before egg goes in and before it meets dough.'
        : 'Taste it before raw egg goes in.',
    ],
    lines: f.parts.map(({ id, name, preparation, g, preparedG }, i) => ({
      item: `${i}:${id}`,
      name:
        preparation === 'As it is'
          ? name
          : `${name}, ${preparation.toLowerCase()}: ${write(preparedG, 'g')} ready`,
      amount: write(g, 'g'),
      g,
    })),
    timer: null,
    asks: 'The filling is made',
  }),
};

/** Where the pan cools, as it is said across a bench. */
const COOLS = {
  shelf: 'in the cold on a wire shelf',
  board: 'in the cold on a board',
  ice: 'in an ice bath',
} as const;

/** Cooling a filling that was cooked. */
export const cool: BenchStep = {
  id: 'cool',
  title: () => 'Cool',
  needs: ['filling'],
  applies: ({ result }) => result.filling.cooling.hot,
  meanwhile: true,
  tests: ['fillingC'],
  show: ({ plan, result: { filling: f }, split, write }) => ({
    // Spread as the cook spreads it, where that is quick enough.
    figure: split(
      f.cooling.late ? Math.floor(f.cooling.meets.depthMm) : plan.filling.cooling.depthMm,
      'mm',
    ),
    does: `deep or less, ${COOLS[plan.filling.cooling.on]}${plan.filling.cooling.covered ? ', covered' : ''}`,
    says: [
      f.cooling.late
        ? `${write(plan.filling.cooling.depthMm, 'mm')} deep, as planned: ${coolingTimes(f.cooling, write)} ${coolingAdvice(f.cooling, write)}`
        : coolingTimes(f.cooling, write),
      'Check with a probe. Local food codes come first.',
    ],
    lines: [],
    timer: {
      timer: 'cool',
      // The clock never runs past the limit: by then it must be that cold.
      minutes: Math.max(1, Math.min(COOLING_LIMITS[0].withinMin, f.cooling.firstMin)),
      name: 'It cools now',
    },
    asks: 'It is cold',
  }),
};

import { planWith } from '../testing/plans';
import { modelOf } from '../risk/modelOf';
import { startingBasis } from '../basis/basis';
import { QUESTIONS, type QuestionId } from './questions';

type Batch = Parameters<(typeof QUESTIONS)['knead']['truth']>[0];

const model = modelOf(planWith(), startingBasis);

/** What a batch would answer whose dough is so much less developed, or was kneaded to so much of its time. */
function answered(id: QuestionId, { development = 0, kneaded = 1, overworked = false }): string {
  const { ready } = model.dough;
  const made = {
    ...model,
    dough: {
      ...model.dough,
      ready: { ...ready, kneaded, development: ready.development + development },
    },
  };
  const batch = { meant: model, made, slips: { overworked } } as unknown as Batch;
  return QUESTIONS[id].truth(batch);
}

describe('what a batch would answer', () => {
  it.each([
    ['kneaded', { development: -0.05 }, 'asSaid'],
    ['kneaded', { development: -0.07 }, 'short'],
    ['kneaded', { development: -0.07, overworked: true }, 'long'],
    ['knead', { kneaded: 0.86 }, 'same'],
    ['knead', { kneaded: 0.84 }, 'tightens'],
  ] as const)('%s, %j: %s', (id, batch, answer) => {
    expect(answered(id, batch)).toBe(answer);
  });
});

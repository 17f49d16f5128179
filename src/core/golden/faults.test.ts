import { startingBasis } from '../basis/basis';
import { startingPlans } from '../plan/starting/startingPlans';
import { cardBack } from '../faults/cardBack';
import { CAUSE_IDS } from '../faults/causes';
import { diagnose, NOTHING_KNOWN } from '../faults/diagnose';
import { knownOf } from '../faults/known';
import { prove } from '../faults/prove';
import { QUESTIONS, QUESTION_IDS } from '../faults/questions';
import { faultReport } from '../faults/report';
import { SIGN_IDS } from '../faults/signs';
import { hiddenCase } from '../faults/simulate';
import { table } from '../testing/table';
import { DEMO_PLANS } from '../../../demo/goldenPlans';

const plan = startingPlans.ravioliSquare;
const demo = DEMO_PLANS.get('celeriac-on-a-bare-tray')!;

/** The first causes, each with how likely it is. */
const firstOf = (causes: readonly { readonly id: string; readonly probability: number }[]) =>
  Object.fromEntries(causes.slice(0, 6).map(({ id, probability }) => [id, probability]));

describe.each([
  ['nothing known', NOTHING_KNOWN],
  ['a plan known', knownOf({ plan: demo, basis: startingBasis })!],
])('from each sign, with %s', (_name, known) => {
  it.each(SIGN_IDS)('%s', (sign) => {
    const { causes, next, clear } = diagnose({ signs: [sign], answers: {} }, known);
    const answered = next
      ? Object.keys(QUESTIONS[next.id].answers).map((answer) => ({
          answer,
          ...firstOf(diagnose({ signs: [sign], answers: { [next.id]: answer } }, known).causes),
        }))
      : [];
    expect(table({ clear, next, first: firstOf(causes), answered })).toMatchSnapshot();
  });
});

it('what a report says of it', () => {
  const known = knownOf({ plan: demo, basis: startingBasis })!;
  const reports = (['opensAtLip', 'wetPatches', 'sticky'] as const).map((sign) =>
    faultReport({ signs: [sign], answers: {} }, known),
  );
  expect(table(reports)).toMatchSnapshot();
});

it('the back of the card', () => {
  expect(table([plan, demo].map((each) => cardBack(each, startingBasis)))).toMatchSnapshot();
});

it('batches with a cause hidden in them', () => {
  const cases = CAUSE_IDS.map((cause, i) => {
    const hidden = hiddenCase(cause, plan, 41 + i, startingBasis);
    return hidden
      ? {
          cause,
          sign: hidden.sign,
          batch: hidden.batch.slips,
          answers: QUESTION_IDS.map((id) => hidden.answer(id)),
        }
      : { cause };
  });
  expect(table(cases)).toMatchSnapshot();
  expect(table(prove([plan], { cases: 1, seed: 3 }))).toMatchSnapshot();
});

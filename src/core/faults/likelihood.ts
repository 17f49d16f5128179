import type { Rules } from '../basis/rules';
import type { PlanModel } from '../plan/model/model';
import { asMeant } from './batch';
import { CAUSE_IDS, causeOf } from './causes';
import { stepsFor } from './evidence';
import { QUESTIONS, type QuestionId } from './questions';
import type { SignId } from './signs';

/** How likely each cause, in the order of {@link CAUSE_IDS}, shows a sign. Rule. */
export const signGiven = (sign: SignId, rules: Rules): readonly number[] =>
  CAUSE_IDS.map((id) => rules[`fault.shows.${causeOf(id).signs[sign] ?? 'never'}`].value);

/** How likely each answer is under each cause: rows of answers, causes in the order of {@link CAUSE_IDS}. */
export interface AnswerTable {
  readonly answers: readonly string[];
  readonly given: readonly (readonly number[])[];
}

/**
 * The answers to a question under every cause. What is usual, or what the plan itself says, moved by the
 * cause's steps; some answers are mistaken, so none is ever ruled out. Rule.
 */
export function answersGiven(id: QuestionId, model: PlanModel | null, rules: Rules): AnswerTable {
  const asked = QUESTIONS[id];
  const answers = Object.keys(asked.answers);
  const usual = asked.usual as Readonly<Record<string, number>>;
  const planned = model ? asked.truth(asMeant(model)) : null;
  const asPlanned = model ? rules['fault.asPlanned'].value : 0;
  const base = answers.map(
    (answer) => (1 - asPlanned) * usual[answer]! + (answer === planned ? asPlanned : 0),
  );
  const step = rules['fault.answer'].value;
  const misread = rules['fault.misread'].value;
  const byCause = CAUSE_IDS.map((cause) => {
    const raw = answers.map(
      (answer, i) => base[i]! * Math.exp(step * stepsFor(causeOf(cause), id, answer)),
    );
    const sum = raw.reduce((a, b) => a + b, 0);
    return raw.map((each) => (1 - misread) * (each / sum) + misread / answers.length);
  });
  return { answers, given: answers.map((_, i) => byCause.map((row) => row[i]!)) };
}

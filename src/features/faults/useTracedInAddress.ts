'use client';

import { parseAsNativeArrayOf, parseAsString, parseAsStringLiteral, useQueryStates } from 'nuqs';
import {
  DONT_KNOW,
  QUESTION_IDS,
  QUESTIONS,
  type Answers,
  type QuestionId,
} from '@/core/faults/questions';
import { SIGN_IDS } from '@/core/faults/signs';
import type { PageParam } from '@/ui/browser/pageParams';
import type { TracedStore } from './useTrace';

const STATE = {
  sign: parseAsNativeArrayOf(parseAsStringLiteral(SIGN_IDS)),
  /** `question.answer`, in the order they were given. */
  said: parseAsNativeArrayOf(parseAsString),
} satisfies { [Name in PageParam]?: unknown };

/** What was seen and answered stands in the address: each step is one that Back takes, and a reload keeps them. */
export function useTracedInAddress(): TracedStore {
  const [{ sign: signs, said }, set] = useQueryStates(STATE, { history: 'push' });
  return [
    { signs, answers: readAnswers(said) },
    (next) =>
      void set({
        sign: [...next.signs],
        said: Object.entries(next.answers).map(([id, answer]) => `${id}.${answer}`),
      }),
  ];
}

/** What an address says was answered; what it cannot say is left out. */
function readAnswers(said: readonly string[]): Answers {
  const isQuestion = (id: string): id is QuestionId => (QUESTION_IDS as string[]).includes(id);
  const isAnswer = (id: QuestionId, answer: string) =>
    answer === DONT_KNOW || answer in QUESTIONS[id].answers;
  return Object.fromEntries(
    said
      .map((each) => each.split('.') as [string, string?])
      .filter(([id, answer]) => isQuestion(id) && answer !== undefined && isAnswer(id, answer)),
  );
}

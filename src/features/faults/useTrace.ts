'use client';

import { useMemo, useState } from 'react';
import type { Known } from '@/core/faults/evidence';
import type { Answers, QuestionId } from '@/core/faults/questions';
import { faultReport, type FaultReport } from '@/core/faults/report';
import type { SignId } from '@/core/faults/signs';
import type { Stage } from '@/core/faults/stages';

/** From signs to a cause, step by step; every step can be taken back. */
export interface Trace {
  readonly signs: readonly SignId[];
  readonly answers: Answers;
  /** Null until a sign is picked. */
  readonly report: FaultReport | null;
  pick(sign: SignId): void;
  drop(sign: SignId): void;
  answer(question: QuestionId, answer: string): void;
  /** Takes an answer back. */
  forget(question: QuestionId): void;
  startAgain(): void;
}

/** @param stage where the batch stands; the latest sign's when left out */
export function useTrace(
  known: Known,
  { first = [], stage }: { first?: readonly SignId[]; stage?: Stage | undefined } = {},
): Trace {
  const [signs, setSigns] = useState<readonly SignId[]>(first);
  const [answers, setAnswers] = useState<Answers>({});
  const report = useMemo(
    () =>
      signs.length === 0
        ? null
        : faultReport({ signs, answers, ...(stage ? { stage } : {}) }, known),
    [signs, answers, known, stage],
  );
  return {
    signs,
    answers,
    report,
    pick: (sign) => setSigns([...signs.filter((each) => each !== sign), sign]),
    drop: (sign) => {
      const left = signs.filter((each) => each !== sign);
      setSigns(left);
      if (left.length === 0) setAnswers({});
    },
    answer: (question, answer) => setAnswers({ ...answers, [question]: answer }),
    forget: (question) => {
      const { [question]: _gone, ...rest } = answers;
      setAnswers(rest);
    },
    startAgain: () => {
      setSigns([]);
      setAnswers({});
    },
  };
}

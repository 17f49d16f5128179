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

/** What was seen and answered so far, and where that is kept. */
export type TracedStore = readonly [Traced, (next: Traced) => void];

interface Traced {
  readonly signs: readonly SignId[];
  readonly answers: Answers;
}

/** Kept as long as what asks is open. */
export const useTracedHere = (first: readonly SignId[]): TracedStore =>
  useState<Traced>({ signs: first, answers: {} });

/** @param stage where the batch stands; the latest sign's when left out */
export function useTrace(
  known: Known,
  [{ signs, answers }, set]: TracedStore,
  stage?: Stage | undefined,
): Trace {
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
    pick: (sign) => set({ signs: [...signs.filter((each) => each !== sign), sign], answers }),
    drop: (sign) => {
      const left = signs.filter((each) => each !== sign);
      set({ signs: left, answers: left.length > 0 ? answers : {} });
    },
    answer: (question, answer) => set({ signs, answers: { ...answers, [question]: answer } }),
    forget: (question) => {
      const { [question]: _gone, ...rest } = answers;
      set({ signs, answers: rest });
    },
    startAgain: () => set({ signs: [], answers: {} }),
  };
}

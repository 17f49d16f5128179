import type { Quoted } from '../risk/remedy';
import { causeOf } from './causes';
import { diagnose, type Ranked, type Seen } from './diagnose';
import type { Known } from './evidence';
import { mendsOf } from './mending';
import { DONT_KNOW, QUESTIONS, type QuestionId } from './questions';
import { rescuesFor, type Rescue } from './rescues';
import { stageOfSigns } from './signs';
import type { Stage } from './stages';

/** A cause in words, with what mends it in this plan. */
export interface ToldCause extends Ranked {
  readonly name: string;
  readonly does: string;
  readonly known: string;
  readonly now: string;
  readonly next: string;
  readonly caution: string | null;
  /** Changes of the plan, quoted; for the likeliest causes only. */
  readonly remedies: readonly Quoted[];
}

/** From signs to causes, with everything a cook is told. */
export interface FaultReport {
  readonly stage: Stage;
  /** What can still be done now. */
  readonly rescues: readonly Rescue[];
  readonly clear: boolean;
  readonly question: {
    readonly id: QuestionId;
    readonly asks: string;
    readonly answers: readonly { readonly id: string; readonly says: string }[];
    /** Information it is expected to give, bits. */
    readonly bits: number;
  } | null;
  readonly causes: readonly ToldCause[];
}

/** Remedies are worked out for so many of the likeliest causes, as each is a plan worked out again. */
const MENDED = 3;

/** What to tell of a batch, a cause at a time in words. */
export const toldCause = (ranked: Ranked, known: Known, mended = false): ToldCause => {
  const { name, does, known: recognised, now, next, caution } = causeOf(ranked.id);
  return {
    ...ranked,
    name,
    does,
    known: recognised,
    now,
    next,
    caution: caution ?? null,
    remedies: mended && known.model ? mendsOf(ranked.id, known.model) : [],
  };
};

/**
 * From what is seen to what to do: what can be saved, the question that tells most, and every cause with
 * what speaks for and against it.
 */
export function faultReport(seen: Seen, known: Known): FaultReport {
  const stage = seen.stage ?? stageOfSigns(seen.signs);
  const { causes, clear, next } = diagnose({ ...seen, stage }, known);
  return {
    stage,
    rescues: rescuesFor(seen.signs, stage),
    clear,
    question: next && {
      ...next,
      asks: QUESTIONS[next.id].asks,
      answers: [
        ...Object.entries(QUESTIONS[next.id].answers).map(([id, says]) => ({ id, says })),
        { id: DONT_KNOW, says: 'I don’t know' },
      ],
    },
    causes: causes.map((ranked, i) => toldCause(ranked, known, i < MENDED)),
  };
}

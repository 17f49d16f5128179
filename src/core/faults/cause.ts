import type { Pantry } from '../composition/pantry';
import type { Plan } from '../plan/document/schema';
import type { PlanResult } from '../plan/evaluatePlan';
import type { ChangeKind } from '../risk/remedy';
import type { MarginId } from '../risk/margins';
import type { RunState } from '../run/fold';
import type { Slips } from './batch';
import type { AnswerTo, QuestionId } from './questions';
import type { SignId } from './signs';
import type { Stage } from './stages';

/** How strongly an answer speaks: against (below 0) or for; each step is so many log-odds (`fault.answer`). */
export type Step = -2 | -1 | 1 | 2;

/** What speaks for or against a cause, in a cook's words. */
export interface Speaks {
  readonly says: string;
  readonly steps: number;
}

/** A run, and the plan it was made from. */
export interface Made {
  readonly run: RunState;
  readonly result: PlanResult;
  readonly pantry: Pantry;
}

/** A batch with the cause in it: what the plan became, and what stands in none. */
export interface Enacted {
  readonly plan?: Plan;
  readonly slips?: Partial<Slips>;
}

/** Why a batch goes wrong: one file each. */
export interface Cause {
  /** Where in the work it happens. */
  readonly stage: Stage;
  readonly name: string;
  /** What it does. */
  readonly does: string;
  /** How it is recognised. */
  readonly known: string;
  /** How it is put right now, and next time. */
  readonly now: string;
  readonly next: string;
  /** Where it, or putting it right, can hurt. */
  readonly caution?: string;
  /** How usual it is among batches that go wrong (`fault.usual.*`). */
  readonly usual: 'often' | 'sometimes' | 'seldom';
  /** How likely it shows each of its signs (`fault.shows.*`). */
  readonly signs: Readonly<Partial<Record<SignId, 'surely' | 'often' | 'seldom'>>>;
  /** Which answers speak for it and which against it. */
  readonly answers: Readonly<{
    [Q in QuestionId]?: Readonly<Partial<Record<AnswerTo<Q>, Step>>>;
  }>;
  /** Asked before it is taken as found: what may lie behind it, and is mended otherwise. */
  readonly asksOn?: readonly QuestionId[];
  /** The margins that are low where it does harm. */
  readonly margins: readonly MarginId[];
  /** Changes of a plan that mend it, tried and quoted by the registry of remedies. */
  readonly remedies: readonly ChangeKind[];
  /** What a run's own events say of it. */
  inRun?(made: Made): Speaks | null;
  /** Puts it into a batch, `much` about 1 as it usually is. */
  enact(plan: Plan, much: number, pantry: Pantry): Enacted;
}

/** For a file of a cause: nothing but its type. */
export const defineCause = (cause: Cause): Cause => cause;

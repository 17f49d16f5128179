import type { Rules } from '../../basis/rules';
import type { Plan } from '../../plan/document/schema';
import type { PlanLadder } from '../../plan/model/ladder';
import type { PlanResult } from '../../plan/evaluatePlan';
import type { FormattedFigure, WriteFigure } from '../../units/format';
import type { FigureUnit } from '../../working/working';
import type { EventOf, StepId, TimerId } from '../events';
import type { RunState } from '../fold';
import type { Live } from '../live';

/** What a step is told on: the plan, what it comes to, and what has happened. */
export interface Bench {
  readonly plan: Plan;
  readonly result: PlanResult;
  /** The passes as they now are: of the plan, or of a thickness it was changed to. */
  readonly ladder: PlanLadder;
  readonly state: RunState;
  readonly live: Live;
  readonly rules: Rules;
  readonly write: WriteFigure;
  split(value: number, unit: FigureUnit): FormattedFigure;
}

/** A line that is ticked as it is done: an ingredient, a rung. */
export interface StepLine {
  readonly item: string;
  readonly name: string;
  readonly amount: string;
  /** What the scale should say, where it is weighed, g. */
  readonly g: number | null;
}

/** A clock that a step sets. */
export interface StepTimer {
  readonly timer: TimerId;
  readonly minutes: number;
  readonly name: string;
}

/** What a step shows. */
export interface StepShown {
  /** The one figure. */
  readonly figure: FormattedFigure | null;
  /** What to do, as it is said across a bench. */
  readonly does: string;
  readonly says: readonly string[];
  readonly lines: readonly StepLine[];
  readonly timer: StepTimer | null;
  /** What its large button says. */
  readonly asks: string;
}

/** A measurement that a step offers. */
export type StepTest = EventOf<'measured'>['test'] | EventOf<'weighed'>['what'];

/** One step of the bench. */
export interface BenchStep {
  readonly id: StepId;
  /** On its tab. */
  title(bench: Bench): string;
  /** What must have been done before it, whoever ticked it. */
  readonly needs: readonly StepId[];
  /** Whether this plan has it. */
  applies(bench: Bench): boolean;
  /** Whether it can be done while something else rests or cools. */
  readonly meanwhile: boolean;
  /** What can be measured here. */
  readonly tests: readonly StepTest[];
  show(bench: Bench): StepShown;
}

/** Clocks by name, as their chips say it. */
export const TIMER_NAMES: Readonly<Record<TimerId, string>> = {
  knead: 'kneading',
  rest: 'dough resting',
  cool: 'filling cooling',
  open: 'open sheet',
  hold: 'trays waiting',
  boil: 'in the pot',
  sauce: 'in the sauce',
};

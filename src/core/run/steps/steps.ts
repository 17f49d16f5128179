import { STEP_IDS, type StepId } from '../events';
import { boil, close, hold, trays } from './after';
import { cool, filling, knead, rest, weigh } from './bowls';
import { fill, portion, roll } from './sheets';
import type { Bench, BenchStep } from './step';

/** Every step of the bench. One line each. */
export const STEPS: Readonly<Record<StepId, BenchStep>> = {
  weigh,
  knead,
  rest,
  filling,
  cool,
  portion,
  roll,
  fill,
  trays,
  hold,
  boil,
  close,
};

/** The steps that a plan has, in the order of the work. */
export const stepsOf = (bench: Bench): readonly BenchStep[] =>
  STEP_IDS.map((id) => STEPS[id]).filter((step) => step.applies(bench));

/**
 * The step the bench stands at: the first not yet done. Closing is always the last.
 * @example stepNow(bench).id // 'weigh'
 */
export function stepNow(bench: Bench): BenchStep {
  const steps = stepsOf(bench);
  return steps.find(({ id }) => !bench.state.done.has(id)) ?? STEPS.close;
}

/** What can be done while something rests or cools: steps not yet done that need neither. */
export function meanwhileOf(bench: Bench): readonly BenchStep[] {
  const waits = bench.state.timers.some(({ timer }) => timer === 'rest' || timer === 'cool');
  if (!waits) return [];
  return stepsOf(bench).filter(({ id, meanwhile }) => meanwhile && !bench.state.done.has(id));
}

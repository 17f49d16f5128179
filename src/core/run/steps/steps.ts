import { STEP_IDS, type StepId, type TimerId } from '../events';
import { boil, close, hold, trays } from './after';
import { plate, plateNow } from './plate';
import { cool, filling, knead, rest, weigh } from './bowls';
import { fill, portion, roll } from './sheets';
import type { RunState } from '../fold';
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
  plate,
  close,
};

/** The steps that a plan has, in the order of the work. */
export const stepsOf = (bench: Bench): readonly BenchStep[] =>
  STEP_IDS.map((id) => STEPS[id]).filter((step) => step.applies(bench));

/** Steps that lie behind: done, or needed by one that is. A skipped tick is no step to go back to. */
export function behind({ done }: Pick<RunState, 'done'>): ReadonlySet<StepId> {
  const passed = new Set<StepId>();
  const pass = (id: StepId) => {
    if (passed.has(id)) return;
    passed.add(id);
    STEPS[id].needs.forEach(pass);
  };
  done.forEach(pass);
  return passed;
}

/**
 * The step the bench stands at: at an open sheet while one dries, at the plates while a round is out of the
 * pot and none is in it, else the first that does not lie behind.
 * Closing is always the last.
 * @example stepNow(bench).id // 'weigh'
 */
export function stepNow(bench: Bench): BenchStep {
  const passed = behind(bench.state);
  const runs = (clock: TimerId) => bench.state.timers.some(({ timer }) => timer === clock);
  const ahead = stepsOf(bench).filter(({ id }) => !passed.has(id));
  const urgent = runs('open') ? 'fill' : plateNow(bench)?.out && !runs('boil') ? 'plate' : null;
  return ahead.find(({ id }) => id === urgent) ?? ahead[0] ?? STEPS.close;
}

/** What can be done while something rests or cools: steps not yet done that need neither. */
export function meanwhileOf(bench: Bench): readonly BenchStep[] {
  const waits = bench.state.timers.some(({ timer }) => timer === 'rest' || timer === 'cool');
  if (!waits) return [];
  const passed = behind(bench.state);
  return stepsOf(bench).filter(({ id, meanwhile }) => meanwhile && !passed.has(id));
}

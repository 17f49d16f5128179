import type { Pantry } from '../composition/pantry';
import type { Plan } from '../plan/document/schema';
import type { PlanAtBench } from '../plan/model/atBench';
import { testsOf, withTests } from './batchTests';
import type { RunState } from './fold';

/**
 * The plan as a bench has it: what was changed, corrected under the hand and tested there counted. The same
 * one where nothing was; its document is never touched.
 */
export function planAtBench(plan: Plan, state: RunState, pantry: Pantry): PlanAtBench {
  const { doseG, thicknessMm } = state.now;
  const tested = withTests(plan, testsOf(state), pantry);
  if (doseG === null && thicknessMm === null && state.corrections.length === 0) return tested;
  return {
    ...tested,
    shape: { ...plan.shape, doseG: doseG ?? plan.shape.doseG },
    sheet: { ...plan.sheet, thicknessMm: thicknessMm ?? plan.sheet.thicknessMm },
    made: state.corrections.map(({ did, amount }) => ({ kind: did, amount })),
  };
}

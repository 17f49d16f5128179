import type { Pantry } from '../composition/pantry';
import type { Plan } from '../plan/document/schema';
import type { PlanFigures } from '../plan/model/figures';
import type { PlanAtBench } from '../plan/model/atBench';
import { testsOf, withTests } from './batchTests';
import type { RunState } from './fold';

/**
 * The plan as a bench has it: what was changed, corrected under the hand and tested there counted, its spares
 * as they were planned. The same one where nothing was; its document is never touched.
 * @param planned what it came to as it was planned
 */
export function planAtBench(
  plan: Plan,
  state: RunState,
  { pantry, planned }: { pantry: Pantry; planned: PlanFigures },
): PlanAtBench {
  const { doseG, thicknessMm } = state.now;
  const tested = withTests(plan, testsOf(state), pantry);
  const changed = doseG !== null || thicknessMm !== null || state.corrections.length > 0;
  if (tested === plan && !changed) return plan;
  return {
    ...tested,
    breakage: { share: planned.breakageShare, reckoned: planned.breakageReckoned },
    shape: { ...plan.shape, doseG: doseG ?? plan.shape.doseG },
    sheet: { ...plan.sheet, thicknessMm: thicknessMm ?? plan.sheet.thicknessMm },
    made: state.corrections.map(({ did, amount }) => ({ kind: did, amount })),
  };
}

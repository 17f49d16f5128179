import type { Basis } from '../basis/basis';
import type { Plan } from '../plan/document/schema';
import { evaluatePlan } from '../plan/evaluatePlan';
import { modelOf } from '../risk/modelOf';
import { marginsOf } from '../risk/margins';
import { scatter } from '../risk/scatter';
import type { RunState } from '../run/fold';
import type { Known } from './evidence';
import { NOTHING_KNOWN } from './diagnose';
import type { CauseId } from './causes';

/** So many pieces tell a share of 1 in 100 well enough. */
const PIECES = 2000;

/** What is known of a batch from its plan, its run and the kitchen's log. */
export function knownOf({
  plan,
  run = null,
  found = {},
  basis,
}: {
  plan?: Plan | undefined;
  run?: RunState | null;
  found?: Readonly<Partial<Record<CauseId, number>>>;
  basis: Basis;
}): Known {
  if (!plan) return { ...NOTHING_KNOWN, rules: basis.rules, found };
  const model = modelOf(plan, basis);
  return {
    rules: basis.rules,
    model,
    margins: marginsOf(model),
    byCause: scatter(model, { pieces: PIECES }).byCause,
    run,
    result: run ? evaluatePlan(plan, basis) : null,
    found,
  };
}

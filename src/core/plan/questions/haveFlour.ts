import type { Basis } from '../../basis/basis';
import { PLAN_FIELDS } from '../document/planFields';
import type { Plan } from '../document/schema';
import { mostDoughG } from '../model/flourInHand';

/**
 * The plan made of the flour there is and no more; the plan as it is where none is limited, or where there
 * is too little for any dough. Where a filling was in hand already, both are used up.
 * @example haveFlour(planShortOfFlour, basis).batch // { wayIn: 'dough', doughInHandG: 540, … }
 */
export function haveFlour(plan: Plan, basis: Basis): Plan {
  const most = mostDoughG(plan, basis);
  const { min, max } = PLAN_FIELDS['batch.doughInHandG'];
  if (most === null || most < min) return plan;
  const { wayIn } = plan.batch;
  return {
    ...plan,
    batch: {
      ...plan.batch,
      wayIn: wayIn === 'filling' || wayIn === 'both' ? 'both' : 'dough',
      doughInHandG: Math.min(max, Math.floor(most)),
    },
  };
}

import type { PlanModel } from '../plan/model/model';
import { quotesOf } from '../risk/remedies';
import type { Quoted } from '../risk/remedy';
import { causeOf, type CauseId } from './causes';

/**
 * What mends a cause in a plan: the changes of the registry of remedies that bear on it, each worked out
 * again and quoted; the ones that leave the most first. None where the cause lies in the hands alone.
 * @param model the plan as it was meant
 */
export const mendsOf = (id: CauseId, model: PlanModel): Quoted[] => {
  const { remedies, margins } = causeOf(id);
  return quotesOf(model, { kinds: remedies, lifts: margins });
};

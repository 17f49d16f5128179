import { wholeOf } from '../../batch/batch';
import type { Plan } from '../document/schema';
import type { PlanFigures } from '../model/figures';

/** How a batch falls to those who eat it. */
export interface ShareOut {
  readonly people: number;
  /** Pieces for each of them. */
  readonly each: number;
  /** Pieces that do not go round. */
  readonly over: number;
}

/**
 * How many pieces each person gets, whatever the batch was worked out from: what is left after tasting
 * and breakage, divided among the people of the plan.
 * @example shareOut(plan, figures) // { people: 6, each: 13, over: 2 }
 */
export function shareOut(
  { batch: { wayIn, portions, piecesPerPortion } }: Plan,
  {
    counts,
    breakageShare: share,
    breakageReckoned: reckoned,
  }: Pick<PlanFigures, 'counts' | 'breakageShare' | 'breakageReckoned'>,
): ShareOut {
  if (wayIn === 'portions') return { people: portions, each: piecesPerPortion, over: 0 };
  const whole = wholeOf(counts.made - counts.tasted, { share, reckoned });
  return { people: portions, each: Math.floor(whole / portions), over: whole % portions };
}

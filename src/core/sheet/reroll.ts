import { restWanted } from '../dough/relaxation';
import { sheetTraits } from '../dough/sheetStrength';
import type { Rules } from '../basis/rules';
import { springBack, type RollingSpeed } from './springBack';

/** A sheet by how often its dough has been rolled. */
export interface RolledQuality {
  readonly generation: number;
  readonly hydration: number;
  /** How far it stretches before it tears, share of its length. */
  readonly stretch: number;
  /** Rest under cover before it rolls, min; 0 for the dough itself, which has had its own. */
  readonly restMin: number;
  /** Thicker than the dough's own sheet, at the same dial, when that rest is left out; share. */
  readonly thickerUnrested: number;
}

export interface RolledDough {
  readonly hydration: number;
  readonly target: number;
  readonly glutenRatio: number;
  readonly development: number;
  readonly fatShare: number;
  readonly roomC: number;
  /** Passes at the last setting, and how fast. */
  readonly repeats: number;
  readonly speed: RollingSpeed;
  /** What the dough's own sheets spring back, share. */
  readonly springBack: number;
}

/**
 * How trim rolls, each time it is rolled again: drier, worked further, drawn tight again until it has
 * rested. Rules (estimates) over the dough's own.
 * @param generation 0 for the dough, 1 and 2 for trim
 * @example rolledQuality(1, dough) // { hydration: 0.377, stretch: 0.69, restMin: 24, thickerUnrested: 0.13, … }
 */
export function rolledQuality(generation: number, dough: RolledDough, rules: Rules): RolledQuality {
  const { target, fatShare, glutenRatio, repeats, speed } = dough;
  const hydration = dough.hydration * (1 - rules['sheet.reroll.dried'].value) ** generation;
  const development = Math.min(
    1,
    dough.development + rules['sheet.reroll.kneaded'].value * generation,
  );
  const { stretch } = sheetTraits(
    { glutenRatio, development, over: hydration - target, fatShare },
    rules,
  );
  const again = generation > 0;
  const unrested = springBack(
    { glutenRatio, development, relaxationLeft: 1, repeats, speed },
    rules,
  );
  return {
    generation,
    hydration,
    stretch,
    restMin: again ? restWanted(dough.roomC, rules) : 0,
    thickerUnrested: again ? (1 + unrested) / (1 + dough.springBack) - 1 : 0,
  };
}

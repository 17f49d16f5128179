import type { Learnt } from '../../basis/learnt';
import { cookKey, learntOfKey } from '../../calibrate/learntKeys';
import type { FamilyId } from '../../shapes/families';
import type { Person } from '../document/day';

/** How long a piece takes somebody, to the usual of this kitchen, and how sure that is. */
export interface Pace {
  readonly times: number;
  /** Half the range that holds it nine times in ten, as a share; null where nobody timed it. */
  readonly sure: number | null;
}

/** Told no finer than this: cooks who are as quick as each other are alike. */
const GRAIN = 0.05;

/**
 * How quick somebody is with a shape: by the log where it knows, else as the day says.
 * @param learnt what this kitchen's runs have taught
 * @example paceOf(maren, 'tortelloni', []).times // 1
 */
export function paceOf({ name, pace }: Person, family: FamilyId, learnt: readonly Learnt[]): Pace {
  const own = learntOfKey(learnt, 'pace', cookKey(family, name));
  if (!own) return { times: pace, sure: null };
  // Plans stand on what all cooks together take: this is beside that.
  const all = learntOfKey(learnt, 'pace', family)?.value ?? 1;
  const times = Math.min(4, Math.max(0.3, own.value / all));
  return {
    times: Number((Math.round(times / GRAIN) * GRAIN).toFixed(2)),
    sure: (own.high - own.low) / (2 * own.value),
  };
}

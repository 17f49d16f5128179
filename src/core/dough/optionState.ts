import type { State } from '../plan/state';
import type { EggOption } from './eggOptions';
import { HYDRATION_BAND } from './targetHydration';

/** Nearer than this an option is on its target: no scale in a kitchen shows the difference. */
const ON_TARGET = 0.001;

/**
 * How an option stands against its own target: on it, in its band, or outside.
 * @example optionState({ hydration: 0.403, target: 0.385 }) // 'edge'
 */
export function optionState({ hydration, target }: Pick<EggOption, 'hydration' | 'target'>): State {
  const off = Math.abs(hydration - target);
  if (off < ON_TARGET) return 'holds';
  return off <= HYDRATION_BAND ? 'edge' : 'fails';
}

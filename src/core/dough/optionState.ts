import type { State } from '../basis/state';
import type { EggOption } from './eggOptions';
import { startingRules, type Rules } from '../basis/rules';

/** Nearer than this an option is on its target: no scale in a kitchen shows the difference. */
const ON_TARGET = 0.001;

/**
 * How an option stands against its own target: on it, in its band, or outside.
 * @example optionState({ hydration: 0.403, target: 0.385 }) // 'edge'
 */
export function optionState(
  { hydration, target }: Pick<EggOption, 'hydration' | 'target'>,
  rules: Rules = startingRules,
): State {
  const off = Math.abs(hydration - target);
  if (off < ON_TARGET) return 'holds';
  return off <= rules['dough.band.half'].value ? 'edge' : 'fails';
}

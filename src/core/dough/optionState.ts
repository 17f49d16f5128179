import type { State } from '../basis/state';
import type { EggOption } from './eggOptions';
import { feelOf } from './targetHydration';

/**
 * How an option stands in its own bands: on target, only workable, or outside.
 * @example optionState({ hydration: 0.43, band }) // 'edge'
 */
export function optionState({ hydration, band }: Pick<EggOption, 'hydration' | 'band'>): State {
  const feel = feelOf(hydration, band);
  if (feel === 'on target') return 'holds';
  return feel === 'dry' || feel === 'wet' ? 'fails' : 'edge';
}

import { randomInt } from 'node:crypto';
import { MOST_SEED } from '@/core/drills/drills';

/** The seed that an address asks for by `?seed=N`; one of chance where it asks for none that is one. */
export function seedAsked(search: Readonly<Record<string, string | string[] | undefined>>): number {
  const asked = Number([search.seed].flat()[0] ?? NaN);
  return Number.isInteger(asked) && asked >= 0 && asked <= MOST_SEED ? asked : randomInt(MOST_SEED);
}

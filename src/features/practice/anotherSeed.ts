import { MOST_SEED } from '@/core/drills/drills';

/** A seed that nobody has seen. */
export const anotherSeed = (): number =>
  crypto.getRandomValues(new Uint32Array(1))[0]! % (MOST_SEED + 1);

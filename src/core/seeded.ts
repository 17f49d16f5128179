import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Chance from a seed: the same seed gives the same, in the same order. */
export interface Chance {
  /** 0 to 1. */
  (): number;
  between(from: number, to: number): number;
  /** One of a list, each as likely. */
  of<T>(list: readonly T[]): T;
  /** A list in another order. */
  shuffled<T>(list: readonly T[]): T[];
}

/**
 * Chance from a seed. Seeds that lie side by side begin alike: they are thrown apart first.
 * @param seed any whole number
 * @example seeded(7).of(['a', 'b', 'c']) // the same one every time
 */
export function seeded(seed: number): Chance {
  const random = xoroshiro128plus(scrambled(seed));
  const chance = () => uniformFloat64(random);
  const between = (from: number, to: number) => from + (to - from) * chance();
  return Object.assign(chance, {
    between,
    of: <T>(list: readonly T[]): T =>
      list[Math.min(list.length - 1, Math.floor(chance() * list.length))]!,
    shuffled<T>(list: readonly T[]): T[] {
      const left = [...list];
      for (let i = left.length - 1; i > 0; i -= 1) {
        const j = Math.min(i, Math.floor(chance() * (i + 1)));
        [left[i], left[j]] = [left[j]!, left[i]!];
      }
      return left;
    },
  });
}

function scrambled(seed: number): number {
  let x = Math.imul(seed ^ (seed >>> 16), 0x45d9f3b);
  x = Math.imul(x ^ (x >>> 16), 0x45d9f3b);
  return x ^ (x >>> 16);
}

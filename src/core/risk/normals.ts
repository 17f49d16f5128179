import type { RandomGenerator } from 'pure-rand/types/RandomGenerator';

const PER_WORD = 2 ** -32;

/** Above 0 and below 1. */
const uniform = (random: RandomGenerator): number => ((random.next() >>> 0) + 0.5) * PER_WORD;

/**
 * Fills a block with numbers of the normal distribution, middle 0, standard deviation 1. Two at a time, without an
 * angle (polar method, Marsaglia and Bray 1964).
 * @param into an even count of them
 */
export function fillNormals(random: RandomGenerator, into: Float64Array): void {
  for (let i = 0; i < into.length; i += 2) {
    let x: number;
    let y: number;
    let square: number;
    do {
      x = 2 * uniform(random) - 1;
      y = 2 * uniform(random) - 1;
      square = x * x + y * y;
    } while (square >= 1);
    const size = Math.sqrt((-2 * Math.log(square)) / square);
    into[i] = x * size;
    into[i + 1] = y * size;
  }
}

/**
 * Fills a block with how far points lie from the middle that are off it by a normal distribution either way, mean
 * square 1 (Rayleigh).
 */
export function fillDistances(random: RandomGenerator, into: Float64Array): void {
  for (let i = 0; i < into.length; i += 1) into[i] = Math.sqrt(-Math.log(uniform(random)));
}

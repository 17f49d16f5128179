import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { fillDistances, fillNormals } from './normals';

const MANY = 200_000;
const filled = (fill: typeof fillNormals, seed = 5) => {
  const into = new Float64Array(MANY);
  fill(xoroshiro128plus(seed), into);
  return into;
};
const mean = (of: Float64Array, power = 1) =>
  of.reduce((sum, each) => sum + each ** power, 0) / of.length;
const below = (of: Float64Array, at: number) => of.filter((each) => each < at).length / of.length;

describe('chance in blocks', () => {
  it('is normal: its moments, and how much lies below each mark', () => {
    const normals = filled(fillNormals);
    expect(mean(normals)).toBeCloseTo(0, 2);
    expect(mean(normals, 2)).toBeCloseTo(1, 2);
    expect(mean(normals, 3)).toBeCloseTo(0, 1);
    expect(mean(normals, 4)).toBeCloseTo(3, 1);
    expect(below(normals, -1.96)).toBeCloseTo(0.025, 2.5);
    expect(below(normals, 1)).toBeCloseTo(0.8413, 2);
    // The two of a pair know nothing of each other.
    const pairs = normals.reduce((sum, each, i) => (i % 2 ? sum + each * normals[i - 1]! : sum), 0);
    expect(pairs / (MANY / 2)).toBeCloseTo(0, 2);
  });

  it('lies as far from the middle as two normals either way', () => {
    const distances = filled(fillDistances);
    expect(mean(distances, 2)).toBeCloseTo(1, 2);
    // Law: 1 − e^(−r²) lies within r.
    for (const r of [0.3, 1, 1.7]) expect(below(distances, r)).toBeCloseTo(1 - Math.exp(-r * r), 2);
  });

  it('is the same by the same seed, and another by another', () => {
    const some = (seed: number) => [...filled(fillNormals, seed).slice(0, 100)];
    expect(some(5)).toEqual(some(5));
    expect(some(6)).not.toEqual(some(5));
  });
});

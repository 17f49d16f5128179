/** Neighbouring steps differ by at least this, mm: what a dial is written in. */
const LEAST_APART_MM = 0.01;

/**
 * The nearest decreasing list: neighbours out of order are pooled (pool adjacent violators), then
 * parted by a hundredth of a millimetre, so that they stay in order once rounded.
 * @example decreasing([3, 1, 2]) // [3, 1.5, 1.49]
 */
export function decreasing(values: readonly number[]): number[] {
  const pools: { sum: number; count: number }[] = [];
  for (const value of values) {
    let pool = { sum: value, count: 1 };
    for (;;) {
      const before = pools[pools.length - 1];
      if (!before || before.sum / before.count > pool.sum / pool.count) break;
      pool = { sum: before.sum + pool.sum, count: before.count + pool.count };
      pools.pop();
    }
    pools.push(pool);
  }
  const level = pools.flatMap(({ sum, count }) => new Array<number>(count).fill(sum / count));
  return level.reduce<number[]>((done, value) => {
    const before = done[done.length - 1];
    const rounded = Math.round(value * 100) / 100;
    done.push(
      before !== undefined && rounded >= before - LEAST_APART_MM / 2
        ? before - LEAST_APART_MM
        : value,
    );
    return done;
  }, []);
}

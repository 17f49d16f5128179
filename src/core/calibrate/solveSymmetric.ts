/**
 * Solves A x = b for a symmetric positive definite A, by Cholesky. Law (linear algebra).
 * @param a square, at most some dozens of rows
 * @example solveSymmetric([[4, 2], [2, 3]], [8, 7]) // [1.25, 1.5]
 */
export function solveSymmetric(a: readonly (readonly number[])[], b: readonly number[]): number[] {
  const n = b.length;
  const low = Array.from({ length: n }, () => new Array<number>(n).fill(0));
  const at = (m: readonly (readonly number[])[], i: number, j: number) => m[i]?.[j] ?? 0;
  for (let i = 0; i < n; i += 1) {
    for (let j = 0; j <= i; j += 1) {
      let rest = at(a, i, j);
      for (let k = 0; k < j; k += 1) rest -= at(low, i, k) * at(low, j, k);
      low[i]![j] = i === j ? Math.sqrt(Math.max(rest, Number.EPSILON)) : rest / at(low, j, j);
    }
  }
  const y = new Array<number>(n).fill(0);
  for (let i = 0; i < n; i += 1) {
    let rest = b[i] ?? 0;
    for (let k = 0; k < i; k += 1) rest -= at(low, i, k) * (y[k] ?? 0);
    y[i] = rest / at(low, i, i);
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i -= 1) {
    let rest = y[i] ?? 0;
    for (let k = i + 1; k < n; k += 1) rest -= at(low, k, i) * (x[k] ?? 0);
    x[i] = rest / at(low, i, i);
  }
  return x;
}

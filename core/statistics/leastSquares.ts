/** What least squares found. */
export interface LeastSquares {
  readonly solution: readonly number[];
  /** Inverse of the normal matrix, row by row: times the variance of one observation it is the covariance of the solution. */
  readonly cofactors: readonly (readonly number[])[];
}

/**
 * The `x` that makes the sum of squares of `rows x - right` least, by normal equations on scaled columns and Cholesky's
 * decomposition; for a handful of unknowns. Undefined when the rows do not decide all unknowns.
 * Source: Golub and Van Loan (2013), Matrix Computations, 4.2 and 5.3.
 * Example: rows `[[1, 0], [1, 1], [1, 2]]` and right `[1, 3, 5]` give `[1, 2]`.
 */
export function leastSquares(rows: readonly (readonly number[])[], right: readonly number[]): LeastSquares | undefined {
  const unknowns = rows[0]?.length ?? 0;
  if (unknowns === 0 || rows.length < unknowns) return undefined;
  const all = Array.from({ length: unknowns }, (_, i) => i);
  const sum = (of: (row: readonly number[], k: number) => number) => rows.reduce((s, row, k) => s + of(row, k), 0);
  const scales = all.map((i) => Math.sqrt(sum((row) => at(row, i) ** 2)));
  if (scales.some((scale) => !(scale > 0))) return undefined;
  const normal = all.map((i) =>
    all.map((j) => sum((row) => at(row, i) * at(row, j)) / (at(scales, i) * at(scales, j))),
  );
  const lower = cholesky(normal);
  if (!lower) return undefined;
  const solve = (of: readonly number[]) => solveLower(lower, of);
  const scaled = solve(all.map((i) => sum((row, k) => at(row, i) * at(right, k)) / at(scales, i)));
  const inverse = all.map((i) => solve(all.map((j) => (i === j ? 1 : 0))));
  return {
    solution: scaled.map((x, i) => x / at(scales, i)),
    cofactors: all.map((i) => all.map((j) => at(inverse[j] ?? [], i) / (at(scales, i) * at(scales, j)))),
  };
}

/** Below this share of its scaled diagonal a pivot is rounding noise. */
const LEAST_PIVOT = 1e-13;

function cholesky(matrix: readonly (readonly number[])[]): number[][] | undefined {
  const lower: number[][] = [];
  for (const [i, row] of matrix.entries()) {
    const made: number[] = [];
    lower.push(made);
    for (let j = 0; j <= i; j += 1) {
      let left = at(row, j);
      for (let k = 0; k < j; k += 1) left -= at(made, k) * at(lower[j] ?? [], k);
      if (i === j && !(left > LEAST_PIVOT)) return undefined;
      made.push(i === j ? Math.sqrt(left) : left / at(lower[j] ?? [], j));
    }
  }
  return lower;
}

function solveLower(lower: readonly (readonly number[])[], right: readonly number[]): number[] {
  const half: number[] = [];
  for (const [i, row] of lower.entries()) {
    let left = at(right, i);
    for (let k = 0; k < i; k += 1) left -= at(row, k) * at(half, k);
    half.push(left / at(row, i));
  }
  const whole = [...half];
  for (let i = lower.length - 1; i >= 0; i -= 1) {
    let left = at(half, i);
    for (let k = i + 1; k < lower.length; k += 1) left -= at(lower[k] ?? [], i) * at(whole, k);
    whole[i] = left / at(lower[i] ?? [], i);
  }
  return whole;
}

function at(of: readonly number[], i: number): number {
  return of[i] ?? 0;
}

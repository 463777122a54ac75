import { factorize, substitute } from './cholesky.js';

/** What least squares found. */
export interface LeastSquares {
  readonly solution: readonly number[];
  /**
   * Inverse of the normal matrix, row by row: times the variance of one observation it is the covariance of the
   * solution.
   */
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
  const lower = Float64Array.from(
    all.flatMap((i) => all.map((j) => sum((row) => at(row, i) * at(row, j)) / (at(scales, i) * at(scales, j)))),
  );
  if (!factorize(lower, unknowns, LEAST_PIVOT)) return undefined;
  const solve = (of: readonly number[]) => {
    const right = Float64Array.from(of);
    substitute(lower, unknowns, right);
    return [...right];
  };
  const scaled = solve(all.map((i) => sum((row, k) => at(row, i) * at(right, k)) / at(scales, i)));
  const inverse = all.map((i) => solve(all.map((j) => (i === j ? 1 : 0))));
  return {
    solution: scaled.map((x, i) => x / at(scales, i)),
    cofactors: all.map((i) => all.map((j) => at(inverse[j] ?? [], i) / (at(scales, i) * at(scales, j)))),
  };
}

/** Below this share of its scaled diagonal a pivot is rounding noise. */
const LEAST_PIVOT = 1e-13;

function at(of: readonly number[], i: number): number {
  return of[i] ?? 0;
}

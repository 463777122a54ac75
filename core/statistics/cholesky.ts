/**
 * Cholesky's decomposition of a symmetric matrix, in place: its lower half becomes the lower factor, the upper half is
 * left alone. False where the matrix is not positive (a pivot is not above `leastPivot`); with `floor` a pivot below it
 * is lifted to it instead. Source: Golub and Van Loan (2013), Matrix Computations, algorithm 4.2.1.
 *
 * @param matrix row by row, `size * size` numbers
 * @example const m = Float64Array.of(4, 2, 2, 5); factorize(m, 2); // m is [2, 2, 1, 2]
 */
export function factorize(matrix: Float64Array, size: number, leastPivot = 0, floor?: number): boolean {
  for (let i = 0; i < size; i += 1) {
    for (let j = 0; j <= i; j += 1) {
      let left = matrix[i * size + j] as number;
      for (let k = 0; k < j; k += 1) left -= (matrix[i * size + k] as number) * (matrix[j * size + k] as number);
      if (i !== j) matrix[i * size + j] = left / (matrix[j * size + j] as number);
      else {
        if (floor !== undefined) left = Math.max(left, floor);
        else if (!(left > leastPivot)) return false;
        matrix[i * size + i] = Math.sqrt(left);
      }
    }
  }
  return true;
}

/**
 * Solves for one right side with the lower factor, in place. Of several right sides side by side, `outputs` in a row,
 * it takes column `output`.
 * @example const right = Float64Array.of(8, 11); substitute(Float64Array.of(2, 2, 1, 2), 2, right); // right is [1.125,
 *   1.75]
 */
export function substitute(lower: Float64Array, size: number, right: Float64Array, outputs = 1, output = 0): void {
  for (let i = 0; i < size; i += 1) {
    let left = right[i * outputs + output] as number;
    for (let k = 0; k < i; k += 1) left -= (lower[i * size + k] as number) * (right[k * outputs + output] as number);
    right[i * outputs + output] = left / (lower[i * size + i] as number);
  }
  for (let i = size - 1; i >= 0; i -= 1) {
    let left = right[i * outputs + output] as number;
    for (let k = i + 1; k < size; k += 1)
      left -= (lower[k * size + i] as number) * (right[k * outputs + output] as number);
    right[i * outputs + output] = left / (lower[i * size + i] as number);
  }
}

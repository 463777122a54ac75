import { factorize, substitute } from '@keeper/core/statistics/cholesky';

/** Features that hardly differ leave pivots of rounding noise. */
const LEAST_PIVOT = 1e-9;

/** Ridge regression with many features, gathered sample by sample. */
export class NormalEquations {
  private readonly left: Float64Array;
  private readonly right: Float64Array;

  constructor(
    private readonly size: number,
    private readonly outputs: number,
  ) {
    this.left = new Float64Array(size * size);
    this.right = new Float64Array(size * outputs);
  }

  add(features: Float32Array, target: readonly number[]): void {
    const { size, outputs, left, right } = this;
    const last = size - 1;
    for (let i = 0; i < size; i += 1) {
      const a = i === last ? 1 : (features[i] as number);
      if (a === 0) continue;
      const row = i * size;
      for (let j = 0; j <= i; j += 1)
        left[row + j] = (left[row + j] as number) + a * (j === last ? 1 : (features[j] as number));
      for (let o = 0; o < outputs; o += 1)
        right[i * outputs + o] = (right[i * outputs + o] as number) + a * (target[o] as number);
    }
  }

  solve(ridge: number): Float32Array {
    const { size, outputs, left, right } = this;
    for (let i = 0; i < size - 1; i += 1) left[i * size + i] = (left[i * size + i] as number) + ridge;
    factorize(left, size, 0, LEAST_PIVOT);
    for (let o = 0; o < outputs; o += 1) substitute(left, size, right, outputs, o);
    return Float32Array.from(right);
  }
}

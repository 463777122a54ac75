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

  /** Cholesky's decomposition in place, then both halves for each output. */
  solve(ridge: number): Float32Array {
    const { size, outputs, left, right } = this;
    for (let i = 0; i < size - 1; i += 1) left[i * size + i] = (left[i * size + i] as number) + ridge;
    for (let i = 0; i < size; i += 1) {
      for (let j = 0; j <= i; j += 1) {
        let sum = left[i * size + j] as number;
        for (let k = 0; k < j; k += 1) sum -= (left[i * size + k] as number) * (left[j * size + k] as number);
        left[i * size + j] = i === j ? Math.sqrt(Math.max(sum, 1e-9)) : sum / (left[j * size + j] as number);
      }
    }
    for (let o = 0; o < outputs; o += 1) {
      for (let i = 0; i < size; i += 1) {
        let sum = right[i * outputs + o] as number;
        for (let k = 0; k < i; k += 1) sum -= (left[i * size + k] as number) * (right[k * outputs + o] as number);
        right[i * outputs + o] = sum / (left[i * size + i] as number);
      }
      for (let i = size - 1; i >= 0; i -= 1) {
        let sum = right[i * outputs + o] as number;
        for (let k = i + 1; k < size; k += 1)
          sum -= (left[k * size + i] as number) * (right[k * outputs + o] as number);
        right[i * outputs + o] = sum / (left[i * size + i] as number);
      }
    }
    return Float32Array.from(right);
  }
}

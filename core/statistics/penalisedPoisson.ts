import { factorize, substitute } from './cholesky.js';

/** One piece of what was counted: which columns of the model hold for it, and with what weight. */
export interface CountedRow {
  readonly count: number;
  /** What the count is in proportion to, such as hours. */
  readonly exposure: number;
  readonly columns: readonly number[];
  readonly values: readonly number[];
}

/** A Poisson model that was fitted. */
export interface PoissonFit {
  readonly coefficients: Float64Array;
  /** Row by row: times the dispersion, the covariance of the coefficients. */
  readonly inverse: Float64Array;
  readonly deviance: number;
  /** How many coefficients it is worth, with what the penalty takes away (Hastie and Tibshirani 1990, 3.5). */
  readonly freedom: number;
  /** Pearson's, over what is left of the rows; never under 1. */
  readonly dispersion: number;
}

const MOST_ROUNDS = 50;
const SAME = 1e-9;
/** No expected count is smaller, and none of a step larger than this on the logarithm. */
const [LEAST, MOST_STEP] = [1e-10, 5];

/**
 * Fits counts to the exponential of a sum of columns, by the largest penalised likelihood: `penalty`, row by row and
 * `size * size`, is added to the information (Eilers and Marx 1996, Statistical Science 11, 89-121). Null where the
 * rows and the penalty do not decide all coefficients. Example: one column of ones and no penalty gives the logarithm
 * of all counts over all exposure.
 */
export function fitPenalisedPoisson(
  rows: readonly CountedRow[],
  size: number,
  penalty: Float64Array,
): PoissonFit | null {
  const all = rows.reduce((sum, { count }) => sum + count, 0);
  const exposure = rows.reduce((sum, row) => sum + row.exposure, 0);
  if (!(all > 0) || !(exposure > 0)) return null;
  const start = Math.log(all / exposure);
  let coefficients: Float64Array = new Float64Array(size);
  let lower = new Float64Array(size * size);
  let information = new Float64Array(size * size);
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const right = new Float64Array(size);
    information = new Float64Array(size * size);
    for (const row of rows) {
      const along = sumAt(row, coefficients);
      const eta = round === 0 ? start : along;
      const mean = Math.max(LEAST, row.exposure * Math.exp(eta));
      const working = mean * eta + (row.count - mean);
      addTo(information, right, row, mean, working, size);
    }
    lower = Float64Array.from(information, (each, i) => each + (penalty[i] ?? 0));
    if (!factorize(lower, size)) return null;
    substitute(lower, size, right);
    const change = right.reduce((most, each, i) => Math.max(most, Math.abs(each - (coefficients[i] ?? 0))), 0);
    if (!Number.isFinite(change)) return null;
    const shrink = round > 0 && change > MOST_STEP ? MOST_STEP / change : 1;
    coefficients = right.map((each, i) => (coefficients[i] ?? 0) + shrink * (each - (coefficients[i] ?? 0)));
    if (change < SAME) break;
  }
  const inverse = inverted(lower, size);
  const freedom = traceOfProduct(inverse, information, size);
  let [deviance, pearson] = [0, 0];
  for (const row of rows) {
    const mean = Math.max(LEAST, row.exposure * Math.exp(sumAt(row, coefficients)));
    deviance += 2 * ((row.count > 0 ? row.count * Math.log(row.count / mean) : 0) - (row.count - mean));
    pearson += (row.count - mean) ** 2 / mean;
  }
  return {
    coefficients,
    inverse,
    deviance,
    freedom,
    dispersion: Math.max(1, pearson / Math.max(1, rows.length - freedom)),
  };
}

function sumAt({ columns, values }: CountedRow, coefficients: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < columns.length; i += 1)
    sum += (values[i] as number) * (coefficients[columns[i] as number] as number);
  return sum;
}

function addTo(
  information: Float64Array,
  right: Float64Array,
  { columns, values }: CountedRow,
  weight: number,
  working: number,
  size: number,
): void {
  for (let i = 0; i < columns.length; i += 1) {
    const [at, value] = [columns[i] as number, values[i] as number];
    right[at] = (right[at] as number) + value * working;
    for (let j = 0; j < columns.length; j += 1) {
      const place = at * size + (columns[j] as number);
      information[place] = (information[place] as number) + weight * value * (values[j] as number);
    }
  }
}

function inverted(lower: Float64Array, size: number): Float64Array {
  const inverse = new Float64Array(size * size);
  for (let j = 0; j < size; j += 1) {
    const unit = new Float64Array(size);
    unit[j] = 1;
    substitute(lower, size, unit);
    for (let i = 0; i < size; i += 1) inverse[i * size + j] = unit[i] as number;
  }
  return inverse;
}

function traceOfProduct(a: Float64Array, b: Float64Array, size: number): number {
  let sum = 0;
  for (let i = 0; i < size; i += 1)
    for (let j = 0; j < size; j += 1) sum += (a[i * size + j] as number) * (b[j * size + i] as number);
  return sum;
}

import { Matrix, inverse, solve } from 'ml-matrix';
import { createRng } from './rng.js';
import { leastSquares } from './leastSquares.js';

test('a line through three points on it', () => {
  const rows = [0, 1, 2].map((x) => [1, x]);
  const found = leastSquares(rows, [1, 3, 5]);
  expect(found?.solution[0]).toBeCloseTo(1, 12);
  expect(found?.solution[1]).toBeCloseTo(2, 12);
});

// Reference: ml-matrix, a general-purpose linear algebra library (QR for the solution, its own inverse for the
// cofactors).
test('agrees with a general-purpose library on random problems, badly scaled ones too', () => {
  const luck = createRng('least squares');
  for (let trial = 0; trial < 200; trial += 1) {
    const unknowns = luck.whole(1, 5);
    const scales = Array.from({ length: unknowns }, () => 10 ** luck.between(-4, 4));
    const rows = Array.from({ length: unknowns + luck.whole(0, 12) }, () =>
      scales.map((scale) => scale * luck.normal()),
    );
    const right = rows.map(() => luck.normal());
    const found = leastSquares(rows, right);
    const a = new Matrix(rows);
    const reference = solve(a, Matrix.columnVector(right)).to1DArray();
    const cofactors = inverse(a.transpose().mmul(a)).to2DArray();
    for (const [i, x] of reference.entries()) {
      expect(Math.abs((found?.solution[i] ?? NaN) - x)).toBeLessThan(1e-6 * (Math.abs(x) + 1 / (scales[i] ?? 1)));
      for (const [j, cofactor] of (cofactors[i] ?? []).entries()) {
        const unit = 1 / ((scales[i] ?? 1) * (scales[j] ?? 1));
        expect(Math.abs((found?.cofactors[i]?.[j] ?? NaN) - cofactor)).toBeLessThan(1e-5 * (Math.abs(cofactor) + unit));
      }
    }
  }
});

test.each([
  ['fewer rows than unknowns', [[1, 2]], [1]],
  [
    'two columns that say the same',
    [
      [1, 2],
      [2, 4],
      [3, 6],
    ],
    [1, 2, 3],
  ],
  [
    'a column of nothing',
    [
      [1, 0],
      [2, 0],
    ],
    [1, 2],
  ],
  ['no rows', [], []],
])('%s decide nothing', (_, rows, right) => expect(leastSquares(rows, right)).toBeUndefined());

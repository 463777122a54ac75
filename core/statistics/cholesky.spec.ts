import fc from 'fast-check';
import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { factorize, substitute } from './cholesky.js';

/** Positive matrices of some size, with a right side. */
const systems = fc.integer({ min: 1, max: 6 }).chain((size) =>
  fc.record({
    size: fc.constant(size),
    of: fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: size * size, maxLength: size * size }),
    right: fc.array(fc.double({ min: -9, max: 9, noNaN: true }), { minLength: size, maxLength: size }),
  }),
);

test('factor and solution are those of a reference library (ml-matrix)', () => {
  fc.assert(
    fc.property(systems, ({ size, of, right }) => {
      const a = new Matrix(size, size).apply(function (i, j) {
        this.set(i, j, of[i * size + j] ?? 0);
      });
      const positive = a.mmul(a.transpose()).add(Matrix.eye(size));
      const ours = Float64Array.from(positive.to1DArray());
      expect(factorize(ours, size)).toBe(true);
      const theirs = new CholeskyDecomposition(positive);
      for (let i = 0; i < size; i += 1)
        for (let j = 0; j <= i; j += 1)
          expect(ours[i * size + j]).toBeCloseTo(theirs.lowerTriangularMatrix.get(i, j), 8);
      const solved = Float64Array.from(right);
      substitute(ours, size, solved);
      const wanted = theirs.solve(Matrix.columnVector(right)).to1DArray();
      for (const [i, x] of wanted.entries()) expect(solved[i]).toBeCloseTo(x, 8);
    }),
  );
});

test('one of several right sides that lie side by side', () => {
  const matrix = Float64Array.of(4, 2, 2, 5);
  factorize(matrix, 2);
  const right = Float64Array.of(0, 8, 0, 11);
  substitute(matrix, 2, right, 2, 1);
  expect([...right]).toEqual([0, 1.125, 0, 1.75]);
});

test.each([
  [1.001, true],
  [1, false],
  [0.999, false],
])('a second pivot of %d - 1 is positive: %s', (corner, positive) => {
  expect(factorize(Float64Array.of(1, 1, 1, corner), 2)).toBe(positive);
});

test('a least pivot refuses what is rounding noise, a floor lifts it', () => {
  expect(factorize(Float64Array.of(1, 1, 1, 1.1), 2, 0.1)).toBe(true);
  expect(factorize(Float64Array.of(1, 1, 1, 1.05), 2, 0.1)).toBe(false);
  const lifted = Float64Array.of(1, 1, 1, 1);
  expect(factorize(lifted, 2, 0, 0.25)).toBe(true);
  expect(lifted[3]).toBe(0.5);
});

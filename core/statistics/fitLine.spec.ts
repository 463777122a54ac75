import fc from 'fast-check';
import { linearRegression } from 'simple-statistics';
import { fitLine, uOfLine } from './fitLine.js';

// JCGM 100:2008, H.3, table H.6: corrections of a thermometer over its readings less 20 degrees C (from memory).
const THERMOMETER = [
  [1.521, -0.171],
  [2.012, -0.169],
  [2.512, -0.166],
  [3.003, -0.159],
  [3.507, -0.164],
  [3.999, -0.165],
  [4.513, -0.156],
  [5.002, -0.157],
  [5.503, -0.159],
  [6.01, -0.161],
  [6.511, -0.16],
] as const;

test('the worked example of the guide: a thermometer calibrated by a line', () => {
  const line = fitLine(THERMOMETER.map(([x, y]) => ({ x, y, u: 1 })));
  const s = Math.sqrt(line.chiSquared / (THERMOMETER.length - 2));
  expect(line.offset).toBeCloseTo(-0.1712, 4);
  expect(line.slope).toBeCloseTo(0.00218, 5);
  expect(s).toBeCloseTo(0.0035, 4);
  expect(s * line.uOffset).toBeCloseTo(0.0029, 4);
  expect(s * line.uSlope).toBeCloseTo(0.00067, 5);
  expect(line.covariance / (line.uOffset * line.uSlope)).toBeCloseTo(-0.93, 2);
  expect(line.offset + 10 * line.slope).toBeCloseTo(-0.1494, 4);
  expect(s * uOfLine(line, 10)).toBeCloseTo(0.0041, 4);
});

test('a weight of n is a point n times: the same line as a library finds', () => {
  const point = fc.record({
    x: fc.integer({ min: 0, max: 50 }),
    y: fc.integer({ min: -50, max: 50 }),
    n: fc.integer({ min: 1, max: 5 }),
  });
  fc.assert(
    fc.property(fc.uniqueArray(point, { minLength: 3, maxLength: 8, selector: ({ x }) => x }), (points) => {
      const line = fitLine(points.map(({ x, y, n }) => ({ x, y, u: 1 / Math.sqrt(n) })));
      const { m, b } = linearRegression(points.flatMap(({ x, y, n }) => Array.from({ length: n }, () => [x, y])));
      expect(line.slope).toBeCloseTo(m, 8);
      expect(line.offset).toBeCloseTo(b, 6);
    }),
  );
});

test('no line goes through one load, or through a point of no uncertainty', () => {
  expect(() => fitLine([{ x: 1, y: 1, u: 1 }])).toThrow(/two different loads/);
  expect(() => fitLine([{ x: 1, y: 1, u: 0 }])).toThrow(/uncertainty/);
});

import { thinPlate } from './thinPlate.js';

const at = (x: number, y: number) => ({ x, y });
const SIX = [at(0, 0), at(0.12, -0.04), at(0.41, -0.17), at(0.46, 0.13), at(0.73, 0.1), at(1, 0)];

test('what was only moved, turned and stretched is met exactly, whatever the stiffness', () => {
  const affine = ({ x, y }: { x: number; y: number }) => at(300 + 400 * x - 90 * y, 120 + 80 * x + 430 * y);
  for (const stiffness of [0, 0.1, 10]) {
    const map = thinPlate(SIX, SIX.map(affine), stiffness);
    for (const point of [...SIX, at(0.6, 0.05), at(0.9, -0.2)]) {
      expect(map?.(point.x, point.y).x).toBeCloseTo(affine(point).x, 6);
      expect(map?.(point.x, point.y).y).toBeCloseTo(affine(point).y, 6);
    }
  }
});

test('without stiffness it goes through every point, with it near them', () => {
  const bent = SIX.map(({ x, y }) => at(x, y + 0.05 * Math.sin(3 * x)));
  const through = thinPlate(SIX, bent);
  SIX.forEach(({ x, y }, i) => expect(through?.(x, y).y).toBeCloseTo(bent[i]?.y ?? NaN, 9));
  const stiff = thinPlate(SIX, bent, 1);
  const missed = SIX.map(({ x, y }, i) => Math.abs((stiff?.(x, y).y ?? NaN) - (bent[i]?.y ?? NaN)));
  expect(Math.max(...missed)).toBeGreaterThan(1e-3);
  expect(Math.max(...missed)).toBeLessThan(0.05);
});

// Bookstein (1989): the corners of a square, two opposite ones raised and two lowered, bend the plate most between
// them; the middle stays.
test('a saddle stays flat in its middle and along its axes', () => {
  const square = [at(0, 1), at(-1, 0), at(0, -1), at(1, 0)];
  const map = thinPlate(
    square,
    square.map(({ x, y }, i) => at(x + (i % 2 === 0 ? 0.1 : -0.1), y)),
  );
  expect(map?.(0, 0).x).toBeCloseTo(0, 9);
  expect(map?.(0.5, 0.5).x).toBeCloseTo(0.5, 9);
  expect(map?.(0, 1).x).toBeCloseTo(0.1, 9);
});

test('points on one line, or too few, decide nothing', () => {
  expect(thinPlate([at(0, 0), at(1, 1), at(2, 2), at(3, 3)], [at(0, 0), at(1, 1), at(2, 2), at(3, 3)])).toBeUndefined();
  expect(thinPlate([at(0, 0), at(1, 0)], [at(0, 0), at(1, 0)])).toBeUndefined();
});

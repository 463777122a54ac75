import { edgeDirection } from './edgeDirection.js';

test('the direction of a slope is that of the arc tangent, without its sign', () => {
  for (let i = 0; i < 720; i += 1) {
    const angle = ((i + 0.3) * Math.PI) / 360;
    const direction = edgeDirection(3 * Math.cos(angle), 3 * Math.sin(angle));
    const turn = (angle / Math.PI) % 1;
    const off = Math.abs(direction - turn);
    expect(Math.min(off, 1 - off)).toBeLessThan(1e-5);
    expect(direction).toBeGreaterThanOrEqual(0);
    expect(direction).toBeLessThan(1);
  }
  expect(edgeDirection(1, 0)).toBe(0);
  expect(edgeDirection(0, -2)).toBeCloseTo(0.5, 12);
  expect(edgeDirection(-1, 1e-12)).toBeLessThanOrEqual(1);
});

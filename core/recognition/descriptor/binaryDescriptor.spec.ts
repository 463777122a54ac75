import { createRng } from '../../statistics/rng.js';
import type { DescriptorLevel } from './descriptorLevel.js';
import { shiftBinaryDescriptor, binaryDescriptor, screenBinary, matchBinary } from './binaryDescriptor.js';

const [columns, rows] = [58, 30];

/** Blotches of a fish, moved by whole cells; a seventh of it is not known. */
function level(fish: string, along = 0, across = 0): DescriptorLevel {
  const luck = createRng(fish);
  const spots = Array.from({ length: 60 }, () => ({
    x: luck.between(-8, 66),
    y: luck.between(-6, 36),
    of: luck.normal(),
  }));
  const value = new Float32Array(columns * rows);
  const known = new Float32Array(columns * rows).fill(1);
  for (let y = 0; y < rows; y += 1) {
    for (let x = 0; x < columns; x += 1) {
      const at = y * columns + x;
      if (x % 14 < 2) known[at] = 0;
      else
        value[at] = spots.reduce(
          (sum, s) => sum + s.of * Math.exp(-((x - along - s.x) ** 2 + (y - across - s.y) ** 2) / 6),
          0,
        );
    }
  }
  return { columns, rows, value, known };
}

test('a fish is found again where it lies, and is more alike than any other', () => {
  const asked = shiftBinaryDescriptor(level('notch'));
  const { likeness, shift } = matchBinary(asked, binaryDescriptor(level('notch', 3, -2)));
  expect(Math.abs((shift[0] ?? 0) - 3)).toBeLessThan(0.7);
  expect(Math.abs((shift[6] ?? 0) + 2)).toBeLessThan(0.7);
  const others = Array.from(
    { length: 40 },
    (_, i) => matchBinary(asked, binaryDescriptor(level(`other ${i}`, 3, -2))).likeness,
  );
  expect(likeness).toBeGreaterThan(0.6);
  expect(Math.max(...others)).toBeLessThan(likeness - 0.1);
});

test('every other place only is enough to drop the least likely', () => {
  const asked = shiftBinaryDescriptor(level('notch'));
  const own = screenBinary(asked, binaryDescriptor(level('notch', 3, -1)));
  const above = Array.from({ length: 40 }, (_, i) => screenBinary(asked, binaryDescriptor(level(`other ${i}`)))).filter(
    (likeness) => likeness > own,
  );
  expect(above).toHaveLength(0);
});

test('itself is the most alike, a flank of which nothing is known is like nothing', () => {
  const one = level('notch');
  expect(matchBinary(shiftBinaryDescriptor(one), binaryDescriptor(one)).likeness).toBeGreaterThan(0.6);
  const blank = { ...one, known: new Float32Array(columns * rows) };
  expect(matchBinary(shiftBinaryDescriptor(one), binaryDescriptor(blank)).likeness).toBe(0);
});
